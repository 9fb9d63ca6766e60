package app.brasskettle.core.connection;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class ConnectionCheckTest {

    private static final Worksheet<FoundConnection, ConnectionCheckResult> SHEET = ConnectionCheckWorksheet.create();

    /** Windings as shops have them: slots, poles, span, circuits, scheme, connection. */
    static Stream<DiagramQuestion> windings() {
        return Stream.of(
                question(36, 4, 8, 1, ConnectionScheme.THREE_LEAD, WindingConnection.WYE),
                question(48, 4, 10, 2, ConnectionScheme.THREE_LEAD, WindingConnection.DELTA),
                question(54, 8, 5, 2, ConnectionScheme.THREE_LEAD, WindingConnection.WYE),
                question(15, 8, 2, 1, ConnectionScheme.THREE_LEAD, WindingConnection.WYE),
                question(48, 4, 10, 1, ConnectionScheme.NINE_LEAD, WindingConnection.WYE),
                question(48, 4, 10, 1, ConnectionScheme.NINE_LEAD, WindingConnection.DELTA),
                question(72, 6, 10, 3, ConnectionScheme.SIX_LEAD, null),
                question(72, 6, 10, 1, ConnectionScheme.TWELVE_LEAD, null),
                question(48, 4, 6, 1, ConnectionScheme.TWO_SPEED_VARIABLE_TORQUE, null),
                question(48, 4, 7, 2, ConnectionScheme.TWO_SPEED_CONSTANT_TORQUE, null),
                question(72, 6, 7, 1, ConnectionScheme.TWO_SPEED_CONSTANT_POWER, null));
    }

    private static DiagramQuestion question(
            int slots, int poles, int span, int circuits, ConnectionScheme scheme, WindingConnection connection) {
        return new DiagramQuestion(
                slots, poles, span, circuits, scheme, Optional.ofNullable(connection), Optional.empty());
    }

    private static FoundConnection found(DiagramQuestion q, List<List<String>> joints, OutsideConnection outside) {
        return new FoundConnection(q.slots(), q.poles(), q.spanSlots(), q.groupPattern(), joints, outside);
    }

    private static List<List<String>> renamed(List<List<String>> joints, UnaryOperator<String> name) {
        return joints.stream().map(j -> j.stream().map(name).toList()).toList();
    }

    private static List<List<String>> turned(List<List<String>> joints, int group) {
        String start = "S" + group;
        String finish = "F" + group;
        return renamed(joints, t -> t.equals(start) ? finish : t.equals(finish) ? start : t);
    }

    @ParameterizedTest
    @MethodSource("windings")
    void anyOneGroupTurnedRoundIsNamedAndTurningItBackMendsIt(DiagramQuestion q) {
        DiagramPlan plan = DiagramBuilder.build(q);
        for (DiagramPlan.Outside outside : plan.outside()) {
            for (int g = 1; g <= plan.ring().groups().size(); g++) {
                if (plan.ring().coils(g - 1) == 0) {
                    continue;
                }
                List<List<String>> wrong = turned(plan.joints(), g);
                ConnectionCheckResult result = SHEET.work().apply(found(q, wrong, outside.leads()));
                assertThat(result.sound())
                        .as("group %s of %s", g, outside.name())
                        .isFalse();
                assertThat(result.turnRound()).as("%s, %s", q, outside.name()).contains(g);
                assertThat(result.verdict()).isEqualTo(Verdict.STOP);
                for (int named : result.turnRound()) {
                    assertThat(SHEET.work()
                                    .apply(found(q, turned(wrong, named), outside.leads()))
                                    .sound())
                            .as("group %s turned back", named)
                            .isTrue();
                }
            }
        }
    }

    /** Joints that are in order for the poles of their field are in order for no other number. */
    @ParameterizedTest
    @MethodSource("windings")
    void whatIsSoundMakesThePolesThatAreAsked(DiagramQuestion q) {
        DiagramPlan plan = DiagramBuilder.build(q);
        for (DiagramPlan.Outside outside : plan.outside()) {
            OutsideConnection right = outside.leads();
            assertThat(SHEET.work().apply(found(q, plan.joints(), right)).sound())
                    .isTrue();
            for (int poles = 2; poles <= 24; poles += 2) {
                OutsideConnection other = new OutsideConnection(right.lines(), right.joined(), poles);
                assertThat(SHEET.work().apply(found(q, plan.joints(), other)).sound())
                        .as("%s, %s asked for %s poles", q, outside.name(), poles)
                        .isEqualTo(poles == right.poles());
            }
        }
    }

    @ParameterizedTest
    @MethodSource("windings")
    void aJointLeftOpenIsNeverSound(DiagramQuestion q) {
        DiagramPlan plan = DiagramBuilder.build(q);
        OutsideConnection outside = plan.outside().get(0).leads();
        for (int j = 0; j < plan.joints().size(); j++) {
            List<String> joint = plan.joints().get(j);
            for (String loose : joint) {
                if (joint.size() < 2 || !Terminals.isEnd(loose)) {
                    continue;
                }
                List<List<String>> open = new ArrayList<>(plan.joints());
                open.set(j, joint.stream().filter(t -> !t.equals(loose)).toList());
                open.add(List.of(loose));
                ConnectionCheckResult result = SHEET.work().apply(found(q, open, outside));
                assertThat(result.sound()).as("%s, %s loose", q, loose).isFalse();
                assertThat(result.turnRound()).isEmpty();
            }
        }
    }

    /** What a winding is does not depend on the order in which its joints are told, nor on the names of its leads. */
    @ParameterizedTest
    @MethodSource("windings")
    void neitherOrderNorNamesOfLeadsMatter(DiagramQuestion q) {
        DiagramPlan plan = DiagramBuilder.build(q);
        Random random = new Random(7);
        for (DiagramPlan.Outside outside : plan.outside()) {
            ConnectionCheckResult first = SHEET.work().apply(found(q, plan.joints(), outside.leads()));
            UnaryOperator<String> name = t -> Terminals.isEnd(t) ? t : "lead " + t;
            List<List<String>> joints = new ArrayList<>(renamed(plan.joints(), name));
            java.util.Collections.shuffle(joints, random);
            Lines l = outside.leads().lines();
            OutsideConnection leads = new OutsideConnection(
                    new Lines(
                            renamed(List.of(l.a()), name).get(0),
                            renamed(List.of(l.b()), name).get(0),
                            renamed(List.of(l.c()), name).get(0)),
                    renamed(outside.leads().joined(), name),
                    outside.leads().poles());
            ConnectionCheckResult second = SHEET.work().apply(found(q, joints, leads));
            assertThat(second.sound()).isTrue();
            assertThat(second.rotation()).isEqualTo(first.rotation());
            assertThat(second.fieldPoles()).isEqualTo(first.fieldPoles());
        }
    }

    /** Two lines swapped turn the field round and nothing else. */
    @ParameterizedTest
    @MethodSource("windings")
    void twoLinesSwappedTurnTheOtherWay(DiagramQuestion q) {
        DiagramPlan plan = DiagramBuilder.build(q);
        OutsideConnection outside = plan.outside().get(0).leads();
        Lines l = outside.lines();
        OutsideConnection swapped =
                new OutsideConnection(new Lines(l.b(), l.a(), l.c()), outside.joined(), outside.poles());
        ConnectionCheckResult one = SHEET.work().apply(found(q, plan.joints(), outside));
        ConnectionCheckResult other = SHEET.work().apply(found(q, plan.joints(), swapped));
        assertThat(other.sound()).isTrue();
        assertThat(other.rotation()).isNotEqualTo(one.rotation());
    }

    @ParameterizedTest
    @CsvSource({
        // What was typed wrong, and the field that is blamed.
        "S1 left out, joints",
        "S1 twice, joints[5][0]",
        "S13 is no end, joints[5][0]",
        "line on an unknown lead, connection.lines.b[0]",
        "joined unknown, connection.joined[0][1]",
        "two lines on one joint, connection.lines.b",
        "two lines joined outside, connection.lines.c",
        "poles odd, connection.poles",
        "pattern too short, groupPattern"
    })
    void whatCannotBeIsRefusedWhereItIs(String wrong, String field) {
        DiagramQuestion q = question(36, 4, 8, 2, ConnectionScheme.THREE_LEAD, WindingConnection.WYE);
        DiagramPlan plan = DiagramBuilder.build(q);
        List<List<String>> joints = new ArrayList<>(plan.joints());
        Lines lines = new Lines(List.of("T1"), List.of("T2"), List.of("T3"));
        List<List<String>> joined = List.of();
        int poles = 4;
        Optional<List<Integer>> pattern = Optional.empty();
        switch (wrong) {
            case "S1 left out" -> joints = renamed(joints, t -> t.equals("S1") ? "X1" : t);
            case "S1 twice" -> joints.add(5, List.of("S1"));
            case "S13 is no end" -> joints.add(5, List.of("S13"));
            case "line on an unknown lead" -> lines = new Lines(List.of("T1"), List.of("U2"), List.of("T3"));
            case "joined unknown" -> joined = List.of(List.of("T1", "U9"));
            case "two lines on one joint" -> lines = new Lines(List.of("T1"), List.of("T1"), List.of("T3"));
            case "two lines joined outside" -> joined = List.of(List.of("T2", "T3"));
            case "poles odd" -> poles = 5;
            case "pattern too short" -> pattern = Optional.of(List.of(18, 18));
            default -> throw new IllegalArgumentException(wrong);
        }
        List<List<String>> given = joints;
        Optional<List<Integer>> groups = pattern;
        OutsideConnection outside = new OutsideConnection(lines, joined, poles);
        assertThat(Refusals.of(() -> new FoundConnection(36, 4, 8, groups, given, outside)))
                .extracting(Problem::field)
                .contains(field);
    }

    /** Groupings of a shop's own, drawn at random from equal legs: each is refused, or its diagram proves itself. */
    @ParameterizedTest
    @CsvSource({"30, 4, 6", "54, 4, 11", "24, 4, 5", "45, 6, 7"})
    void aGroupingOfTheShopsOwnIsRefusedOrProved(int slots, int poles, int span) {
        Random random = new Random(slots);
        int proved = 0;
        int refused = 0;
        for (int i = 0; i < 4000; i++) {
            List<Integer> groups = pattern(random, slots, poles);
            int circuits = 1 + random.nextInt(2);
            try {
                DiagramQuestion q = new DiagramQuestion(
                        slots,
                        poles,
                        span,
                        circuits,
                        ConnectionScheme.THREE_LEAD,
                        Optional.of(WindingConnection.WYE),
                        Optional.of(groups));
                assertThat(DiagramWorksheet.create().work().apply(q).verdict()).isEqualTo(Verdict.HOLDS);
                proved++;
            } catch (InvalidInputException unfit) {
                assertThat(unfit.problems())
                        .extracting(Problem::field)
                        .allMatch(f -> f.equals("groupPattern") || f.equals("parallelCircuits"));
                refused++;
            }
        }
        assertThat(proved).as("groupings proved").isPositive();
        assertThat(refused).as("groupings refused").isPositive();
    }

    /** Each leg the same sizes of groups in an order of its own, so that a fair share of the patterns is balanced. */
    private static List<Integer> pattern(Random random, int slots, int poles) {
        List<Integer> even = GroupRing.even(slots, poles);
        int shift = random.nextInt(even.size());
        boolean mirrored = random.nextBoolean();
        List<Integer> groups = new ArrayList<>();
        for (int g = 0; g < even.size(); g++) {
            int from = Math.floorMod(shift + (mirrored ? -g : g), even.size());
            groups.add(even.get(from));
        }
        if (random.nextInt(3) == 0) {
            int a = random.nextInt(groups.size());
            java.util.Collections.swap(groups, a, (a + 3) % groups.size());
        }
        if (random.nextInt(4) == 0 && groups.get(0) > 0) {
            groups.set(0, groups.get(0) - 1);
            groups.set(1, groups.get(1) + 1);
        }
        return groups;
    }
}
