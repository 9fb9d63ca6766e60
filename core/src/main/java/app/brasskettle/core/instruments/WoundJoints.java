package app.brasskettle.core.instruments;

import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.core.grouping.GroupRing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/** The joints of a winding as a winder made them, with one mistake or none: ends of groups by the node they lie on. */
final class WoundJoints {

    private final Map<String, Integer> node = new HashMap<>();
    private final int[] lines = new int[3];
    private final int group;
    private int count;

    private WoundJoints(int group) {
        this.group = group;
    }

    static WoundJoints of(
            GroupRing ring,
            ConnectionDiagram diagram,
            ConnectionDiagram.Connection outside,
            Optional<WindersMistake> mistake,
            Random pick) {
        WoundJoints wound = new WoundJoints(pick.nextInt(ring.groups().size()));
        List<List<String>> joints = new ArrayList<>(diagram.joints());
        mistake.ifPresent(m -> {
            switch (m) {
                case GROUP_REVERSED -> wound.turn(joints, List.of(wound.group));
                case JOINT_OPEN -> open(joints, pick);
                case CIRCUIT_SWAPPED ->
                    exchange(joints, wound.group, ring.groups().size());
                case WRONG_STAR ->
                    wound.turn(joints, phase(wound.group, ring.groups().size()));
                case COIL_SHORTED, SPAN_OFF_BY_ONE -> {}
            }
        });
        wound.number(joints, outside);
        return wound;
    }

    /** The group the mistake is about. */
    int group() {
        return group;
    }

    int nodes() {
        return count;
    }

    int[] lineNodes() {
        return lines.clone();
    }

    int from(int g) {
        return node.get("S" + (g + 1));
    }

    int to(int g) {
        return node.get("F" + (g + 1));
    }

    private static List<Integer> phase(int of, int groups) {
        List<Integer> all = new ArrayList<>();
        for (int g = of % 3; g < groups; g += 3) {
            all.add(g);
        }
        return all;
    }

    private void turn(List<List<String>> joints, List<Integer> groups) {
        for (int g : groups) {
            swap(joints, "S" + (g + 1), "F" + (g + 1));
        }
    }

    /** The start of a group and that of its neighbour, which belongs to another phase. */
    private static void exchange(List<List<String>> joints, int g, int groups) {
        swap(joints, "S" + (g + 1), "S" + ((g + 1) % groups + 1));
    }

    private static void swap(List<List<String>> joints, String one, String other) {
        joints.replaceAll(joint -> joint.stream()
                .map(t -> t.equals(one) ? other : t.equals(other) ? one : t)
                .toList());
    }

    /** One end of a joint hangs in the air. */
    private static void open(List<List<String>> joints, Random pick) {
        int at = pick.nextInt(joints.size());
        List<String> joint = new ArrayList<>(joints.get(at));
        String loose = joint.stream()
                .filter(t -> t.startsWith("S") || t.startsWith("F"))
                .reduce((a, b) -> b)
                .orElseThrow();
        joint.remove(loose);
        joints.set(at, joint);
        joints.add(List.of(loose));
    }

    private void number(List<List<String>> joints, ConnectionDiagram.Connection outside) {
        Map<String, Integer> joined = new HashMap<>();
        for (List<String> joint : joints) {
            int own = count++;
            joint.forEach(t -> joined.put(t, own));
        }
        int[] same = new int[count];
        for (int k = 0; k < same.length; k++) {
            same[k] = k;
        }
        List<List<String>> outer = new ArrayList<>(outside.joined());
        outer.add(outside.lines().a());
        outer.add(outside.lines().b());
        outer.add(outside.lines().c());
        for (List<String> leads : outer) {
            int first = joined.get(leads.get(0));
            int keep = same[first];
            for (String lead : leads) {
                int gone = same[joined.get(lead)];
                for (int k = 0; k < same.length; k++) {
                    same[k] = same[k] == gone ? keep : same[k];
                }
            }
        }
        joined.forEach((terminal, k) -> node.put(terminal, same[k]));
        lines[0] = node.get(outside.lines().a().get(0));
        lines[1] = node.get(outside.lines().b().get(0));
        lines[2] = node.get(outside.lines().c().get(0));
    }
}
