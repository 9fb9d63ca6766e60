package app.brasskettle.core.catalogue;

import app.brasskettle.core.testkind.TestDefinition;
import app.brasskettle.core.testkind.TestKind;
import java.util.ArrayList;
import java.util.List;

/** The kinds of one part of the work, numbered in the order in which they are defined. */
final class KindList {

    private final int first;
    private final List<TestKind> kinds = new ArrayList<>();

    /**
     * Starts a list.
     *
     * @param first number of its first kind; lists must not overlap
     */
    KindList(int first) {
        this.first = first;
    }

    TestKind add(TestDefinition<?, ?> definition) {
        TestKind kind = definition.as(first + kinds.size());
        kinds.add(kind);
        return kind;
    }

    List<TestKind> all() {
        return List.copyOf(kinds);
    }
}
