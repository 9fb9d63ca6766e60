package app.brasskettle.core.heating;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.winding.Copper;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;

/** Adiabatic heating of copper: t = δc/(J²·ρ20·α)·ln[(1 + α(T2 − 20))/(1 + α(T1 − 20))]. */
public final class StallHeatingWorksheet {

    private static final double COPPER_J_PER_KG_K = 385;
    private static final double A_PER_M2 = 1e6;
    private static final String SOURCE = "Heat balance of copper, IEC 60028";

    private StallHeatingWorksheet() {}

    public static Worksheet<Stall, StallHeating> create() {
        return new Worksheet<>(
                "stall-heating", "Stalled: how long", Stall.class, List.of("IEC 60028"), StallHeatingWorksheet::work);
    }

    private static StallHeating work(Stall stall) {
        double density = stall.currentDensityAPerMm2() * stall.lockedRotorRatio() * A_PER_M2;
        double heat = Copper.KG_PER_M3 * COPPER_J_PER_KG_K;
        double start = 1 + Copper.PER_K * (stall.startTemperatureC() - 20);
        double end = 1 + Copper.PER_K * (stall.limitTemperatureC() - 20);
        double loss = density * density * Copper.OHM_M_AT_20C;
        double rate = loss * start / heat;
        double seconds = heat / (loss * Copper.PER_K) * Math.log(end / start);
        return new StallHeating(
                rate,
                seconds,
                List.of(
                        new Step(
                                "density stalled",
                                "J·I/In",
                                Figures.plain(stall.currentDensityAPerMm2()) + "·"
                                        + Figures.plain(stall.lockedRotorRatio()),
                                density / A_PER_M2,
                                "A/mm²",
                                SOURCE),
                        new Step("rise at the start", "J²ρ(T1)/(δc)", "", rate, "K/s", SOURCE),
                        new Step(
                                "time to the limit",
                                "δc/(J²ρ20α)·ln[(1 + α(T2 − 20))/(1 + α(T1 − 20))]",
                                Figures.plain(stall.startTemperatureC()) + " to "
                                        + Figures.plain(stall.limitTemperatureC()) + " °C",
                                seconds,
                                "s",
                                SOURCE)));
    }
}
