package app.brasskettle.core.connection;

import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Joints as found or as brazed, checked by spinning and feeding them as a network. */
public final class ConnectionCheckWorksheet {

    static final String SOURCE = "Network of the joints, one branch per group; coils of equal turns";

    private ConnectionCheckWorksheet() {}

    /** Creates the worksheet {@code connection-check}. */
    public static Worksheet<FoundConnection, ConnectionCheckResult> create() {
        return new Worksheet<>(
                "connection-check",
                "Connection check",
                FoundConnection.class,
                List.of(SOURCE),
                ConnectionCheckWorksheet::work);
    }

    private static ConnectionCheckResult work(FoundConnection found) {
        GroupRing ring = GroupRing.of(found.slots(), found.poles(), found.groupPattern());
        ConnectionNetwork network = new ConnectionNetwork(ring, found.joints(), found.connection());
        int poles = found.connection().poles();
        ConnectionProof proof = new ConnectionProof(ring, network, found.spanSlots(), poles);
        ConnectionFigures figures = proof.figures();
        double right = 100 * ring.bestDistribution(poles);
        boolean sound = figures.sound(right, poles);
        List<Integer> turnRound = proof.turnRound(right);
        Judgement judgement = judge(found, network, figures, right, sound, turnRound);
        return new ConnectionCheckResult(
                figures.distributionPercent(),
                right,
                figures.circulatingPercent(),
                figures.lineVoltageUnbalancePercent(),
                figures.currentUnbalancePercent(),
                figures.backwardPercent(),
                figures.fieldPoles(),
                figures.rotation(),
                sound,
                turnRound,
                judgement.verdict(),
                judgement,
                steps(figures, right));
    }

    private static Judgement judge(
            FoundConnection found,
            ConnectionNetwork network,
            ConnectionFigures f,
            double right,
            boolean sound,
            List<Integer> turnRound) {
        if (sound) {
            return new Judgement(
                    Verdict.HOLDS,
                    "Sound: " + found.connection().poles() + " poles, turning "
                            + f.rotation().orElseThrow().label() + " seen from the connection end",
                    "Spun, nothing circulates and the lines are equal; fed, the coils carry equal currents and no field turns"
                            + " backwards.",
                    SOURCE,
                    "Turns, wires in hand and wire sizes are not seen by this check: prove them by resistance and surge.");
        }
        if (!network.tied()) {
            List<String> alone = alone(found);
            return new Judgement(
                    Verdict.STOP,
                    "The winding does not tie the three lines together",
                    alone.isEmpty()
                            ? "A joint is open, or a lead leads nowhere."
                            : "Joined with nothing: " + String.join(", ", alone) + ".",
                    SOURCE,
                    "Look for the open joint before anything is tied or dipped.");
        }
        if (!turnRound.isEmpty()) {
            return new Judgement(
                    Verdict.STOP,
                    turnRound.size() == 1
                            ? "Group " + turnRound.get(0) + " is the wrong way round"
                            : "One group is the wrong way round: "
                                    + String.join(
                                            " or ",
                                            turnRound.stream()
                                                    .map(String::valueOf)
                                                    .toList()),
                    worstFigure(f, right),
                    SOURCE,
                    "Swap the start and the finish of that group, then check again.");
        }
        return new Judgement(
                Verdict.STOP,
                "Not sound, and no single group turned round mends it",
                worstFigure(f, right),
                SOURCE,
                f.fieldPoles().filter(p -> p != found.connection().poles()).isPresent()
                        ? "It makes " + f.fieldPoles().get() + " poles, asked for "
                                + found.connection().poles() + ". Read the jumpers again, group by group."
                        : "Read the jumpers again, group by group, and count the circuits.");
    }

    /** Ends of groups that are joined with nothing, neither inside nor outside. */
    private static List<String> alone(FoundConnection found) {
        Nodes nodes = new Nodes(found.joints());
        found.connection().joined().forEach(nodes::join);
        found.connection().lines().all().forEach(nodes::join);
        Map<String, List<String>> ends = new HashMap<>();
        found.joints().stream()
                .flatMap(List::stream)
                .forEach(t -> ends.computeIfAbsent(nodes.of(t), n -> new ArrayList<>())
                        .add(t));
        return ends.values().stream()
                .filter(node -> node.size() == 1 && Terminals.isEnd(node.get(0)))
                .map(node -> node.get(0))
                .sorted()
                .toList();
    }

    private static String worstFigure(ConnectionFigures f, double right) {
        List<String> wrong = new ArrayList<>();
        add(wrong, f.circulatingPercent(), "spun, a current circulates inside: ");
        add(wrong, f.lineVoltageUnbalancePercent(), "spun, the line voltages differ by ");
        add(wrong, f.currentUnbalancePercent(), "fed, the currents of the groups differ by ");
        add(wrong, f.backwardPercent(), "fed, part of the field turns backwards: ");
        f.distributionPercent()
                .filter(d -> d < right * (1 - 1e-6))
                .ifPresent(d -> wrong.add("fed, the coils help one another by " + Figures.significant(d, 3)
                        + " %, joined right " + Figures.significant(right, 3) + " %"));
        String all = String.join("; ", wrong);
        return all.isEmpty()
                ? "It makes no field of the poles asked for."
                : Character.toUpperCase(all.charAt(0)) + all.substring(1) + ".";
    }

    private static void add(List<String> wrong, Optional<Double> percent, String words) {
        percent.filter(p -> p >= 1e-4).ifPresent(p -> wrong.add(words + Figures.significant(p, 3) + " %"));
    }

    static List<Step> steps(ConnectionFigures f, double right) {
        List<Step> steps = new ArrayList<>();
        step(
                steps,
                "circulating current, spun",
                "100·largest current/largest voltage of a group",
                f.circulatingPercent());
        step(steps, "line voltages, spun", "100·largest deviation/mean", f.lineVoltageUnbalancePercent());
        step(steps, "currents of the groups, fed", "100·(largest − smallest)/largest", f.currentUnbalancePercent());
        step(steps, "field that turns backwards, fed", "100·smaller wave/larger wave", f.backwardPercent());
        step(steps, "distribution, fed", "100·wave·pole pairs/(Σ|I|·2·|sin(pπ·span/slots)|)", f.distributionPercent());
        steps.add(new Step(
                "distribution, joined right", "100·|Σ unit vectors|/coils of a phase", "", right, "%", SOURCE));
        return List.copyOf(steps);
    }

    private static void step(List<Step> steps, String name, String formula, Optional<Double> percent) {
        percent.ifPresent(p -> steps.add(new Step(name, formula, "", p, "%", SOURCE)));
    }
}
