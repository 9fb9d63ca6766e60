package app.brasskettle.server.calibration;

import app.brasskettle.core.testkind.InstrumentKind;
import java.time.LocalDate;
import java.util.Optional;

/**
 * An instrument of the shop.
 *
 * @param id its number
 * @param name what people call it
 * @param serial its serial number
 * @param kind what it is; empty for one entered before kinds were asked for
 * @param calibrationDue last day its calibration is good
 * @param retired true once it is out of use
 * @param overdue true when that day has passed
 */
public record ShopInstrument(
        long id,
        String name,
        String serial,
        Optional<InstrumentKind> kind,
        LocalDate calibrationDue,
        boolean retired,
        boolean overdue) {}
