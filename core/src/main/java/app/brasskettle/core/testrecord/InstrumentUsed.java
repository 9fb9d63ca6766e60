package app.brasskettle.core.testrecord;

import app.brasskettle.core.testkind.InstrumentKind;
import java.util.Optional;

/**
 * The instrument of the shop's list that read a test, as it stood that day.
 *
 * @param name what people call it
 * @param kind what it is; empty for one entered before kinds were asked for
 * @param outOfCalibration true when its calibration had run out that day
 * @param calibrationDue the day until which its calibration was good, as a date
 */
public record InstrumentUsed(
        String name, Optional<InstrumentKind> kind, boolean outOfCalibration, String calibrationDue) {}
