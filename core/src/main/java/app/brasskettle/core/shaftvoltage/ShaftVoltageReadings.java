package app.brasskettle.core.shaftvoltage;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * Shaft voltage and bearing current as measured, one row for each place, touch and remedy.
 *
 * @param supply what feeds the motor
 * @param bearing what it runs in
 * @param contactAreaMm2 area of the bearing's contact, where it is known
 * @param bearingLoadN radial load of that bearing, from which the area is estimated otherwise
 * @param readings the rows
 */
public record ShaftVoltageReadings(
        Supply supply,
        BearingKind bearing,
        Optional<Double> contactAreaMm2,
        Optional<Double> bearingLoadN,
        List<Reading> readings) {

    /** What feeds a motor. */
    public enum Supply implements Coded {
        MAINS,
        DRIVE,
        STATIC_CONVERTER
    }

    /** What a shaft runs in. */
    public enum BearingKind implements Coded {
        ROLLING,
        SLEEVE
    }

    /** Where and how it was read. */
    public enum Place implements Coded {
        DRIVE_END,
        NON_DRIVE_END
    }

    /** How the shaft was touched; a brush adds resistance of its own. */
    public enum Touch implements Coded {
        BRUSH,
        DIRECT
    }

    /** What was done against it while it was read. */
    public enum Remedy implements Coded {
        NONE,
        GROUNDING,
        COMMON_MODE_CORES,
        BOTH
    }

    /**
     * One reading.
     *
     * @param remedy what was in place
     * @param place which bearing
     * @param touch how the shaft was touched
     * @param shaftMillivolt shaft to frame, rms
     * @param bearingPeakA peak of the current through the bearing, where it was measured
     */
    public record Reading(
            Remedy remedy, Place place, Touch touch, double shaftMillivolt, Optional<Double> bearingPeakA) {

        public Reading {
            bearingPeakA = Problems.orEmpty(bearingPeakA);
            Problems problems = new Problems();
            problems.present("remedy", remedy);
            problems.present("place", place);
            problems.present("touch", touch);
            problems.notNegative("shaftMillivolt", shaftMillivolt, "mV");
            bearingPeakA.ifPresent(a -> problems.notNegative("bearingPeakA", a, "A"));
            problems.throwIfAny();
        }
    }

    private static final int MOST = 60;

    public ShaftVoltageReadings {
        contactAreaMm2 = Problems.orEmpty(contactAreaMm2);
        bearingLoadN = Problems.orEmpty(bearingLoadN);
        readings = Problems.copy(readings);
        Problems problems = new Problems();
        problems.present("supply", supply);
        problems.present("bearing", bearing);
        contactAreaMm2.ifPresent(a -> problems.positive("contactAreaMm2", a, "mm²"));
        bearingLoadN.ifPresent(l -> problems.positive("bearingLoadN", l, "N"));
        if (problems.size("readings", readings, 1, MOST)
                && readings.stream().noneMatch(r -> r.remedy() == Remedy.NONE)) {
            problems.add(
                    "readings",
                    Problem.Code.MISSING,
                    "readings holds none without a remedy; what a remedy changes is told against that");
        }
        problems.throwIfAny();
    }
}
