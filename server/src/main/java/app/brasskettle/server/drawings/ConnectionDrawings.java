package app.brasskettle.server.drawings;

import app.brasskettle.core.connection.ConnectionAssessment;
import app.brasskettle.core.connection.DiagramWorksheet;
import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.windingtake.WindingTake;
import java.util.List;
import java.util.Optional;

/**
 * The two drawings of a connection, as SVG.
 *
 * @param diagram as it is to be; of a take its groups alone
 * @param found as it was found; empty while nobody read the joints
 */
public record ConnectionDrawings(String diagram, Optional<String> found) {

    /** Draws the groups of a take as far as slots and poles are known, without joints. */
    public static Optional<ConnectionDrawings> of(WindingTake take) {
        return take.slots()
                .flatMap(slots -> take.poles().map(poles -> GroupRing.of(slots, poles, take.groupPattern())))
                .map(ring -> new ConnectionDrawings(
                        new ConnectionRing(DiagramWorksheet.groups(ring), List.of()).svg(), Optional.empty()));
    }

    /** Draws what an assessment holds; nothing where the winding data allow no diagram. */
    public static Optional<ConnectionDrawings> of(
            ConnectionAssessment assessment, Optional<List<List<String>>> joints) {
        return assessment
                .diagram()
                .map(d -> new ConnectionDrawings(
                        new ConnectionRing(d.groups(), d.joints()).svg(),
                        joints.map(j -> new ConnectionRing(d.groups(), j).svg())));
    }
}
