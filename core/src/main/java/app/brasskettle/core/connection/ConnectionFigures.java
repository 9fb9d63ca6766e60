package app.brasskettle.core.connection;

import java.util.Optional;

/**
 * What a connection does when it is spun and fed; all absent where no winding ties the lines together.
 *
 * @param distributionPercent field of the wanted poles against coils that all help one another
 * @param circulatingPercent largest current that flows with nothing fed, against the largest voltage of a group
 * @param lineVoltageUnbalancePercent largest deviation of a line voltage from their mean
 * @param currentUnbalancePercent largest less smallest current of a group, against the largest
 * @param backwardPercent field that turns the other way, against the one that turns the right way
 * @param fieldPoles poles of the strongest field
 * @param rotation sense in which the field turns, seen from the connection end
 */
public record ConnectionFigures(
        Optional<Double> distributionPercent,
        Optional<Double> circulatingPercent,
        Optional<Double> lineVoltageUnbalancePercent,
        Optional<Double> currentUnbalancePercent,
        Optional<Double> backwardPercent,
        Optional<Integer> fieldPoles,
        Optional<Rotation> rotation) {

    private static final double NOTHING_PERCENT = 1e-4;
    private static final double EQUAL = 1e-6;

    static ConnectionFigures none() {
        return new ConnectionFigures(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /**
     * Tells whether the connection makes a motor as good as its grouping can be, of the poles that are asked: joints that are in order for
     * four poles make no winding of twenty.
     */
    boolean sound(double rightDistributionPercent, int poles) {
        return sound(rightDistributionPercent)
                && fieldPoles.filter(p -> p == poles).isPresent();
    }

    /** Tells whether nothing is wrong with its joints, whatever other field is stronger than the one that is wanted. */
    boolean sound(double rightDistributionPercent) {
        return nothing(circulatingPercent)
                && nothing(lineVoltageUnbalancePercent)
                && nothing(currentUnbalancePercent)
                && nothing(backwardPercent)
                && distributionPercent
                        .filter(d -> d >= rightDistributionPercent * (1 - EQUAL))
                        .isPresent();
    }

    private static boolean nothing(Optional<Double> percent) {
        return percent.filter(p -> p < NOTHING_PERCENT).isPresent();
    }
}
