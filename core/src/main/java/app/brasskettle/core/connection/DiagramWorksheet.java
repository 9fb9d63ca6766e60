package app.brasskettle.core.connection;

import app.brasskettle.core.connection.ConnectionDiagram.Connection;
import app.brasskettle.core.connection.ConnectionDiagram.Group;
import app.brasskettle.core.connection.ConnectionDiagram.Phase;
import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Connection diagrams of two-layer lap windings, each spun and fed before it is shown. */
public final class DiagramWorksheet {

    private DiagramWorksheet() {}

    /** Creates the worksheet {@code connection-diagram}. */
    public static Worksheet<DiagramQuestion, ConnectionDiagram> create() {
        return new Worksheet<>(
                "connection-diagram",
                "Connection diagram",
                DiagramQuestion.class,
                List.of(ConnectionCheckWorksheet.SOURCE),
                DiagramWorksheet::work);
    }

    private static ConnectionDiagram work(DiagramQuestion question) {
        DiagramPlan plan = DiagramBuilder.build(question);
        List<Connection> connections = new ArrayList<>();
        List<Step> steps = new ArrayList<>();
        for (DiagramPlan.Outside outside : plan.outside()) {
            int poles = outside.leads().poles();
            ConnectionNetwork network = new ConnectionNetwork(plan.ring(), plan.joints(), outside.leads());
            ConnectionFigures proof = new ConnectionProof(plan.ring(), network, question.spanSlots(), poles).figures();
            double right = 100 * plan.ring().bestDistribution(poles);
            if (!proof.sound(right)) {
                throw new IllegalStateException(
                        "The diagram of " + question + " does not prove itself at " + outside.name() + ": " + proof);
            }
            connections.add(new Connection(
                    outside.name(),
                    poles,
                    outside.leads().lines(),
                    outside.leads().joined(),
                    outside.circuits(),
                    outside.connection(),
                    proof.rotation().orElseThrow(),
                    proof));
            ConnectionCheckWorksheet.steps(proof, right)
                    .forEach(s -> steps.add(new Step(
                            outside.name() + ": " + s.name(),
                            s.formula(),
                            s.figures(),
                            s.value(),
                            s.unit(),
                            s.source())));
        }
        return new ConnectionDiagram(
                groups(plan.ring()),
                plan.joints(),
                IntStream.rangeClosed(1, question.scheme().leads())
                        .mapToObj(n -> "T" + n)
                        .toList(),
                List.copyOf(connections),
                Verdict.HOLDS,
                proved(plan, connections),
                List.copyOf(steps));
    }

    private static Judgement proved(DiagramPlan plan, List<Connection> connections) {
        double most = connections.stream()
                .map(Connection::proof)
                .flatMap(p -> List.of(
                        p.circulatingPercent(),
                        p.lineVoltageUnbalancePercent(),
                        p.currentUnbalancePercent(),
                        p.backwardPercent())
                        .stream())
                .mapToDouble(p -> p.orElseThrow())
                .max()
                .orElseThrow();
        return new Judgement(
                Verdict.HOLDS,
                "Spun and fed as it stands here: " + plan.joints().size() + " joints, "
                        + (connections.size() == 1 ? "one connection" : connections.size() + " connections")
                        + ", all sound",
                "Nothing circulates, the lines are equal, the coils carry equal currents and no field turns backwards: the largest"
                        + " of these figures is " + String.format(java.util.Locale.ROOT, "%.0e", most)
                        + " %, the limit 0.0001 %.",
                ConnectionCheckWorksheet.SOURCE,
                "Braze by the table, then enter the joints as they are and have them checked.");
    }

    /** Returns the groups of a ring with their phases, the first leg phase A. */
    public static List<Group> groups(GroupRing ring) {
        int[] legOfPhase = DiagramBuilder.legOfPhase(ring);
        List<Group> groups = new ArrayList<>();
        for (int g = 0; g < ring.groups().size(); g++) {
            int leg = g % 3;
            int phase = IntStream.range(0, 3)
                    .filter(p -> legOfPhase[p] == leg)
                    .findFirst()
                    .orElseThrow();
            groups.add(new Group(
                    g + 1, Phase.values()[phase], g % 2 != 0, ring.coils(g), ring.firstSlot(g) % ring.slots() + 1));
        }
        return List.copyOf(groups);
    }
}
