package app.brasskettle.core.testrecord;

import app.brasskettle.core.testkind.TestKind;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Every test of a motor with its effective judgement.
 *
 * @param all in the order they were taken, superseded ones too
 */
public record JudgedTests(List<JudgedTest> all) {

    public JudgedTests {
        all = List.copyOf(all);
    }

    /** Finds the test of {@code kind} and {@code speed} that nothing took the place of. */
    public Optional<JudgedTest> standing(TestKind kind, int speed) {
        return all.stream()
                .filter(t -> t.kind() == kind && t.speed() == speed && t.test().standing())
                .reduce((earlier, later) -> later);
    }

    /** Finds the same as far as it was made on the winding and for the motor that stand there now. */
    public Optional<JudgedTest> current(TestKind kind, int speed) {
        return standing(kind, speed).filter(JudgedTest::current);
    }

    /** Finds the test standing at a step of the job; the tester's proof is none that could be overruled. */
    public Optional<JudgedTest> atStep(String step) {
        return standing()
                .filter(t -> !t.kind().checksTester() && t.step().equals(step))
                .findFirst();
    }

    /** Lists the tests that nothing took the place of, in the order of the bench. */
    public Stream<JudgedTest> standing() {
        return all.stream()
                .filter(t -> t.test().standing())
                .sorted(Comparator.comparing(JudgedTest::kind).thenComparing(JudgedTest::speed));
    }

    /**
     * Lists the Stops that hold: those that nothing answered, and those that a bare repeat disagrees with. A gentler test, a simulated
     * one or one from a file answers no Stop.
     */
    public Stream<JudgedTest> heldStops() {
        return all.stream()
                .filter(t -> t.stopState() == StopState.STANDS || t.stopState() == StopState.DISPUTED)
                .sorted(Comparator.comparing(JudgedTest::kind).thenComparing(JudgedTest::speed));
    }
}
