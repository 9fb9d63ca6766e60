package app.brasskettle.core.connection;

import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.grouping.GroupingCheck;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Joints as they were found in a winding, or as they were brazed.
 *
 * @param slots number of slots, a multiple of three
 * @param poles poles of the grouping, a third as many as groups
 * @param spanSlots coil pitch in slots
 * @param groupPattern coils of each group, where they were counted
 * @param joints terminals that are joined; a terminal is S or F with the number of a group, or the name of a lead
 * @param connection what is done with the leads
 */
public record FoundConnection(
        int slots,
        int poles,
        int spanSlots,
        Optional<List<Integer>> groupPattern,
        List<List<String>> joints,
        OutsideConnection connection) {

    private static final int MAX_JOINTS = 10_000;
    private static final int MAX_POLES = 120;
    private static final String[] LINES = {"a", "b", "c"};

    public FoundConnection {
        groupPattern = Problems.orEmpty(groupPattern).map(Problems::copy);
        joints = Problems.copy(joints);
        Problems problems = new Problems();
        boolean ring = GroupingCheck.check(slots, poles, spanSlots, groupPattern, problems);
        Map<String, Integer> jointOf = new HashMap<>();
        if (problems.size("joints", joints, 1, MAX_JOINTS)) {
            readJoints(joints, jointOf, problems);
        }
        if (ring && problems.clear("slots", "poles", "groupPattern", "joints")) {
            refuseUnknownEnds(GroupRing.of(slots, poles, groupPattern), joints, problems);
        }
        if (problems.present("connection", connection)) {
            refuseOutside(connection, joints, jointOf, problems);
        }
        problems.throwIfAny();
    }

    private static void readJoints(List<List<String>> joints, Map<String, Integer> jointOf, Problems problems) {
        for (int i = 0; i < joints.size(); i++) {
            String joint = "joints[" + i + "]";
            if (!problems.size(joint, joints.get(i), 1, MAX_JOINTS)) {
                continue;
            }
            for (int j = 0; j < joints.get(i).size(); j++) {
                String terminal = joints.get(i).get(j);
                String field = joint + "[" + j + "]";
                if (problems.name(field, terminal) && jointOf.putIfAbsent(terminal, i) != null) {
                    problems.add(
                            field,
                            Problem.Code.DUPLICATE,
                            field + " is " + terminal + ", which stands in " + "joints[" + jointOf.get(terminal)
                                    + "] already");
                }
            }
        }
    }

    private static void refuseUnknownEnds(GroupRing ring, List<List<String>> joints, Problems problems) {
        Set<String> wanted = new HashSet<>();
        for (int g = 0; g < ring.groups().size(); g++) {
            if (ring.coils(g) > 0) {
                wanted.add(Terminals.start(g));
                wanted.add(Terminals.finish(g));
            }
        }
        Set<String> missing = new HashSet<>(wanted);
        for (int i = 0; i < joints.size(); i++) {
            for (int j = 0; j < joints.get(i).size(); j++) {
                String terminal = joints.get(i).get(j);
                missing.remove(terminal);
                if (Terminals.looksLikeEnd(terminal) && !wanted.contains(terminal)) {
                    String field = "joints[" + i + "][" + j + "]";
                    problems.add(
                            field,
                            Problem.Code.WORD,
                            field + " is " + terminal + "; the groups with coils are " + "1 to "
                                    + ring.groups().size() + ", their ends S1 and F1 onwards");
                }
            }
        }
        if (!missing.isEmpty()) {
            List<String> named = new ArrayList<>(missing);
            named.sort(java.util.Comparator.comparing((String t) -> t.length()).thenComparing(t -> t));
            problems.add(
                    "joints",
                    Problem.Code.MISSING,
                    "joints leave out " + String.join(", ", named) + "; every start and finish stands in one joint");
        }
    }

    private static void refuseOutside(
            OutsideConnection outside, List<List<String>> joints, Map<String, Integer> jointOf, Problems problems) {
        if (problems.whole("connection.poles", outside.poles(), 2, MAX_POLES, "") && outside.poles() % 2 != 0) {
            problems.add(
                    "connection.poles",
                    Problem.Code.RANGE,
                    "connection.poles is " + outside.poles() + "; poles come in pairs");
        }
        if (problems.size("connection.joined", outside.joined(), 0, MAX_JOINTS)) {
            for (int i = 0; i < outside.joined().size(); i++) {
                refuseUnknownLeads(
                        "connection.joined[" + i + "]", outside.joined().get(i), jointOf, problems);
            }
        }
        if (!problems.present("connection.lines", outside.lines())) {
            return;
        }
        boolean known = problems.clear("connection.joined");
        for (int k = 0; k < LINES.length; k++) {
            known &= refuseUnknownLeads(
                    "connection.lines." + LINES[k], outside.lines().all().get(k), jointOf, problems);
        }
        if (known && problems.clear("joints")) {
            refuseShortedLines(outside, joints, problems);
        }
    }

    private static void refuseShortedLines(OutsideConnection outside, List<List<String>> joints, Problems problems) {
        Nodes nodes = new Nodes(joints);
        outside.joined().forEach(nodes::join);
        outside.lines().all().forEach(nodes::join);
        Map<String, String> lineOf = new HashMap<>();
        for (int k = 0; k < LINES.length; k++) {
            String lead = outside.lines().all().get(k).get(0);
            String other = lineOf.putIfAbsent(nodes.of(lead), LINES[k]);
            if (other != null) {
                String field = "connection.lines." + LINES[k];
                problems.add(
                        field,
                        Problem.Code.CONTRADICTION,
                        field + " holds " + lead + ", which is joined with line " + other);
            }
        }
    }

    private static boolean refuseUnknownLeads(
            String field, List<String> leads, Map<String, Integer> jointOf, Problems problems) {
        if (!problems.size(field, leads, 1, MAX_JOINTS)) {
            return false;
        }
        boolean known = true;
        for (int j = 0; j < leads.size(); j++) {
            String lead = field + "[" + j + "]";
            if (!problems.name(lead, leads.get(j))) {
                known = false;
            } else if (!jointOf.containsKey(leads.get(j))) {
                problems.add(lead, Problem.Code.WORD, lead + " is " + leads.get(j) + ", which stands in no joint");
                known = false;
            }
        }
        return known;
    }
}
