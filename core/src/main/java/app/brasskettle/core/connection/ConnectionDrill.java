package app.brasskettle.core.connection;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.UnaryOperator;

/**
 * A winding joined wrongly on purpose, to be found by its joints and its figures. Belongs to simulated instruments: no motor is
 * joined so.
 *
 * @param what what is wrong
 * @param group the group it is at, from 1: the reversed one, the one whose end hangs free, the first of those exchanged, the first of
 *     the phase
 * @param joints the joints as they would be found
 */
public record ConnectionDrill(Misconnection what, int group, List<List<String>> joints) {

    private static final long SCATTER = 0x9E3779B97F4A7C15L;

    /**
     * Spoils a diagram in one way.
     *
     * @param diagram what is right
     * @param seed the same seed spoils it the same way
     */
    public static ConnectionDrill of(ConnectionDiagram diagram, long seed) {
        // Seeds near one another would begin alike.
        Random random = new Random(seed * SCATTER);
        List<ConnectionDiagram.Group> coils =
                diagram.groups().stream().filter(g -> g.coils() > 0).toList();
        Misconnection what = Misconnection.values()[random.nextInt(Misconnection.values().length)];
        ConnectionDiagram.Group one = coils.get(random.nextInt(coils.size()));
        return switch (what) {
            case GROUP_REVERSED ->
                new ConnectionDrill(what, one.number(), renamed(diagram, t -> turned(t, one.number())));
            case JOINT_OPEN -> new ConnectionDrill(what, one.number(), opened(diagram, "F" + one.number()));
            case CIRCUIT_SWAPPED -> {
                List<ConnectionDiagram.Group> others = coils.stream()
                        .filter(g -> g.phase() != one.phase())
                        .filter(g -> place(diagram.joints(), g.number()) != place(diagram.joints(), one.number()))
                        .toList();
                ConnectionDiagram.Group other = others.get(random.nextInt(others.size()));
                yield new ConnectionDrill(
                        what,
                        one.number(),
                        renamed(diagram, t -> exchanged(t, "F" + one.number(), "F" + other.number())));
            }
            case WRONG_STAR -> {
                List<Integer> phase = coils.stream()
                        .filter(g -> g.phase() == one.phase())
                        .map(ConnectionDiagram.Group::number)
                        .toList();
                yield new ConnectionDrill(
                        what,
                        phase.get(0),
                        renamed(diagram, t -> phase.stream().reduce(t, ConnectionDrill::turned, (a, b) -> b)));
            }
        };
    }

    private static List<List<String>> renamed(ConnectionDiagram diagram, UnaryOperator<String> name) {
        return diagram.joints().stream().map(j -> j.stream().map(name).toList()).toList();
    }

    private static String turned(String terminal, int group) {
        return exchanged(terminal, "S" + group, "F" + group);
    }

    private static String exchanged(String terminal, String a, String b) {
        if (terminal.equals(a)) {
            return b;
        }
        return terminal.equals(b) ? a : terminal;
    }

    private static List<List<String>> opened(ConnectionDiagram diagram, String terminal) {
        List<List<String>> joints = new ArrayList<>();
        for (List<String> j : diagram.joints()) {
            joints.add(j.stream().filter(t -> !t.equals(terminal)).toList());
        }
        joints.removeIf(List::isEmpty);
        joints.add(List.of(terminal));
        return List.copyOf(joints);
    }

    /**
     * Tells whether an answer names it: a whole phase by any of its groups, exchanged ends by either, the others by their group.
     *
     * @param answer what somebody holds to be wrong
     * @param named the group they name
     * @param diagram what is right
     */
    public boolean found(Misconnection answer, int named, ConnectionDiagram diagram) {
        if (answer != what) {
            return false;
        }
        return switch (what) {
            case WRONG_STAR -> phase(diagram, named) == phase(diagram, group);
            case CIRCUIT_SWAPPED -> place(diagram.joints(), named) != place(joints, named);
            default -> named == group;
        };
    }

    private static ConnectionDiagram.Phase phase(ConnectionDiagram diagram, int group) {
        return diagram.groups().get(group - 1).phase();
    }

    /** The joint in which a group's finish stands: joints keep their places, so it changes for either group exchanged. */
    private static int place(List<List<String>> joints, int group) {
        for (int i = 0; i < joints.size(); i++) {
            if (joints.get(i).contains("F" + group)) {
                return i;
            }
        }
        return -1;
    }
}
