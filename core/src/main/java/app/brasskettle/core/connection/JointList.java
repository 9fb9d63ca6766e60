package app.brasskettle.core.connection;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Joints as they come together: jumpers within runs, and the ends of runs with what they meet. */
final class JointList {

    private static final Comparator<String> BY_NUMBER = Comparator.comparing((String t) -> t.charAt(0) == 'T' ? 0 : 1)
            .thenComparingInt(t -> Integer.parseInt(t.substring(1)))
            .thenComparing(Comparator.naturalOrder());

    private final List<List<String>> joints = new ArrayList<>();

    /** Brazes terminals together. */
    void add(List<String> terminals) {
        List<String> joint = new ArrayList<>(terminals);
        joint.sort(BY_NUMBER);
        joints.add(List.copyOf(joint));
    }

    /** Lays jumpers from group to group of a run. */
    void chain(Part part) {
        for (List<Integer> run : part.runs()) {
            for (int k = 1; k < run.size(); k++) {
                add(List.of(
                        Terminals.exit(run.get(k - 1), part.reversed(run.get(k - 1))),
                        Terminals.entry(run.get(k), part.reversed(run.get(k)))));
            }
        }
    }

    /** Returns the joints, those with leads first, each by the lowest number in it. */
    List<List<String>> all() {
        List<List<String>> sorted = new ArrayList<>(joints);
        sorted.sort(Comparator.comparing((List<String> j) -> j.get(0), BY_NUMBER));
        return List.copyOf(sorted);
    }

    /**
     * Part of a leg between two points: runs side by side.
     *
     * @param runs groups with coils, run by run
     * @param way how the groups lie in it
     */
    record Part(List<List<Integer>> runs, Way way) {

        boolean reversed(int group) {
            return switch (way) {
                case ALTERNATING -> group % 2 != 0;
                case FORWARD -> false;
                case BACKWARD -> true;
            };
        }

        List<String> entries() {
            return runs.stream()
                    .map(r -> Terminals.entry(r.get(0), reversed(r.get(0))))
                    .toList();
        }

        List<String> exits() {
            return runs.stream()
                    .map(r -> r.get(r.size() - 1))
                    .map(g -> Terminals.exit(g, reversed(g)))
                    .toList();
        }
    }

    /** How a current that goes through a part in its order goes through its groups. */
    enum Way {
        ALTERNATING,
        FORWARD,
        BACKWARD
    }
}
