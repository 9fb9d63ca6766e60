package app.brasskettle.core.shaftvoltage;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.shaftvoltage.ShaftVoltageReadings.Remedy;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Two schools: the voltage of the shaft over 100 mV (rolling) or 200 mV (sleeve) calls for grounding; or the density of the
 * current through the contact, which holds to 0.1 and is watched to 0.8 A/mm².
 *
 * <p>An area that nobody entered is estimated as load over a mean contact pressure of 900 N/mm².
 */
public final class ShaftVoltageWorksheet {

    private static final double ROLLING_MV = 100;
    private static final double SLEEVE_MV = 200;
    private static final double DENSITY_HOLDS = 0.1;
    private static final double DENSITY_WATCH = 0.8;
    private static final double PRESSURE_N_PER_MM2 = 900;
    private static final String VOLTAGE_SOURCE = "Shop rule: 100 mV rolling, 200 mV sleeve, rms";
    private static final String CURRENT_SOURCE = "Shop rule: 0.1 holds, to 0.8 A/mm² watch, peak over contact area";

    private ShaftVoltageWorksheet() {}

    public static Worksheet<ShaftVoltageReadings, ShaftVoltageResult> create() {
        return new Worksheet<>(
                "shaft-voltage",
                "Shaft and bearing voltage",
                ShaftVoltageReadings.class,
                List.of("Shop rule, two schools"),
                ShaftVoltageWorksheet::work);
    }

    private static ShaftVoltageResult work(ShaftVoltageReadings test) {
        double bare = voltage(test, Remedy.NONE).orElseThrow();
        Optional<Double> estimated = test.bearingLoadN().map(n -> n / PRESSURE_N_PER_MM2);
        Optional<Double> area = test.contactAreaMm2().or(() -> estimated);
        Optional<Double> density = density(test, Remedy.NONE, area);
        List<ShaftVoltageResult.Change> changes = Arrays.stream(Remedy.values())
                .filter(r -> r != Remedy.NONE && voltage(test, r).isPresent())
                .map(r -> {
                    double with = voltage(test, r).orElseThrow();
                    return new ShaftVoltageResult.Change(
                            r, with, bare == 0 ? 0 : 100 * (with - bare) / bare, density(test, r, area));
                })
                .toList();
        boolean estimate = test.contactAreaMm2().isEmpty() && area.isPresent();
        List<Step> steps = new ArrayList<>();
        if (estimate) {
            steps.add(new Step(
                    "contact area",
                    "F/p",
                    "F/900, estimated",
                    area.orElseThrow(),
                    "mm²",
                    "Mean contact pressure 900 N/mm²"));
        }
        density.ifPresent(d -> steps.add(new Step("density", "I peak/A", "", d, "A/mm²", CURRENT_SOURCE)));
        Judgement voltage = byVoltage(test, bare, changes);
        ShaftVoltageResult result = new ShaftVoltageResult(
                bare,
                density,
                area,
                estimate,
                changes,
                voltage,
                byCurrent(density, estimate, changes),
                voltage,
                List.copyOf(steps));
        return result.decidedBy(voltage);
    }

    private static Optional<Double> voltage(ShaftVoltageReadings test, Remedy remedy) {
        return boxed(test.readings().stream()
                .filter(r -> r.remedy() == remedy)
                .mapToDouble(ShaftVoltageReadings.Reading::shaftMillivolt)
                .max());
    }

    private static Optional<Double> density(ShaftVoltageReadings test, Remedy remedy, Optional<Double> area) {
        Optional<Double> peak = boxed(test.readings().stream()
                .filter(r -> r.remedy() == remedy)
                .flatMap(r -> r.bearingPeakA().stream())
                .mapToDouble(a -> a)
                .max());
        return peak.flatMap(p -> area.map(a -> p / a));
    }

    private static Optional<Double> boxed(OptionalDouble value) {
        return value.isPresent() ? Optional.of(value.getAsDouble()) : Optional.empty();
    }

    private static Judgement byVoltage(
            ShaftVoltageReadings test, double bare, List<ShaftVoltageResult.Change> changes) {
        double limit = test.bearing() == ShaftVoltageReadings.BearingKind.ROLLING ? ROLLING_MV : SLEEVE_MV;
        String figures = "Shaft " + Figures.plain(bare) + " mV to the frame, limit " + Figures.plain(limit);
        if (!Limit.over(bare, limit)) {
            return new Judgement(Verdict.HOLDS, figures, remedies(changes), VOLTAGE_SOURCE, "Nothing to do.");
        }
        if (test.supply() == ShaftVoltageReadings.Supply.MAINS) {
            return new Judgement(
                    Verdict.WATCH,
                    figures,
                    "On mains a high voltage alone is no verdict" + and(changes),
                    VOLTAGE_SOURCE,
                    "Measure the current through the bearing.");
        }
        boolean cured = changes.stream().anyMatch(c -> !Limit.over(c.shaftMillivolt(), limit));
        return new Judgement(
                cured ? Verdict.WATCH : Verdict.STOP,
                figures,
                remedies(changes),
                VOLTAGE_SOURCE,
                cured ? "Fit the remedy for good." : "Ground the shaft, and measure again.");
    }

    private static Judgement byCurrent(
            Optional<Double> density, boolean estimate, List<ShaftVoltageResult.Change> changes) {
        if (density.isEmpty()) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    "No current through the bearing on record, or no contact area",
                    "",
                    CURRENT_SOURCE,
                    "Measure the peak and enter area or load.");
        }
        Verdict verdict = Limit.ceiling(density.get(), DENSITY_HOLDS, DENSITY_WATCH);
        boolean cured =
                changes.stream().flatMap(c -> c.densityAPerMm2().stream()).anyMatch(d -> !Limit.over(d, DENSITY_HOLDS));
        return new Judgement(
                verdict,
                "Through the bearing " + Figures.plain(density.get()) + " A/mm² (holds to 0.1, watch to 0.8)",
                (estimate ? "The contact area is an estimate" : "") + (estimate ? and(changes) : remedies(changes)),
                CURRENT_SOURCE,
                verdict == Verdict.HOLDS
                        ? "Races are safe at this current."
                        : cured
                                ? "Fit the remedy that brought it under 0.1."
                                : "Insulated bearing, grounding or common-mode cores.");
    }

    private static String and(List<ShaftVoltageResult.Change> changes) {
        return changes.isEmpty() ? "" : "; " + remedies(changes);
    }

    private static String remedies(List<ShaftVoltageResult.Change> changes) {
        return String.join(
                "; ",
                changes.stream()
                        .map(c -> "with " + c.remedy().label() + " "
                                + Figures.plain(c.shaftMillivolt()) + " mV ("
                                + (c.voltageChangePercent() > 0 ? "+" : "") + Figures.percent(c.voltageChangePercent())
                                + ")")
                        .toList());
    }
}
