package app.brasskettle.core.mechanics;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import java.util.Optional;

/**
 * Vibration of a machine that leaves a shop: uncoupled, without load, a half key in its seat (IEC 60034-14:2003 with A1:2007,
 * table 1, grade A, velocity).
 *
 * <p>The zones of ISO 20816 say how long a machine in service may go on; these limits say what a repaired one may leave with, and
 * are the tighter ones.
 */
final class RepairedVibration {

    /** The standard begins at this shaft height. */
    private static final double MIN_HEIGHT_MM = 56;

    private static final double[] UP_TO_MM = {132, 280, Double.POSITIVE_INFINITY};
    private static final double[] FREE_MM_PER_S = {1.6, 2.2, 2.8};
    private static final double[] RIGID_MM_PER_S = {1.3, 1.8, 2.3};
    private static final String SOURCE = "IEC 60034-14, table 1, grade A";

    private RepairedVibration() {}

    /**
     * Finds the limit for a shaft height.
     *
     * @param mounting bolted to a heavy base, or hung and laid soft
     * @param shaftHeightMm millimetres, 56 and more
     * @return mm/s rms
     */
    static double limitMmPerS(VibrationReadings.Mounting mounting, double shaftHeightMm) {
        int height = 0;
        while (Limit.over(shaftHeightMm, UP_TO_MM[height])) {
            height++;
        }
        return mounting == VibrationReadings.Mounting.RIGID ? RIGID_MM_PER_S[height] : FREE_MM_PER_S[height];
    }

    /**
     * Judges the highest reading of a machine that was repaired here; one whose shaft height nobody knows is Unproven.
     *
     * @param test the readings
     * @param highestMmPerS the highest of them
     * @return empty for one that was not repaired, or is lower than the standard begins
     */
    static Optional<Judgement> of(VibrationReadings test, double highestMmPerS) {
        boolean judged = test.repairedHere().orElse(false)
                && test.shaftHeightMm().filter(h -> h < MIN_HEIGHT_MM).isEmpty();
        return judged ? Optional.of(judge(test, highestMmPerS)) : Optional.empty();
    }

    private static Judgement judge(VibrationReadings test, double highestMmPerS) {
        if (test.shaftHeightMm().isEmpty()) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    "Repaired, " + Figures.plain(highestMmPerS) + " mm/s: the limit goes by shaft height",
                    "Neither the frame of the plate nor the sheet tells it",
                    SOURCE,
                    "Enter the frame on the plate, or the height from feet to the middle of the shaft.");
        }
        double height = test.shaftHeightMm().get();
        double limit = limitMmPerS(test.mounting(), height);
        boolean over = Limit.over(highestMmPerS, limit);
        return new Judgement(
                over ? Verdict.STOP : Verdict.HOLDS,
                "Repaired, " + Figures.plain(highestMmPerS) + " mm/s; stop over " + Figures.plain(limit)
                        + " at shaft height " + Figures.plain(height) + " mm",
                "Uncoupled, without load, half key in its seat, standing "
                        + test.mounting().code(),
                SOURCE,
                over
                        ? "Balance the rotor, look for soft foot, fit and bearing; run it again before it goes out."
                        : "It may leave.");
    }
}
