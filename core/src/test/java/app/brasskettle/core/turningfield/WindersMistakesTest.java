package app.brasskettle.core.turningfield;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.core.connection.ConnectionScheme;
import app.brasskettle.core.connection.DiagramQuestion;
import app.brasskettle.core.connection.DiagramWorksheet;
import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.instruments.BareStator;
import app.brasskettle.core.instruments.WindersMistake;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingConnection;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the turning field finds of the mistakes a winder makes, over designs, connections and seeds of the model. */
class WindersMistakesTest {

    private static final int SEEDS = 6;

    /** Slots, poles, span, circuits, scheme, connection: usual designs of one speed and of two. */
    private static final List<DiagramQuestion> DESIGNS = List.of(
            design(36, 4, 8, 1, ConnectionScheme.THREE_LEAD, WindingConnection.WYE),
            design(36, 4, 8, 2, ConnectionScheme.THREE_LEAD, WindingConnection.DELTA),
            design(48, 4, 10, 1, ConnectionScheme.SIX_LEAD, null),
            design(36, 6, 5, 1, ConnectionScheme.THREE_LEAD, WindingConnection.DELTA),
            design(48, 4, 6, 1, ConnectionScheme.TWO_SPEED_CONSTANT_TORQUE, null),
            design(36, 2, 14, 1, ConnectionScheme.THREE_LEAD, WindingConnection.WYE));

    private static DiagramQuestion design(
            int slots, int poles, int span, int circuits, ConnectionScheme scheme, WindingConnection connection) {
        return new DiagramQuestion(
                slots, poles, span, circuits, scheme, Optional.ofNullable(connection), Optional.empty());
    }

    private static List<FieldResult> read(Optional<WindersMistake> mistake) {
        List<FieldResult> all = new ArrayList<>();
        for (DiagramQuestion q : DESIGNS) {
            ConnectionDiagram diagram = DiagramWorksheet.create().work().apply(q);
            GroupRing ring = GroupRing.of(q.slots(), q.poles(), q.groupPattern());
            for (ConnectionDiagram.Connection c : diagram.connections()) {
                for (long seed = 0; seed < SEEDS; seed++) {
                    all.add(TurningFieldWorksheet.create()
                            .work()
                            .apply(new BareStator(ring, q.spanSlots(), diagram, c, mistake, seed).read(40, 10)));
                }
            }
        }
        return all;
    }

    private static double percent(List<FieldResult> all, Verdict verdict) {
        return 100.0
                * all.stream().filter(r -> r.judgement().verdict() == verdict).count()
                / all.size();
    }

    @ParameterizedTest
    @EnumSource(WindersMistake.class)
    void findsEachMistake(WindersMistake mistake) {
        assertThat(percent(read(Optional.of(mistake)), Verdict.STOP))
                .as("percent of %s stopped", mistake.label())
                .isGreaterThanOrEqualTo(95);
    }

    @Test
    void raisesNoAlarmOnSoundWindings() {
        List<FieldResult> sound = read(Optional.empty());
        assertThat(100 - percent(sound, Verdict.HOLDS)).isLessThan(2);
    }
}
