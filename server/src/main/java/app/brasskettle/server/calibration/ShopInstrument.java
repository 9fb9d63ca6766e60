package app.brasskettle.server.calibration;

import java.time.LocalDate;

/**
 * An instrument of the shop.
 *
 * @param id its number
 * @param name what people call it
 * @param serial its serial number
 * @param calibrationDue last day its calibration is good
 * @param retired true once it is out of use
 * @param overdue true when that day has passed
 */
public record ShopInstrument(
        long id, String name, String serial, LocalDate calibrationDue, boolean retired, boolean overdue) {}
