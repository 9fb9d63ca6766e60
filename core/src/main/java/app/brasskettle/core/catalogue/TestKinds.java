package app.brasskettle.core.catalogue;

import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.work.Station;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Every kind of test, in the order in which the work of a job comes to them. */
public final class TestKinds {

    private static volatile List<TestKind> all = Stream.of(WindingTests.all(), RunningTests.all(), OpenMotorTests.all())
            .flatMap(List::stream)
            .toList();

    private TestKinds() {}

    /** Lists every kind. */
    public static List<TestKind> all() {
        return all;
    }

    /** Lists the kinds of one station. */
    public static List<TestKind> of(Station station) {
        return all.stream().filter(k -> k.station() == station).toList();
    }

    /** Finds the kind written as {@code word}; empty when there is none. */
    public static Optional<TestKind> named(String word) {
        return all.stream().filter(k -> k.code().equals(word)).findFirst();
    }

    /** Finds the test taken at {@code step}, of whichever speed; the tester check shares its step with the lock-out. */
    public static Optional<TestKind> atStep(String step) {
        return all.stream().filter(k -> k.takenAt(step)).findFirst();
    }

    /** Lists all names, as one line for a message. */
    public static String choices() {
        return all.stream().map(TestKind::code).collect(Collectors.joining(", "));
    }

    /** Has one kind more until the answer is closed: tests hold that everything follows from a definition. */
    static AutoCloseable with(TestKind further) {
        List<TestKind> before = all;
        all = Stream.concat(before.stream(), Stream.of(further)).sorted().toList();
        return () -> all = before;
    }
}
