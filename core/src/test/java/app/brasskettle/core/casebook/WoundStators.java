package app.brasskettle.core.casebook;

import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.core.connection.ConnectionScheme;
import app.brasskettle.core.connection.DiagramQuestion;
import app.brasskettle.core.connection.DiagramWorksheet;
import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.instruments.BareStator;
import app.brasskettle.core.instruments.WindersMistake;
import app.brasskettle.core.turningfield.FieldResult;
import app.brasskettle.core.turningfield.TurningFieldWorksheet;
import app.brasskettle.core.winding.WindingConnection;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Bare stators of usual designs, of one speed and of two, with a mistake of the winder's or without one. */
public final class WoundStators {

    private static final double APPLIED_V = 40;
    private static final double SOUND_A = 10;

    /** Slots, poles, span, circuits, scheme, connection. */
    private static final List<DiagramQuestion> DESIGNS = List.of(
            design(36, 4, 8, 1, ConnectionScheme.THREE_LEAD, WindingConnection.WYE),
            design(36, 4, 8, 2, ConnectionScheme.THREE_LEAD, WindingConnection.DELTA),
            design(48, 4, 10, 1, ConnectionScheme.SIX_LEAD, null),
            design(36, 6, 5, 1, ConnectionScheme.THREE_LEAD, WindingConnection.DELTA),
            design(48, 4, 6, 1, ConnectionScheme.TWO_SPEED_CONSTANT_TORQUE, null),
            design(48, 4, 6, 1, ConnectionScheme.TWO_SPEED_VARIABLE_TORQUE, null),
            design(36, 2, 14, 1, ConnectionScheme.THREE_LEAD, WindingConnection.WYE));

    private WoundStators() {}

    private static DiagramQuestion design(
            int slots, int poles, int span, int circuits, ConnectionScheme scheme, WindingConnection connection) {
        return new DiagramQuestion(
                slots, poles, span, circuits, scheme, Optional.ofNullable(connection), Optional.empty());
    }

    /** The turning field of every design in every connection, so many seeds of each. */
    public static List<FieldResult> read(Optional<WindersMistake> mistake, int seeds) {
        List<FieldResult> all = new ArrayList<>();
        for (DiagramQuestion q : DESIGNS) {
            ConnectionDiagram diagram = DiagramWorksheet.create().work().apply(q);
            GroupRing ring = GroupRing.of(q.slots(), q.poles(), q.groupPattern());
            for (ConnectionDiagram.Connection c : diagram.connections()) {
                for (long seed = 0; seed < seeds; seed++) {
                    all.add(TurningFieldWorksheet.create()
                            .work()
                            .apply(new BareStator(ring, q.spanSlots(), diagram, c, mistake, seed)
                                    .read(APPLIED_V, SOUND_A)));
                }
            }
        }
        return all;
    }
}
