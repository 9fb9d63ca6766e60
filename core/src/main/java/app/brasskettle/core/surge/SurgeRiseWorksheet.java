package app.brasskettle.core.surge;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Pulse against pulse at rising voltage on one lead: an abrupt change is turn insulation letting go. */
public final class SurgeRiseWorksheet {

    /** Leads that differ less than this between themselves at one step change alike. */
    private static final double DRIFT_ALIKE_PERCENT = 2;

    private static final double DRIFT_ALIKE_SHIFT_PERCENT = 1;
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
        Optional<SurgeRiseResult.Rung> gave = rungs.stream()
                .filter(r -> !r.inside() && !driftsAlike(r, rungs))
                .min(Comparator.comparingDouble(SurgeRiseResult.Rung::fromV));
        Optional<SurgeOutcome> leads = leads(rise, limits);
        double top = rise.pulses().stream()
                .mapToDouble(SurgeRise.Pulse::peakVoltageV)
                .max()
                .orElseThrow();
        return new SurgeRiseResult(
                List.copyOf(rungs),
                widest,
                limit,
                gave.map(SurgeRiseResult.Rung::fromV),
                judge(gave, leads, widest, limit, top, rungs));
    }

    /** Whether the other two leads change as much at the same step: that is the iron, not the insulation of one phase. */
    private static boolean driftsAlike(SurgeRiseResult.Rung rung, List<SurgeRiseResult.Rung> all) {
        List<SurgeRiseResult.Rung> same = all.stream()
                .filter(r -> r.fromV() == rung.fromV() && r.toV() == rung.toV())
                .toList();
        return same.size() == SurgeRise.Lead.values().length
                && spread(same.stream()
                                .mapToDouble(SurgeRiseResult.Rung::differencePercent)
                                .toArray())
                        <= DRIFT_ALIKE_PERCENT
                && same.stream().allMatch(r -> r.shiftPercent().isPresent())
                && spread(same.stream()
                                .mapToDouble(r -> r.shiftPercent().orElseThrow())
                                .toArray())
                        <= DRIFT_ALIKE_SHIFT_PERCENT;
    }

    private static double spread(double[] values) {
        return Arrays.stream(values).max().orElse(0)
                - Arrays.stream(values).min().orElse(0);
    }

    /** The lowest pulse that all three leads had, lead against lead: one shorted from the first pulse never jumps. */
    private static Optional<SurgeOutcome> leads(SurgeRise rise, SurgeLimits limits) {
        Map<SurgeRise.Lead, SurgeRise.Pulse> lowest = new EnumMap<>(SurgeRise.Lead.class);
        for (SurgeRise.Pulse pulse : rise.pulses()) {
            lowest.merge(pulse.lead(), pulse, (a, b) -> a.peakVoltageV() <= b.peakVoltageV() ? a : b);
        }
        boolean comparable = lowest.size() == SurgeRise.Lead.values().length
                && lowest.values().stream()
                                .map(p -> p.trace().size())
                                .distinct()
                                .count()
                        == 1;
        return comparable
                ? Optional.of(new SurgeSet(
                                rise.sampleIntervalS(),
                                lowest.get(SurgeRise.Lead.A).trace(),
                                lowest.get(SurgeRise.Lead.B).trace(),
                                lowest.get(SurgeRise.Lead.C).trace(),
                                rise.connection().orElse(Connection.UNKNOWN),
                                rise.rotorFitted(),
                                Optional.empty())
                        .compare(limits))
                : Optional.empty();
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
            Optional<SurgeOutcome> leads,
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
        // Coils unlike by construction differ from the first pulse on; whether they stand rising pulses is what is
        // asked here.
        boolean byConstruction = leads.filter(o -> o.finding() == SurgeOutcome.Finding.UNLIKE_COILS)
                .isPresent();
        Optional<Judgement> unlike = leads.filter(o -> !byConstruction)
                .map(SurgeOutcome::judgement)
                .filter(j -> j.verdict() != Verdict.HOLDS && j.verdict() != Verdict.WATCH);
        if (unlike.isPresent()) {
            return new Judgement(
                    unlike.get().verdict(),
                    "From the first pulse on, lead against lead: "
                            + unlike.get().headline(),
                    unlike.get().because(),
                    SOURCE,
                    unlike.get().next());
        }
        if (rungs.stream().anyMatch(r -> !r.inside())) {
            return new Judgement(
                    Verdict.WATCH,
                    "All three leads change alike as the voltage rises: " + figures,
                    "What changes on all leads alike is the iron, not the insulation of a phase",
                    SOURCE,
                    "Repeat with the rotor out if it was in.");
        }
        boolean rings = rungs.stream().allMatch(r -> r.shiftPercent().isPresent());
        return rings
                ? new Judgement(
                        Verdict.HOLDS,
                        "Stands rising pulses to " + Figures.plain(top) + " V: " + figures,
                        byConstruction ? "Leads unlike by construction, each as it was at the pulse before" : "",
                        SOURCE,
                        "Take insulation to frame once more.")
                : new Judgement(
                        Verdict.UNPROVEN, "A trace barely rings: " + figures, "", SOURCE, "Pull the rotor and repeat.");
    }
}
