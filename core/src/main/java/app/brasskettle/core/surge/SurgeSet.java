package app.brasskettle.core.surge;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.resistance.Pair;
import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.Samples;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * Three traces, one per lead, each taken with that lead pulsed and the other two grounded.
 *
 * @param sampleIntervalS time between samples
 * @param traceA lead A pulsed
 * @param traceB lead B pulsed
 * @param traceC lead C pulsed
 * @param connection how the phases are joined
 * @param rotorFitted true with the rotor in its bore
 */
public record SurgeSet(
        double sampleIntervalS,
        Samples traceA,
        Samples traceB,
        Samples traceC,
        Connection connection,
        boolean rotorFitted) {

    /** Sample clocks closer than this draw one time axis. */
    private static final double SAME_CLOCK = 0.001;

    public SurgeSet {
        Problems problems = new Problems();
        problems.present("traceA", traceA);
        problems.present("traceB", traceB);
        problems.present("traceC", traceC);
        problems.present("connection", connection);
        problems.throwIfAny();
    }

    /** The three pair comparisons and what they say together. */
    public record Outcome(Map<Pair, SurgeResult> pairs, Optional<String> suspect, Judgement judgement)
            implements Judged {}

    public Outcome compare(SurgeLimits limits) {
        var sheet = SurgeWorksheet.create(limits);
        Map<Pair, SurgeResult> results = new LinkedHashMap<>();
        for (Pair pair : Pair.values()) {
            results.put(
                    pair,
                    sheet.work()
                            .apply(new SurgePair(
                                    sampleIntervalS,
                                    first(pair),
                                    second(pair),
                                    SurgeKind.PHASE_TO_PHASE,
                                    rotorFitted)));
        }
        Verdict worst = Verdict.worst(
                results.values().stream().map(SurgeResult::verdict).toList());
        Map.Entry<Pair, SurgeResult> widest = results.entrySet().stream()
                .max(Comparator.comparingDouble(e -> e.getValue().differencePercent()))
                .orElseThrow();
        Optional<String> suspect =
                worst == Verdict.STOP || worst == Verdict.WATCH ? Optional.of(suspect(results)) : Optional.empty();
        return new Outcome(results, suspect, judge(worst, widest, suspect, results));
    }

    /**
     * Each lead's trace against its trace in {@code earlier}, both scaled to their peaks as pulse against pulse is; empty where
     * the two were not digitised alike, or one had its rotor in and the other out.
     */
    public Map<SurgeRise.Lead, SurgeResult> against(SurgeSet earlier, SurgeLimits limits) {
        boolean alike = rotorFitted == earlier.rotorFitted
                && traceA.size() == earlier.traceA.size()
                && Math.abs(sampleIntervalS / earlier.sampleIntervalS - 1) < SAME_CLOCK;
        Map<SurgeRise.Lead, SurgeResult> results = new EnumMap<>(SurgeRise.Lead.class);
        if (alike) {
            for (SurgeRise.Lead lead : SurgeRise.Lead.values()) {
                results.put(
                        lead,
                        SurgeWorksheet.create(limits)
                                .work()
                                .apply(new SurgePair(
                                        sampleIntervalS,
                                        earlier.of(lead),
                                        of(lead),
                                        SurgeKind.PULSE_TO_PULSE,
                                        rotorFitted)));
            }
        }
        return results;
    }

    private Samples of(SurgeRise.Lead lead) {
        return switch (lead) {
            case A -> traceA;
            case B -> traceB;
            case C -> traceC;
        };
    }

    private Judgement judge(
            Verdict worst,
            Map.Entry<Pair, SurgeResult> widest,
            Optional<String> suspect,
            Map<Pair, SurgeResult> results) {
        Judgement own = results.values().stream()
                .filter(r -> r.verdict() == worst)
                .max(Comparator.comparingDouble(SurgeResult::differencePercent))
                .orElseThrow()
                .judgement();
        String figures = widest.getKey().spoken() + " differ by "
                + Figures.percent(widest.getValue().differencePercent()) + ", limit "
                + Figures.percent(widest.getValue().limitPercent());
        String headline = suspect.map(s -> s + ": " + figures).orElse("All three alike: " + figures);
        if (worst == Verdict.UNPROVEN) {
            headline = "A trace barely rings: " + figures;
        }
        return new Judgement(worst, headline, own.because(), own.source(), own.next());
    }

    /**
     * Who is odd. In wye the odd trace is the lead of the faulty phase; in delta a fault between two leads alters those
     * two alike, and the odd trace is the lead that does not touch it; with the connection unknown only leads can be named.
     */
    private String suspect(Map<Pair, SurgeResult> results) {
        Pair closest = Arrays.stream(Pair.values())
                .min(Comparator.comparingDouble(p -> results.get(p).differencePercent()))
                .orElseThrow();
        char odd = switch (closest) {
            case AB -> 'C';
            case BC -> 'A';
            case CA -> 'B';
        };
        return switch (connection) {
            case WYE -> "Phase " + odd + " is the odd one";
            case DELTA ->
                "The phase between " + closest.name().charAt(0) + " and "
                        + closest.name().charAt(1) + " is suspect (trace " + odd + " stands apart)";
            case UNKNOWN -> "Lead " + odd + " stands apart";
        };
    }

    private Samples first(Pair pair) {
        return switch (pair) {
            case AB -> traceA;
            case BC -> traceB;
            case CA -> traceC;
        };
    }

    private Samples second(Pair pair) {
        return switch (pair) {
            case AB -> traceB;
            case BC -> traceC;
            case CA -> traceA;
        };
    }
}
