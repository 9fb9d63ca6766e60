package app.brasskettle.core.surge;

import app.brasskettle.core.resistance.Pair;
import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Coded;
import java.util.Map;
import java.util.Optional;

/**
 * Three traces compared, and what they say together.
 *
 * @param pairs each pair of traces
 * @param suspect who is odd, in a sentence
 * @param odd the lead whose trace is least like the other two
 * @param timesLimit the widest figure over its limit; 1 at the limit
 * @param finding what kind of difference it is
 * @param judgement the word with its reasons
 */
public record SurgeOutcome(
        Map<Pair, SurgeResult> pairs,
        Optional<String> suspect,
        SurgeRise.Lead odd,
        double timesLimit,
        Finding finding,
        Judgement judgement)
        implements Judged {

    /** Largest difference between two phases, in percent; empty where no two could be compared. */
    public Optional<Double> largestDifferencePercent() {
        return pairs.values().stream().map(SurgeResult::differencePercent).max(Double::compare);
    }

    /** What kind of difference traces show. */
    public enum Finding implements Coded {
        ALIKE,
        /** Over the limit. */
        DIFFERENT,
        /** Over twice the limit with the rotor out. */
        TURN_SHORT,
        /** Over the limit with the rotor in, and under twice the limit. */
        ROTOR_OR_WINDING,
        /** Far over it with the rotor in: an uneven rotor can do it, and so can shorted turns. */
        UNSETTLED,
        /** One phase has more inductance and loses no more: coils unlike by construction. */
        UNLIKE_COILS,
        BARELY_RINGS
    }

    /** Tells whether turns are shorted beyond doubt. */
    public boolean turnShort() {
        return finding == Finding.TURN_SHORT;
    }

    /** Tells whether only another rotor position, or the rotor out, can say what it is. */
    public boolean unsettled() {
        return finding == Finding.UNSETTLED;
    }

    /** The same figures judged in other words, as a shop's own limits ask. */
    public SurgeOutcome judgedAs(Judgement other) {
        return new SurgeOutcome(pairs, suspect, odd, timesLimit, finding, other);
    }

    SurgeOutcome found(Finding other, Judgement by) {
        return new SurgeOutcome(pairs, suspect, odd, timesLimit, other, by);
    }
}
