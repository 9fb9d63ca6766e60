package app.brasskettle.core.turningfield;

import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.winding.Magnetics;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.worksheet.Step;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;

/**
 * The voltage for the turning field of a bare stator, and what it draws there, estimated from its winding.
 *
 * <p>A stator without its rotor is resistance, leakage of slots and overhangs, and a field that crosses the open bore. The field of
 * {@code p} pole pairs meets there what a gap of {@code D/2p} would put in its way. Leakage is estimated by usual shapes of slot and
 * overhang and was held against no real stator: it says where to begin, and no test is judged by it.
 *
 * @param name what the connection is for
 * @param poles poles of the field
 * @param voltageV voltage between lines to apply
 * @param currentA current of a line there
 * @param ratedCurrentA current of a line by the plate
 * @param phaseOhm impedance of a phase
 * @param steps the arithmetic
 */
public record LowVoltagePlan(
        String name,
        int poles,
        double voltageV,
        double currentA,
        double ratedCurrentA,
        double phaseOhm,
        List<Step> steps) {

    /** Of the current by the plate: cool for some minutes, and enough to turn a dummy rotor. */
    private static final double SHARE = 0.4;

    private static final double MU_0 = 4e-7 * Math.PI;
    private static final double SLOT_PERMEANCE = 1.4;
    private static final double OVERHANG_PERMEANCE = 0.3;
    private static final String SOURCE = "Classical machine theory; usual shapes of slot and overhang";

    /**
     * Plans it for one connection of a winding.
     *
     * @param w the winding
     * @param c the connection, proved by its diagram
     * @param terminalOhm resistance between two of its terminals, 25 °C
     * @param ratedCurrentA current of a line by the plate
     * @return empty where the connection has no proof
     */
    public static Optional<LowVoltagePlan> of(
            WindingData w, ConnectionDiagram.Connection c, double terminalOhm, double ratedCurrentA) {
        return c.proof().distributionPercent().map(d -> {
            double factor = d / 100 * Math.abs(GroupRing.pitchFactor(w.spanSlots(), c.poles(), w.slots()));
            double turns = Magnetics.of(w, c.poles(), c.connection(), c.parallelCircuits(), factor)
                    .seriesTurns();
            return planned(w, c, factor, turns, terminalOhm, ratedCurrentA);
        });
    }

    private static LowVoltagePlan planned(
            WindingData w,
            ConnectionDiagram.Connection c,
            double factor,
            double turns,
            double terminalOhm,
            double ratedA) {
        double pairs = c.poles() / 2.0;
        double omega = 2 * Math.PI * w.frequencyHz();
        double slotsPerBelt = w.slots() / (6 * pairs);
        double overhangM = Math.max(0, w.meanTurnLengthM() / 2 - w.coreLengthM());
        double bore = omega * 6 * MU_0 * w.coreLengthM() * Math.pow(factor * turns, 2) / (Math.PI * pairs);
        double slot = omega * 2 * MU_0 * w.coreLengthM() * turns * turns * SLOT_PERMEANCE / (pairs * slotsPerBelt);
        double overhang = omega * 2 * MU_0 * overhangM * turns * turns * OVERHANG_PERMEANCE / pairs;
        boolean wye = c.connection() == WindingConnection.WYE;
        double ohm = terminalOhm * (wye ? 0.5 : 1.5);
        double phase = Math.hypot(ohm, bore + slot + overhang);
        double perAmpere = wye ? Math.sqrt(3) * phase : phase / Math.sqrt(3);
        double volts = BigDecimal.valueOf(SHARE * ratedA * perAmpere)
                .round(new MathContext(2, RoundingMode.DOWN))
                .doubleValue();
        return new LowVoltagePlan(
                c.name(),
                c.poles(),
                volts,
                volts / perAmpere,
                ratedA,
                phase,
                List.of(
                        new Step("bore", "ω·6·µ0·l·(kw·N)² / (π·p)", given(w, turns, factor), bore, "Ω", SOURCE),
                        new Step("slots", "ω·2·µ0·l·N²·1.4 / (p·q)", "", slot, "Ω", SOURCE),
                        new Step("overhangs", "ω·2·µ0·lo·N²·0.3 / p", "", overhang, "Ω", SOURCE),
                        new Step("phase", "√(R² + X²)", "R " + Figures.significant(ohm, 3), phase, "Ω", SOURCE),
                        new Step("voltage", "0.4 of the plate’s current", "", volts, "V", SOURCE)));
    }

    private static String given(WindingData w, double turns, double factor) {
        return "l " + Figures.significant(w.coreLengthM(), 3) + " m, N " + Figures.significant(turns, 4) + ", kw "
                + Figures.significant(factor, 3);
    }
}
