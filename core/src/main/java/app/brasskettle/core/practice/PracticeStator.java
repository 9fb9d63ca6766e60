package app.brasskettle.core.practice;

import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.core.connection.ConnectionScheme;
import app.brasskettle.core.connection.DiagramQuestion;
import app.brasskettle.core.connection.DiagramWorksheet;
import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.instruments.BareStator;
import app.brasskettle.core.instruments.WindersMistake;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.turningfield.FieldReading;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.worksheet.Coded;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The bare stator of an exercise, with the mistake that is hidden in it. */
final class PracticeStator {

    private static final double FIELD_V = 40;
    private static final double FIELD_A = 10;
    private static final int COUNTED = 6;

    private final Exercise exercise;
    private final long seed;

    PracticeStator(Exercise exercise, long seed) {
        this.exercise = exercise;
        this.seed = seed;
    }

    private record Design(GroupRing ring, int span, ConnectionDiagram diagram) {}

    private Design ring() {
        String[] d = exercise.design().split("/", -1);
        DiagramQuestion q = new DiagramQuestion(
                Integer.parseInt(d[0]),
                Integer.parseInt(d[1]),
                Integer.parseInt(d[2]),
                Integer.parseInt(d[3]),
                Coded.parse(ConnectionScheme.class, d[4]).orElseThrow(),
                Coded.parse(WindingConnection.class, d[5]),
                Optional.empty());
        return new Design(
                GroupRing.of(q.slots(), q.poles(), q.groupPattern()),
                q.spanSlots(),
                DiagramWorksheet.create().work().apply(q));
    }

    private Optional<WindersMistake> mistake() {
        return Coded.parse(WindersMistake.class, exercise.answers().get(0));
    }

    private List<FieldReading> readings() {
        Design d = ring();
        return d.diagram().connections().stream()
                .map(c -> new BareStator(d.ring(), d.span(), d.diagram(), c, mistake(), seed).read(FIELD_V, FIELD_A))
                .toList();
    }

    List<String> field() {
        List<String> said = new ArrayList<>();
        List<FieldReading> all = readings();
        for (int i = 0; i < all.size(); i++) {
            FieldReading r = all.get(i);
            String speed = all.size() > 1 ? "Connection " + (i + 1) + ": " : "";
            said.add(speed + "line currents "
                    + String.join(
                            ", ",
                            r.lineCurrentsA().stream()
                                    .map(a -> Figures.significant(a, 3))
                                    .toList())
                    + " A at " + Figures.plain(FIELD_V) + " V, some " + Figures.plain(FIELD_A) + " A expected");
            said.add(speed + "dummy rotor at four places: "
                    + String.join(
                            ", ",
                            r.places().stream()
                                    .map(p -> p.turned().code().replace('-', ' '))
                                    .toList()));
        }
        return said;
    }

    List<String> warm() {
        return readings().stream()
                .findFirst()
                .flatMap(FieldReading::groupRisesK)
                .map(rises -> "Groups warmer by "
                        + String.join(
                                ", ",
                                rises.stream()
                                        .map(k -> Figures.plain(Math.round(k)))
                                        .toList())
                        + " K")
                .map(List::of)
                .orElse(List.of());
    }

    List<String> counted() {
        int more = mistake().filter(m -> m == WindersMistake.SPAN_OFF_BY_ONE).isPresent() ? 1 : 0;
        List<String> spans = new ArrayList<>();
        for (int i = 0; i < COUNTED; i++) {
            spans.add(String.valueOf(ring().span() + more));
        }
        return List.of("Spans counted on coils here and there, in slots: " + String.join(", ", spans)
                + "; the design asks for " + ring().span());
    }
}
