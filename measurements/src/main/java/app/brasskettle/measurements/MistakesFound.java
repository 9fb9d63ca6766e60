package app.brasskettle.measurements;

import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.core.connection.ConnectionScheme;
import app.brasskettle.core.connection.DiagramQuestion;
import app.brasskettle.core.connection.DiagramWorksheet;
import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.instruments.BareStator;
import app.brasskettle.core.instruments.WindersMistake;
import app.brasskettle.core.turningfield.FieldResult;
import app.brasskettle.core.turningfield.TurningFieldWorksheet;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingConnection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** What the proof before varnish finds of a winder's mistakes, look by look, on simulated bare stators. */
final class MistakesFound {

    private static final List<String> LOOKS =
            List.of("dummy rotor, 4 places", "lines", "lines, predicted", "warm groups", "span counted");
    private static final int SEEDS = 40;
    private static final List<DiagramQuestion> DESIGNS = List.of(
            design(36, 4, 8, 1, ConnectionScheme.THREE_LEAD, WindingConnection.WYE),
            design(36, 4, 8, 2, ConnectionScheme.THREE_LEAD, WindingConnection.DELTA),
            design(48, 4, 10, 1, ConnectionScheme.SIX_LEAD, null),
            design(36, 6, 5, 1, ConnectionScheme.THREE_LEAD, WindingConnection.DELTA),
            design(48, 4, 6, 1, ConnectionScheme.TWO_SPEED_CONSTANT_TORQUE, null),
            design(48, 4, 6, 1, ConnectionScheme.TWO_SPEED_VARIABLE_TORQUE, null),
            design(36, 2, 14, 1, ConnectionScheme.THREE_LEAD, WindingConnection.WYE));

    private MistakesFound() {}

    private static DiagramQuestion design(
            int slots, int poles, int span, int circuits, ConnectionScheme scheme, WindingConnection connection) {
        return new DiagramQuestion(
                slots, poles, span, circuits, scheme, Optional.ofNullable(connection), Optional.empty());
    }

    static void print() {
        System.out.println("\n## A winder's mistakes, before varnish\n");
        System.out.println("| winding | " + String.join(" | ", LOOKS) + " | any look |");
        System.out.println("|---|" + "---|".repeat(LOOKS.size() + 1));
        line("sound", Optional.empty());
        for (WindersMistake mistake : WindersMistake.values()) {
            line(mistake.label(), Optional.of(mistake));
        }
    }

    private static void line(String name, Optional<WindersMistake> mistake) {
        List<FieldResult> all = DESIGNS.stream()
                .flatMap(q -> {
                    ConnectionDiagram diagram = DiagramWorksheet.create().work().apply(q);
                    GroupRing ring = GroupRing.of(q.slots(), q.poles(), q.groupPattern());
                    return diagram.connections().stream()
                            .flatMap(c -> IntStream.range(0, SEEDS)
                                    .mapToObj(seed -> TurningFieldWorksheet.create()
                                            .work()
                                            .apply(new BareStator(ring, q.spanSlots(), diagram, c, mistake, seed)
                                                    .read(40, 10))));
                })
                .toList();
        String shares = IntStream.range(0, LOOKS.size())
                .mapToObj(i -> share(
                        all.stream()
                                .filter(r -> r.findings().get(i).verdict() != Verdict.HOLDS)
                                .count(),
                        all.size()))
                .collect(Collectors.joining(" | "));
        long any = all.stream()
                .filter(r -> r.judgement().verdict() != Verdict.HOLDS)
                .count();
        System.out.println("| " + name + " (" + all.size() + ") | " + shares + " | " + share(any, all.size()) + " |");
    }

    private static String share(long found, int of) {
        return Math.round(1000.0 * found / of) / 10.0 + " %";
    }

    /** Prints the table alone. */
    public static void main(String[] args) {
        print();
    }
}
