package app.brasskettle.core.connection;

import app.brasskettle.core.connection.JointList.Part;
import app.brasskettle.core.connection.JointList.Way;
import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.winding.WindingConnection;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Joints and outside connections of a winding, derived from its ring of groups.
 *
 * <p>Every leg is one part or two in series. Leads T1, T2, T3 begin the legs of the series connection; where two parts meet there
 * is a tap, or two leads of their own.
 */
final class DiagramBuilder {

    private static final int A = 0;
    private static final int B = 1;
    private static final int C = 2;

    private final DiagramQuestion question;
    private final GroupRing ring;
    private final JointList joints = new JointList();
    private final List<DiagramPlan.Outside> outside = new ArrayList<>();

    private DiagramBuilder(DiagramQuestion question) {
        this.question = question;
        this.ring = GroupRing.of(question.slots(), question.poles(), question.groupPattern());
    }

    /** Derives joints and outside connections; nothing of them is proved yet. */
    static DiagramPlan build(DiagramQuestion question) {
        return new DiagramBuilder(question).plan();
    }

    private DiagramPlan plan() {
        int circuits = question.parallelCircuits();
        WindingConnection inside = question.connection().orElse(WindingConnection.WYE);
        switch (question.scheme()) {
            case THREE_LEAD -> threeLead(circuits, inside);
            case SIX_LEAD -> sixLead(circuits);
            case NINE_LEAD -> nineLead(circuits, inside);
            case TWELVE_LEAD -> twelveLead(circuits);
            case TWO_SPEED_VARIABLE_TORQUE -> twoSpeedTorque(circuits, WindingConnection.WYE);
            case TWO_SPEED_CONSTANT_TORQUE -> twoSpeedTorque(circuits, WindingConnection.DELTA);
            case TWO_SPEED_CONSTANT_POWER -> twoSpeedPower(circuits);
        }
        return new DiagramPlan(ring, joints.all(), List.copyOf(outside));
    }

    /** Legs of phases a, b, c: the ring usually runs a, c, b; best told from the vectors, for a grouping of one's own. */
    static int[] legOfPhase(GroupRing ring) {
        return ring.usualSense() ? new int[] {0, 2, 1} : new int[] {0, 1, 2};
    }

    /** Parts {@code from} to {@code to} of the leg of each phase, with their jumpers. */
    private List<Part> parts(Legs legs, int[] legOf, int from, int to, Way way) {
        List<Part> parts = new ArrayList<>();
        for (int leg : legOf) {
            List<List<Integer>> runs = legs.runs(leg, from, to).stream()
                    .map(run -> run.stream().filter(g -> ring.coils(g) > 0).toList())
                    .toList();
            Part part = new Part(runs, way);
            joints.chain(part);
            parts.add(part);
        }
        return parts;
    }

    private void threeLead(int circuits, WindingConnection inside) {
        List<Part> legs = parts(new Legs(ring, circuits), legOfPhase(ring), 0, circuits, Way.ALTERNATING);
        if (inside == WindingConnection.WYE) {
            leads(1, legs, true);
            star(legs);
        } else {
            corners(legs, legs);
        }
        outside("as built", question.poles(), circuits, inside, lines(leads(1), leads(2), leads(3)), List.of());
    }

    private void sixLead(int circuits) {
        List<Part> legs = parts(new Legs(ring, circuits), legOfPhase(ring), 0, circuits, Way.ALTERNATING);
        leads(1, legs, true);
        leads(4, legs, false);
        outside(
                "wye",
                question.poles(),
                circuits,
                WindingConnection.WYE,
                lines(leads(1), leads(2), leads(3)),
                List.of(leads(4, 5, 6)));
        outside(
                "delta",
                question.poles(),
                circuits,
                WindingConnection.DELTA,
                lines(leads(1, 6), leads(2, 4), leads(3, 5)),
                List.of());
    }

    private void nineLead(int circuits, WindingConnection inside) {
        Legs legs = new Legs(ring, 2 * circuits);
        List<Part> first = parts(legs, legOfPhase(ring), 0, circuits, Way.ALTERNATING);
        List<Part> second = parts(legs, legOfPhase(ring), circuits, 2 * circuits, Way.ALTERNATING);
        List<List<String>> series = List.of(leads(4, 7), leads(5, 8), leads(6, 9));
        leads(4, first, false);
        leads(7, second, true);
        if (inside == WindingConnection.WYE) {
            leads(1, first, true);
            star(second);
        } else {
            corners(first, second);
        }
        outside("high voltage", question.poles(), circuits, inside, lines(leads(1), leads(2), leads(3)), series);
        if (inside == WindingConnection.WYE) {
            outside(
                    "low voltage",
                    question.poles(),
                    2 * circuits,
                    inside,
                    lines(leads(1, 7), leads(2, 8), leads(3, 9)),
                    List.of(leads(4, 5, 6)));
        } else {
            outside(
                    "low voltage",
                    question.poles(),
                    2 * circuits,
                    inside,
                    lines(leads(1, 6, 7), leads(2, 4, 8), leads(3, 5, 9)),
                    List.of());
        }
    }

    private void twelveLead(int circuits) {
        Legs legs = new Legs(ring, 2 * circuits);
        List<Part> first = parts(legs, legOfPhase(ring), 0, circuits, Way.ALTERNATING);
        List<Part> second = parts(legs, legOfPhase(ring), circuits, 2 * circuits, Way.ALTERNATING);
        leads(1, first, true);
        leads(4, first, false);
        leads(7, second, true);
        leads(10, second, false);
        List<List<String>> series = List.of(leads(4, 7), leads(5, 8), leads(6, 9));
        int poles = question.poles();
        outside(
                "high voltage, wye",
                poles,
                circuits,
                WindingConnection.WYE,
                lines(leads(1), leads(2), leads(3)),
                List.of(series.get(0), series.get(1), series.get(2), leads(10, 11, 12)));
        outside(
                "high voltage, delta",
                poles,
                circuits,
                WindingConnection.DELTA,
                lines(leads(1, 12), leads(2, 10), leads(3, 11)),
                series);
        outside(
                "low voltage, wye",
                poles,
                2 * circuits,
                WindingConnection.WYE,
                lines(leads(1, 7), leads(2, 8), leads(3, 9)),
                List.of(leads(4, 5, 6, 10, 11, 12)));
        outside(
                "low voltage, delta",
                poles,
                2 * circuits,
                WindingConnection.DELTA,
                lines(leads(1, 6, 7, 12), leads(2, 4, 8, 10), leads(3, 5, 9, 11)),
                List.of());
    }

    /**
     * All groups one way in series at the low speed, lines on T1 to T3; at the high one the lines are on the taps and the first
     * halves run backwards.
     */
    private void twoSpeedTorque(int circuits, WindingConnection low) {
        Legs legs = Legs.byParity(ring, circuits);
        int[] lowOrder = {0, 1, 2};
        List<Part> first = parts(legs, lowOrder, 0, circuits, Way.FORWARD);
        List<Part> second = parts(legs, lowOrder, circuits, 2 * circuits, Way.FORWARD);
        taps(new int[] {4, 6, 5}, first, second);
        if (low == WindingConnection.WYE) {
            leads(1, first, true);
            star(second);
        } else {
            corners(first, second);
        }
        outside("low speed", 2 * question.poles(), circuits, low, lines(leads(1), leads(2), leads(3)), List.of());
        outside(
                "high speed",
                question.poles(),
                2 * circuits,
                WindingConnection.WYE,
                lines(leads(6), leads(4), leads(5)),
                List.of(leads(1, 2, 3)));
    }

    /** Groups alternate in series at the high speed, lines on the corners T6, T4, T5; at the low one the lines are on the taps. */
    private void twoSpeedPower(int circuits) {
        Legs legs = Legs.byParity(ring, circuits);
        int[] highOrder = {1, 0, 2};
        int[] corner = {6, 4, 5};
        List<Part> first = parts(legs, highOrder, 0, circuits, Way.FORWARD);
        List<Part> second = parts(legs, highOrder, circuits, 2 * circuits, Way.BACKWARD);
        taps(new int[] {2, 1, 3}, first, second);
        for (int k = 0; k < 3; k++) {
            joint(
                    leads(corner[k]),
                    first.get(k).entries(),
                    second.get((k + 2) % 3).exits());
        }
        outside(
                "low speed",
                2 * question.poles(),
                2 * circuits,
                WindingConnection.WYE,
                lines(leads(1), leads(2), leads(3)),
                List.of(leads(4, 5, 6)));
        outside(
                "high speed",
                question.poles(),
                circuits,
                WindingConnection.DELTA,
                lines(leads(6), leads(4), leads(5)),
                List.of());
    }

    private void taps(int[] marks, List<Part> first, List<Part> second) {
        for (int k = 0; k < 3; k++) {
            joint(leads(marks[k]), first.get(k).exits(), second.get(k).entries());
        }
    }

    /** Leads {@code from} onwards where the parts begin, or where they end. */
    private void leads(int from, List<Part> parts, boolean begin) {
        for (int k = 0; k < 3; k++) {
            joint(leads(from + k), begin ? parts.get(k).entries() : parts.get(k).exits());
        }
    }

    private void star(List<Part> parts) {
        joint(parts.get(A).exits(), parts.get(B).exits(), parts.get(C).exits());
    }

    /** Closes a delta: each leg begins, with T1, T2 or T3, where the leg before it ends. */
    private void corners(List<Part> begin, List<Part> end) {
        for (int k = 0; k < 3; k++) {
            joint(leads(1 + k), begin.get(k).entries(), end.get((k + 2) % 3).exits());
        }
    }

    @SafeVarargs
    private void joint(List<String>... terminals) {
        List<String> all = new ArrayList<>();
        for (List<String> some : terminals) {
            all.addAll(some);
        }
        joints.add(all);
    }

    private void outside(
            String name,
            int poles,
            int circuits,
            WindingConnection connection,
            Lines lines,
            List<List<String>> joined) {
        outside.add(new DiagramPlan.Outside(name, new OutsideConnection(lines, joined, poles), circuits, connection));
    }

    private static Lines lines(List<String> a, List<String> b, List<String> c) {
        return new Lines(a, b, c);
    }

    private static List<String> leads(int... marks) {
        return IntStream.of(marks).mapToObj(m -> "T" + m).toList();
    }
}
