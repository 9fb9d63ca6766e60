package app.brasskettle.core.testrecord;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.testkind.StopRule;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.TestGroup;
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
        return current() && stopped();
    }

    /**
     * Tells whether what stopped it is still there as far as work and winding go, superseded or not. What a run or a gauge found is
     * over once the part was worked on; a lost phase is not, since it may lie where nobody worked.
     */
    boolean stopped() {
        boolean cured = has(Caveat.Kind.STALE)
                && (kind().group() == TestGroup.RUN || kind().group() == TestGroup.MECHANICS)
                && stop.code().isEmpty();
        boolean elsewhere = has(Caveat.Kind.OTHER_WINDING) || has(Caveat.Kind.NOT_THIS_MOTOR);
        return !elsewhere && !cured && (own.verdict() == Verdict.STOP || effective.verdict() == Verdict.STOP);
    }

    /** Tells whether it answers an earlier Stop of its kind: a gate may rest on it, and it settles something. */
    boolean answers() {
        return proves && verdict() != Verdict.UNPROVEN;
    }

    /** The result as {@code type}; empty where it is none. */
    public <T> Optional<T> result(Class<T> type) {
        return type.isInstance(result) ? Optional.of(type.cast(result)) : Optional.empty();
    }
}
