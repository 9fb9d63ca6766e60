package app.brasskettle.server.jobs;

import app.brasskettle.core.quantity.Spelling;
import app.brasskettle.core.quantity.UnitSystem;
import app.brasskettle.core.testkind.InstrumentKind;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.InstrumentUsed;
import app.brasskettle.core.testrecord.Origin;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A job's own row. */
record JobRow(
        long id,
        String tag,
        String customer,
        String machine,
        String complaint,
        String supply,
        String urgency,
        BigDecimal outageCostPerHour,
        Optional<OffsetDateTime> promisedAt,
        OffsetDateTime receivedAt,
        String receivedBy,
        Map<String, Object> simulatedMotor,
        int version,
        long customerId,
        String mark,
        String askedBy,
        Optional<FloorRow.SetDown> setDown,
        Optional<FloorRow.Waiting> waiting,
        Optional<FloorRow.Left> left) {

    /** The same row as another shop received it. */
    JobRow receivedBy(String by, Map<String, Object> motor, String knownBy) {
        return new JobRow(
                id,
                tag,
                customer,
                machine,
                complaint,
                supply,
                urgency,
                outageCostPerHour,
                promisedAt,
                receivedAt,
                by,
                motor,
                version,
                customerId,
                knownBy,
                askedBy,
                setDown,
                waiting,
                left);
    }

    /** A name as it is shown: one that a file brought is no account of this shop, whatever it is called. */
    static String signed(String by, boolean imported) {
        return imported ? by + " (in the file)" : by;
    }

    /** A sheet as stored. */
    record SheetRow(
            SheetKind kind, int version, Map<String, Object> typed, boolean imported, String by, OffsetDateTime at) {

        /** What was typed with every unit written out; a bare figure in the store is a metric one. */
        Map<String, Object> spelt() {
            return spelt(kind, typed);
        }

        static Map<String, Object> spelt(SheetKind kind, Map<String, Object> typed) {
            return Spelling.of(kind.type(), typed, UnitSystem.METRIC);
        }
    }

    /** A test as stored. */
    record TestRow(
            long id,
            TestKind kind,
            int speed,
            Map<String, Object> typed,
            Map<String, Object> input,
            Map<String, Object> result,
            Origin origin,
            String originNote,
            Optional<Double> appliedV,
            Optional<Instrument> instrument,
            String by,
            OffsetDateTime at,
            Optional<Long> supersededBy,
            Optional<String> supersededBecause,
            Optional<Map<String, Object>> earlierTraces) {

        /** Key under which the test stands on its job. */
        String key() {
            return key(kind, speed);
        }

        static String key(TestKind kind, int speed) {
            return speed == 1 ? kind.word() : kind.word() + "/" + speed;
        }

        boolean stands() {
            return supersededBy.isEmpty();
        }

        boolean simulated() {
            return origin == Origin.SIMULATED;
        }
    }

    /** The instrument that read a test, what it is, and until when it was calibrated then. */
    public record Instrument(String name, Optional<InstrumentKind> kind, LocalDate calibrationDue) {

        InstrumentUsed used(OffsetDateTime at) {
            return new InstrumentUsed(name, kind, calibrationDue.isBefore(at.toLocalDate()), calibrationDue.toString());
        }
    }

    /** An event as stored. */
    record EventRow(EventKind kind, Map<String, Object> detail, boolean imported, String by, OffsetDateTime at) {

        String text(String name) {
            Object value = detail.get(name);
            return value == null ? "" : value.toString();
        }

        /** A list of texts; none where the event has no such list. */
        List<String> texts(String name) {
            return detail.get(name) instanceof List<?> list
                    ? list.stream().map(String::valueOf).toList()
                    : List.of();
        }

        double figure(String name) {
            return detail.get(name) instanceof Number n ? n.doubleValue() : 0;
        }

        double epochSeconds() {
            return JobClock.seconds(at);
        }
    }
}
