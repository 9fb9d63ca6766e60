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
            parent.put(of(terminal), of(terminals.get(0)));
        }
    }

    /** Returns the terminal that stands for the node of {@code terminal}. */
    String of(String terminal) {
        String at = terminal;
        for (String up = parent.get(at); up != null && !up.equals(at); up = parent.get(at)) {
            // Halves the way for whoever asks next; without it thousands of joined leads would take minutes.
            parent.put(at, parent.getOrDefault(up, up));
            at = up;
        }
        return at;
    }
}
