package app.brasskettle.core.mechanics;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * Vibration read at the bearing housings.
 *
 * @param ratedPowerW shaft power of the plate
 * @param mounting how it stands
 * @param repairedHere whether it was worked on in this shop and runs uncoupled, without load; no when absent
 * @param shaftHeightMm middle of the shaft above the feet, to 2000 mm
 * @param readings one row for each place and direction
 */
public record VibrationReadings(
        double ratedPowerW,
        Mounting mounting,
        Optional<Boolean> repairedHere,
        Optional<Double> shaftHeightMm,
        List<Reading> readings) {

    /** How a machine stands while it is read. */
    public enum Mounting implements Coded {
        RIGID,
        FLEXIBLE
    }

    /** Ends of a machine. */
    public enum Place implements Coded {
        DRIVE_END,
        NON_DRIVE_END
    }

    /** Directions of a reading. */
    public enum Direction implements Coded {
        HORIZONTAL,
        VERTICAL,
        AXIAL
    }

    /**
     * One reading.
     *
     * @param place which end
     * @param direction which way
     * @param velocityMmPerS rms velocity, 10 to 1000 Hz
     */
    public record Reading(Place place, Direction direction, double velocityMmPerS) {

        public Reading {
            Problems problems = new Problems();
            problems.present("place", place);
            problems.present("direction", direction);
            problems.notNegative("velocityMmPerS", velocityMmPerS, "mm/s");
            problems.throwIfAny();
        }
    }

    private static final int MOST = 60;

    private static final double TALLEST_MM = 2000;

    public VibrationReadings {
        repairedHere = Problems.orEmpty(repairedHere);
        shaftHeightMm = Problems.orEmpty(shaftHeightMm);
        readings = Problems.copy(readings);
        Problems problems = new Problems();
        problems.positive("ratedPowerW", ratedPowerW, "W");
        problems.present("mounting", mounting);
        shaftHeightMm.ifPresent(h -> problems.aboveTo("shaftHeightMm", h, 0, TALLEST_MM, "mm"));
        problems.size("readings", readings, 1, MOST);
        problems.throwIfAny();
    }
}
