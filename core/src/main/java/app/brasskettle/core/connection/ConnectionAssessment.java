package app.brasskettle.core.connection;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What the connection of a job's winding comes to: the diagram its data allow, and the joints as found held against it.
 *
 * @param diagram the diagram, where the data allow one
 * @param speeds flux at each speed, of a winding for two
 * @param found the joints as found, checked once for each connection of the scheme; none while nobody read them
 * @param judgement what stands
 */
public record ConnectionAssessment(
        Optional<ConnectionDiagram> diagram, List<SpeedField> speeds, List<Checked> found, Judgement judgement) {

    private static final String SOURCE = ConnectionCheckWorksheet.SOURCE;
    private static final int SHOWN = 3;

    /**
     * The joints as found under one connection of the scheme.
     *
     * @param name what the connection is for
     * @param poles poles it is asked for
     * @param result what the check says
     */
    public record Checked(String name, int poles, ConnectionCheckResult result) {}

    /**
     * Assesses a connection.
     *
     * @param winding the winding data; empty while they are not taken
     * @param sheet what leaves the winding and what was found
     */
    public static ConnectionAssessment of(Optional<WindingData> winding, ConnectionSheet sheet) {
        if (winding.isEmpty()) {
            return nothing(
                    Verdict.UNPROVEN,
                    "Winding data come first",
                    "A diagram rests on slots, poles, span and circuits.",
                    "Take the winding data.");
        }
        DiagramQuestion question;
        try {
            question = question(winding.get(), sheet.scheme());
        } catch (InvalidInputException refused) {
            return nothing(
                    Verdict.STOP,
                    "No balanced winding has this diagram",
                    refused.problems().stream().map(Problem::message).collect(Collectors.joining(". ")) + ".",
                    "Count groups, circuits and leads again, or choose another scheme.");
        }
        ConnectionDiagram diagram = DiagramWorksheet.create().work().apply(question);
        List<SpeedField> speeds = SpeedField.of(diagram, winding.get());
        return sheet.joints()
                .map(joints -> found(question, diagram, speeds, joints))
                .orElseGet(() -> new ConnectionAssessment(
                        Optional.of(diagram),
                        speeds,
                        List.of(),
                        new Judgement(
                                Verdict.UNPROVEN,
                                "The joints of this winding are not read yet",
                                diagram.judgement().headline() + ".",
                                SOURCE,
                                "Enter the joints as they are, group by group, before one is cut.")));
    }

    private static ConnectionAssessment nothing(Verdict verdict, String headline, String because, String next) {
        return new ConnectionAssessment(
                Optional.empty(), List.of(), List.of(), new Judgement(verdict, headline, because, SOURCE, next));
    }

    /**
     * Derives the diagram of a winding that is to be made.
     *
     * @throws InvalidInputException when its groups and circuits allow none
     */
    public static ConnectionDiagram diagram(WindingData winding, ConnectionScheme scheme) {
        return DiagramWorksheet.create().work().apply(question(winding, scheme));
    }

    /** A take counts circuits, wye or delta of two speeds as they are at the high one, whose poles its groups have. */
    private static DiagramQuestion question(WindingData w, ConnectionScheme scheme) {
        Problems problems = new Problems();
        int times = scheme.circuitsAtHighSpeed();
        if (scheme.atHighSpeed().filter(c -> c != w.connection()).isPresent()) {
            problems.add(
                    "connection",
                    Problem.Code.CONTRADICTION,
                    "connection is " + w.connection().label() + "; at the high speed, whose " + w.poles()
                            + " poles the groups have, this scheme is "
                            + scheme.atHighSpeed().get().label());
        }
        if (w.parallelCircuits() % times != 0) {
            problems.add(
                    "parallelCircuits",
                    Problem.Code.CONTRADICTION,
                    "parallelCircuits is " + w.parallelCircuits()
                            + "; at the high speed this scheme has an even number");
        }
        problems.throwIfAny();
        return new DiagramQuestion(
                w.slots(),
                w.poles(),
                w.spanSlots(),
                w.parallelCircuits() / times,
                scheme,
                scheme.connectedInside() ? Optional.of(w.connection()) : Optional.empty(),
                w.groupPattern());
    }

    private static ConnectionAssessment found(
            DiagramQuestion q, ConnectionDiagram diagram, List<SpeedField> speeds, List<List<String>> joints) {
        List<Checked> checked = new ArrayList<>();
        for (ConnectionDiagram.Connection c : diagram.connections()) {
            try {
                FoundConnection found = new FoundConnection(
                        q.slots(),
                        q.poles(),
                        q.spanSlots(),
                        q.groupPattern(),
                        joints,
                        new OutsideConnection(c.lines(), c.joined(), c.poles()));
                checked.add(new Checked(
                        c.name(),
                        c.poles(),
                        ConnectionCheckWorksheet.create().work().apply(found)));
            } catch (InvalidInputException refused) {
                return new ConnectionAssessment(Optional.of(diagram), speeds, List.of(), incomplete(refused));
            }
        }
        return new ConnectionAssessment(
                Optional.of(diagram), speeds, List.copyOf(checked), judge(diagram, joints, checked));
    }

    private static Judgement incomplete(InvalidInputException refused) {
        List<String> wrong = refused.problems().stream().map(Problem::message).toList();
        return new Judgement(
                Verdict.UNPROVEN,
                "The joints are not all read",
                wrong.stream().limit(SHOWN).collect(Collectors.joining(". "))
                        + (wrong.size() > SHOWN ? "; and " + (wrong.size() - SHOWN) + " more." : "."),
                SOURCE,
                "Go on group by group: every start, every finish and every lead stands in one joint.");
    }

    private static Judgement judge(ConnectionDiagram diagram, List<List<String>> joints, List<Checked> checked) {
        boolean alike = checked.stream()
                        .map(c -> c.result().judgement().headline())
                        .distinct()
                        .count()
                == 1;
        for (Checked c : checked) {
            if (!c.result().sound()) {
                Judgement j = c.result().judgement();
                return new Judgement(
                        j.verdict(),
                        alike ? j.headline() : c.name() + ": " + j.headline(),
                        j.because(),
                        j.source(),
                        j.next());
            }
        }
        boolean same = sets(joints).equals(sets(diagram.joints()));
        return new Judgement(
                Verdict.HOLDS,
                "Joined as found it is a sound winding"
                        + switch (checked.size()) {
                            case 1 -> "";
                            case 2 -> " in both connections";
                            default -> " in all " + checked.size() + " connections";
                        },
                same
                        ? "It is the diagram's own list of joints."
                        : "It is joined otherwise than the diagram here; both are right.",
                SOURCE,
                "Keep it: it can be brazed again from this list.");
    }

    private static Set<Set<String>> sets(List<List<String>> joints) {
        return joints.stream().map(HashSet::new).collect(Collectors.toSet());
    }
}
