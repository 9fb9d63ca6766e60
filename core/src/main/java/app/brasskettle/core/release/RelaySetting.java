package app.brasskettle.core.release;

import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import java.util.Optional;

/**
 * Setting of the overload relay that belongs to a motor.
 *
 * @param setA the setting, the plate's current
 * @param mostA the most the relay may be set to
 * @param label the setting in so few words that a label holds them
 * @param sentence both with their source
 */
public record RelaySetting(double setA, double mostA, String label, String sentence) {

    private static final double GENEROUS_SERVICE_FACTOR = 1.15;
    private static final double GENEROUS_PERCENT = 125;
    private static final double USUAL_PERCENT = 115;

    /**
     * Computes the setting.
     *
     * @param speed name of the speed; empty for a motor with one
     * @param ratedCurrentA current of a line at rated load
     * @param serviceFactor by the plate
     */
    public static RelaySetting of(String speed, double ratedCurrentA, Optional<Double> serviceFactor) {
        boolean generous =
                serviceFactor.filter(f -> f >= GENEROUS_SERVICE_FACTOR).isPresent();
        double percent = generous ? GENEROUS_PERCENT : USUAL_PERCENT;
        double most = ratedCurrentA * percent / 100;
        return new RelaySetting(
                ratedCurrentA,
                most,
                "Relay" + speed + ": " + Figures.show(ratedCurrentA, Dimension.CURRENT),
                "Overload relay" + speed + ": set it to " + Figures.show(ratedCurrentA, Dimension.CURRENT)
                        + ", the plate’s current (IEC 60947-4-1); " + Figures.show(most, Dimension.CURRENT)
                        + " at most, " + Figures.plain(percent) + " % of it (NFPA 70, 430.32, service factor "
                        + serviceFactor.map(Figures::plain).orElse("not on the plate, taken as 1") + ")");
    }
}
