package app.brasskettle.core.connection;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Terminals that metal joins: each set of them is one node. */
final class Nodes {

    private final Map<String, String> parent = new HashMap<>();

    Nodes(List<List<String>> joints) {
        joints.forEach(this::join);
    }

    /** Joins terminals with one another. */
    void join(List<String> terminals) {
        for (String terminal : terminals) {
            parent.put(of(terminals.get(0)), of(terminal));
        }
    }

    /** Returns the terminal that stands for the node of {@code terminal}. */
    String of(String terminal) {
        String at = terminal;
        for (String up = parent.get(at); up != null && !up.equals(at); up = parent.get(at)) {
            at = up;
        }
        return at;
    }
}
