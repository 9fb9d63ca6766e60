package app.brasskettle.core.testrecord;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.testkind.StopRule;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;

/**
 * A test on record with its one effective judgement. Ledger, stations, gates, evidence, choice, report, passport and file read
 * this and nothing else.
 *
 * @param test as it was recorded
 * @param result what was computed of its readings by the plate that stands now
 * @param own the shop's judgement of the readings alone
 * @param other the other school's, where there is one
 * @param effective the judgement that stands: {@code own} and what became of it
 * @param unaged the same before work done since let it grow old: what it was worth when it was taken
 * @param caveats what became of it, in doubt first
 * @param stop what a Stop of it does to energising
 * @param evidence what it says about the cause
 * @param stopState what became of the Stop it found
 * @param proves true when a gate of this shop may rest on it while nothing has taken its place
 */
public record JudgedTest(
        RecordedTest test,
        Object result,
        Judgement own,
        Optional<Judgement> other,
        Judgement effective,
        Judgement unaged,
        List<Caveat> caveats,
        StopRule stop,
        List<Evidence> evidence,
        StopState stopState,
        boolean proves) {

    public TestKind kind() {
        return test.kind();
    }

    public int speed() {
        return test.speed();
    }

    public double at() {
        return test.at();
    }

    public String step() {
        return test.step();
    }

    /** The word that stands. */
    public Verdict verdict() {
        return effective.verdict();
    }

    /** Tells whether that became of it. */
    public boolean has(Caveat.Kind kind) {
        return caveats.stream().anyMatch(c -> c.kind() == kind);
    }

    /** Tells whether it was made on the winding, and for the motor, that stand there now, and nothing took its place. */
    public boolean current() {
        return test.standing() && !has(Caveat.Kind.OTHER_WINDING) && !has(Caveat.Kind.NOT_THIS_MOTOR);
    }

    /**
     * Tells whether it found a Stop that holds energising until the test is repeated: whoever doubts the reading, or overrules it,
     * has not shown the motor to be sound.
     */
    public boolean foundStop() {
        return test.standing() && stopped() && stopState != StopState.ENDED;
    }

    /** Tells whether it found a Stop on the winding and the motor that stand there now, ended or not. */
    boolean stopped() {
        return stopState != StopState.NONE;
    }

    /** The same test with the judgement that other tests give it. */
    JudgedTest settledAs(Judgement word) {
        return new JudgedTest(test, result, own, other, word, word, caveats, stop, evidence, stopState, proves);
    }

    /** The same test with what became of its Stop. */
    JudgedTest with(StopState state) {
        return new JudgedTest(test, result, own, other, effective, unaged, caveats, stop, evidence, state, proves);
    }

    /** The result as {@code type}; empty where it is none. */
    public <T> Optional<T> result(Class<T> type) {
        return type.isInstance(result) ? Optional.of(type.cast(result)) : Optional.empty();
    }
}
