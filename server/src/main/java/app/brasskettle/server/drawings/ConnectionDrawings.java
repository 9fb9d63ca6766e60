package app.brasskettle.server.drawings;

import app.brasskettle.core.connection.ConnectionAssessment;
import java.util.List;
import java.util.Optional;

/**
 * The two drawings of a connection, as SVG.
 *
 * @param diagram as it is to be
 * @param found as it was found; empty while nobody read the joints
 */
public record ConnectionDrawings(String diagram, Optional<String> found) {

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
