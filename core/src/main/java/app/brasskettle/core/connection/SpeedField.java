package app.brasskettle.core.connection;

import app.brasskettle.core.winding.Magnetics;
import app.brasskettle.core.winding.WindingData;
import java.util.List;

/**
 * Flux of a winding for two speeds in one of its connections.
 *
 * @param name what the connection is for
 * @param poles poles of the field
 * @param windingFactor pitch × distribution for these poles
 * @param gapT flux density in the gap
 * @param toothT in the teeth
 * @param coreT in the back iron
 */
public record SpeedField(String name, int poles, double windingFactor, double gapT, double toothT, double coreT) {

    /**
     * Computes the flux of every speed of a diagram.
     *
     * @param diagram the connections, each with the distribution it was proved to have
     * @param winding core, turns, span and voltage
     * @return one a speed; none for a winding of one speed
     */
    public static List<SpeedField> of(ConnectionDiagram diagram, WindingData winding) {
        boolean twoSpeeds = diagram.connections().stream()
                        .mapToInt(ConnectionDiagram.Connection::poles)
                        .distinct()
                        .count()
                > 1;
        return twoSpeeds
                ? diagram.connections().stream().map(c -> of(c, winding)).toList()
                : List.of();
    }

    private static SpeedField of(ConnectionDiagram.Connection c, WindingData w) {
        double distribution = c.proof().distributionPercent().orElseThrow() / 100;
        double pitch = Math.abs(Math.sin(Math.PI / 2 * w.spanSlots() * c.poles() / w.slots()));
        double factor = distribution * pitch;
        Magnetics m = Magnetics.of(w, c.poles(), c.connection(), c.parallelCircuits(), factor);
        return new SpeedField(c.name(), c.poles(), factor, m.gapT(), m.toothT(), m.coreT());
    }
}
