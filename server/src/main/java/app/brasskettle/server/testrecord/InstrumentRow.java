package app.brasskettle.server.testrecord;

import app.brasskettle.core.testkind.InstrumentKind;
import app.brasskettle.core.testrecord.InstrumentUsed;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Optional;

/** The instrument that read a test, what it is, and until when it was calibrated then. */
public record InstrumentRow(String name, Optional<InstrumentKind> kind, LocalDate calibrationDue) {

    public InstrumentUsed used(OffsetDateTime at) {
        return new InstrumentUsed(name, kind, calibrationDue.isBefore(at.toLocalDate()), calibrationDue.toString());
    }
}
