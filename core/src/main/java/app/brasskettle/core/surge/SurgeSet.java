package app.brasskettle.core.surge;

import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.Samples;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Three traces, one per lead, each taken with that lead pulsed and the other two grounded.
 *
 * @param sampleIntervalS time between samples
 * @param traceA lead A pulsed
 * @param traceB lead B pulsed
 * @param traceC lead C pulsed
 * @param connection how the phases are joined
 * @param rotorFitted true with the rotor in its bore
 * @param rotorAngleDegrees where the shaft stood, from any mark, with the rotor in
 */
public record SurgeSet(
        double sampleIntervalS,
        Samples traceA,
        Samples traceB,
        Samples traceC,
        Connection connection,
        boolean rotorFitted,
        Optional<Double> rotorAngleDegrees) {

    /** Sample clocks closer than this draw one time axis. */
    private static final double SAME_CLOCK = 0.001;

    public SurgeSet {
        rotorAngleDegrees = Problems.orEmpty(rotorAngleDegrees);
        Problems problems = new Problems();
        problems.present("traceA", traceA);
        problems.present("traceB", traceB);
        problems.present("traceC", traceC);
        problems.present("connection", connection);
        rotorAngleDegrees.ifPresent(a -> {
            if (problems.number("rotorAngleDegrees", a, "°") && !rotorFitted) {
                problems.add(
                        "rotorAngleDegrees",
                        Problem.Code.CONTRADICTION,
                        "rotorAngleDegrees is given, yet the rotor is out");
            }
        });
        problems.throwIfAny();
    }

    /**
     * Compares the three traces pair by pair, triggers aligned and peaks scaled, and judges them together.
     *
     * @param limits in percent
     */
    public SurgeOutcome compare(SurgeLimits limits) {
        return SurgeComparison.of(this, limits);
    }

    /**
     * Each lead's trace against its trace in {@code earlier}, triggers aligned and both scaled to their peaks as pulse against pulse is; empty where
     * the two were not digitised alike, or one had its rotor in and the other out.
     */
    public Map<SurgeRise.Lead, SurgeResult> against(SurgeSet earlier, SurgeLimits limits) {
        boolean alike = rotorFitted == earlier.rotorFitted
                && traceA.size() == earlier.traceA.size()
                && Math.abs(sampleIntervalS / earlier.sampleIntervalS - 1) < SAME_CLOCK;
        Map<SurgeRise.Lead, SurgeResult> results = new EnumMap<>(SurgeRise.Lead.class);
        if (alike) {
            for (SurgeRise.Lead lead : SurgeRise.Lead.values()) {
                List<Samples> comparable = SurgeTraces.comparable(List.of(earlier.of(lead), of(lead)), sampleIntervalS);
                results.put(
                        lead,
                        SurgeWorksheet.create(limits)
                                .work()
                                .apply(new SurgePair(
                                        sampleIntervalS,
                                        comparable.get(0),
                                        comparable.get(1),
                                        SurgeKind.PULSE_TO_PULSE,
                                        rotorFitted)));
            }
        }
        return results;
    }

    /** The same traces joined to other leads, in each other order. */
    Stream<SurgeSet> leadsChangedOver() {
        return Stream.of(
                        List.of(traceA, traceC, traceB),
                        List.of(traceB, traceA, traceC),
                        List.of(traceC, traceB, traceA),
                        List.of(traceB, traceC, traceA),
                        List.of(traceC, traceA, traceB))
                .map(t -> new SurgeSet(
                        sampleIntervalS, t.get(0), t.get(1), t.get(2), connection, rotorFitted, rotorAngleDegrees));
    }

    Samples of(SurgeRise.Lead lead) {
        return switch (lead) {
            case A -> traceA;
            case B -> traceB;
            case C -> traceC;
        };
    }
}
