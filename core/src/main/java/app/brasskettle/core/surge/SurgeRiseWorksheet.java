package app.brasskettle.core.surge;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Pulse against pulse at rising voltage on one lead: an abrupt change is turn insulation letting go. */
public final class SurgeRiseWorksheet {

    private static final String SOURCE = "IEEE Std 522; pulse to pulse by shop practice";

    private SurgeRiseWorksheet() {}

    public static Worksheet<SurgeRise, SurgeRiseResult> create(SurgeLimits limits) {
        return new Worksheet<>(
                "surge-rise",
                "Surge, pulse against pulse",
                SurgeRise.class,
                List.of("IEEE Std 522"),
                rise -> work(rise, limits));
    }

    private static SurgeRiseResult work(SurgeRise rise, SurgeLimits limits) {
        List<SurgeRiseResult.Rung> rungs = new ArrayList<>();
        for (SurgeRise.Lead lead : SurgeRise.Lead.values()) {
            List<SurgeRise.Pulse> own = SurgeRise.of(rise.pulses(), lead);
            for (int i = 1; i < own.size(); i++) {
                rungs.add(rung(rise, own.get(i - 1), own.get(i), limits));
            }
        }
        double limit = limits.pulseDifference();
        double widest = rungs.stream()
                .mapToDouble(SurgeRiseResult.Rung::differencePercent)
                .max()
                .orElse(0);
        Optional<SurgeRiseResult.Rung> gave =
                rungs.stream().filter(r -> !r.inside()).min(Comparator.comparingDouble(SurgeRiseResult.Rung::fromV));
        double top = rise.pulses().stream()
                .mapToDouble(SurgeRise.Pulse::peakVoltageV)
                .max()
                .orElseThrow();
        return new SurgeRiseResult(
                List.copyOf(rungs),
                widest,
                limit,
                gave.map(SurgeRiseResult.Rung::fromV),
                judge(gave, widest, limit, top, rungs));
    }

    private static SurgeRiseResult.Rung rung(
            SurgeRise rise, SurgeRise.Pulse before, SurgeRise.Pulse after, SurgeLimits limits) {
        SurgeResult compared = SurgeWorksheet.create(limits)
                .work()
                .apply(new SurgePair(
                        rise.sampleIntervalS(),
                        before.trace(),
                        after.trace(),
                        SurgeKind.PULSE_TO_PULSE,
                        rise.rotorFitted()));
        return new SurgeRiseResult.Rung(
                after.lead(),
                before.peakVoltageV(),
                after.peakVoltageV(),
                compared.differencePercent(),
                compared.frequencyShiftPercent(),
                compared.verdict() != Verdict.STOP);
    }

    private static Judgement judge(
            Optional<SurgeRiseResult.Rung> gave,
            double widest,
            double limit,
            double top,
            List<SurgeRiseResult.Rung> rungs) {
        String figures = "widest step " + Figures.percent(widest) + ", limit " + Figures.percent(limit);
        if (rungs.isEmpty()) {
            return new Judgement(
                    Verdict.UNPROVEN, "One pulse on each lead says nothing", "", SOURCE, "Raise the voltage in steps.");
        }
        if (gave.isPresent()) {
            SurgeRiseResult.Rung g = gave.get();
            return new Judgement(
                    Verdict.STOP,
                    "Lead " + g.lead().name() + " lets go between " + Figures.plain(g.fromV()) + " and "
                            + Figures.plain(g.toV()) + " V: " + figures,
                    "An abrupt change at rising voltage is turn insulation letting go",
                    SOURCE,
                    "No power, and no more pulses. Find the weak turns.");
        }
        boolean rings = rungs.stream().allMatch(r -> r.shiftPercent().isPresent());
        return rings
                ? new Judgement(
                        Verdict.HOLDS,
                        "Stands rising pulses to " + Figures.plain(top) + " V: " + figures,
                        "",
                        SOURCE,
                        "Take insulation to frame once more.")
                : new Judgement(
                        Verdict.UNPROVEN, "A trace barely rings: " + figures, "", SOURCE, "Pull the rotor and repeat.");
    }
}
