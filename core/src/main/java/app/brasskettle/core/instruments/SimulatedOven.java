package app.brasskettle.core.instruments;

import app.brasskettle.core.oven.OvenReading;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * An oven with a part in it: air that is set, a part that follows it slowly, and old insulation that can burn. A stand-in for
 * practice; no reading of it says anything about a real oven.
 *
 * @param holdC temperature from which time counts
 * @param holdMinutes how long the part is to be held
 * @param limitC temperature that the part must not pass
 * @param fault what goes wrong
 * @param seed noise of the sensor
 */
public record SimulatedOven(double holdC, double holdMinutes, double limitC, OvenFault fault, long seed) {

    private static final double ROOM_C = 20;
    private static final double EVERY_MINUTES = 5;
    /** The part follows the air by this time constant. */
    private static final double FOLLOWS_MINUTES = 45;

    private static final double SENSOR_K = 0.4;
    private static final double FIRE_K_PER_MINUTE = 4;
    private static final double FIRE_OVER_K = 55;
    private static final double OPEN_MINUTES = 60;
    private static final double LOST_MINUTES = 90;
    /** When it goes wrong, as a share of the time to be held. */
    private static final double GOES_WRONG_AT = 0.4;

    /** What the sensor on the part shows, minute by minute, until it has been held and has cooled a little. */
    public InstrumentScript script() {
        Random noise = new Random(seed);
        double setC = holdC + (limitC - holdC) / 3;
        double warm = FOLLOWS_MINUTES * Math.log((setC - ROOM_C) / (setC - holdC));
        double wrongAt = warm + GOES_WRONG_AT * holdMinutes;
        double off = warm + holdMinutes * 1.1;
        double end = off + 30;
        List<InstrumentScript.Moment> moments = new ArrayList<>();
        double part = ROOM_C;
        for (double t = 0; t <= end; t += EVERY_MINUTES) {
            boolean wrong = t >= wrongAt;
            boolean open = fault == OvenFault.OPENED && wrong && t < wrongAt + OPEN_MINUTES;
            double air = t > off || open ? ROOM_C : setC;
            if (t > 0) {
                part += (air - part) * (1 - Math.exp(-EVERY_MINUTES / FOLLOWS_MINUTES));
            }
            if (fault == OvenFault.RUNS_AWAY && wrong && part < limitC + FIRE_OVER_K && t <= off) {
                part += FIRE_K_PER_MINUTE * EVERY_MINUTES;
            }
            boolean lost = fault == OvenFault.SENSOR_LOST && wrong && t < wrongAt + LOST_MINUTES;
            if (!lost) {
                double shown = Math.round(10 * (part + SENSOR_K * noise.nextGaussian())) / 10.0;
                moments.add(new InstrumentScript.Moment(60 * t, new OvenReading(t, shown)));
            }
        }
        return new InstrumentScript(moments, 60 * end, Optional.empty());
    }
}
