package app.brasskettle.core.connection;

import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.Magnetics;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.winding.WindingLimits;
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
 * @param verdict whether the iron carries it: usual designs go to the upper ends of the usual ranges
 */
public record SpeedField(
        String name, int poles, double windingFactor, double gapT, double toothT, double coreT, Verdict verdict) {

    /** Beyond this many times the usual no iron goes: something is miscounted. */
    private static final double FAR = 1.25;

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
        double pitch = Math.abs(GroupRing.pitchFactor(w.spanSlots(), c.poles(), w.slots()));
        double factor = distribution * pitch;
        Magnetics m = Magnetics.of(w, c.poles(), c.connection(), c.parallelCircuits(), factor);
        return new SpeedField(c.name(), c.poles(), factor, m.gapT(), m.toothT(), m.coreT(), verdict(m));
    }

    private static Verdict verdict(Magnetics m) {
        WindingLimits usual = WindingLimits.standard();
        return Verdict.worst(List.of(
                Limit.ceiling(m.gapT(), usual.gapHighT(), FAR * usual.gapHighT()),
                Limit.ceiling(m.toothT(), usual.toothHighT(), FAR * usual.toothHighT()),
                Limit.ceiling(m.coreT(), usual.coreHighT(), FAR * usual.coreHighT())));
    }
}
