package app.brasskettle.core.energise;

import app.brasskettle.core.surge.SurgeRise;
import app.brasskettle.core.surge.SurgeRiseResult;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.StopState;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.withstand.StepVoltageReadings;
import app.brasskettle.core.withstand.WithstandRecord;
import app.brasskettle.core.work.TestGroup;
import java.util.List;
import java.util.Optional;

/**
 * Breakdowns of the present winding. One is answered by a repair on record and, after it, the same test at its own level; a
 * gentler test, or the same one without a repair, answers nothing.
 */
final class Breakdowns {

    private static final double DIRECT_OVER_ALTERNATING = 1.7;

    private Breakdowns() {}

    /** Says, a sentence each, which breakdowns nothing has answered. */
    static List<String> unanswered(GateFacts facts) {
        return facts.tests().all().stream()
                .filter(t -> t.stopState() != StopState.NONE && !t.test().corrected())
                .filter(t -> brokeAtV(t).isPresent() && !answered(t, facts))
                .map(t -> t.kind().label() + ": " + t.own().headline())
                .distinct()
                .toList();
    }

    /** Voltage at which it broke down, in the same kind of volts that {@link #stoodV} gives; empty where it did not. */
    private static Optional<Double> brokeAtV(JudgedTest test) {
        if (test.own().verdict() != Verdict.STOP) {
            return Optional.empty();
        }
        if (test.kind().group() == TestGroup.PROOF) {
            return Optional.of(stoodV(test));
        }
        return test.result(SurgeRiseResult.class).map(r -> r.letsGoAboveV().orElseGet(() -> stoodV(test)));
    }

    private static double stoodV(JudgedTest test) {
        Record input = test.test().input();
        if (input instanceof WithstandRecord w) {
            return w.supply() == WithstandRecord.Supply.DIRECT
                    ? w.appliedVoltageV() / DIRECT_OVER_ALTERNATING
                    : w.appliedVoltageV();
        }
        if (input instanceof StepVoltageReadings s) {
            return s.steps().get(s.steps().size() - 1).voltageV();
        }
        return ((SurgeRise) input)
                .pulses().stream()
                        .mapToDouble(SurgeRise.Pulse::peakVoltageV)
                        .max()
                        .orElse(0);
    }

    private static boolean answered(JudgedTest breakdown, GateFacts facts) {
        double level = brokeAtV(breakdown).orElseThrow();
        return facts.works().stream()
                .filter(w -> breakdown.stop().fault().fits(w) && w.at() > breakdown.at())
                .anyMatch(repair -> facts.tests()
                        .current(breakdown.kind(), breakdown.speed())
                        .filter(t -> t.at() > repair.at() && t.proves())
                        .filter(t -> t.verdict() == Verdict.HOLDS || t.verdict() == Verdict.WATCH)
                        .filter(t -> !Limit.under(stoodV(t), level))
                        .isPresent());
    }
}
