package app.brasskettle.server.exchange;

import app.brasskettle.server.customers.Customer;
import app.brasskettle.server.jobrecord.JobRow;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A whole job as it is written into a file (described by {@code docs/job-file.schema.json}).
 *
 * @param format always {@code brass-kettle-job}
 * @param version version of the format, 1
 * @param exportedAt when it was written
 * @param shop the shop that wrote it
 * @param job the job's own row
 * @param contacts the customer's people
 * @param sheets what was written down, as typed
 * @param tests every bench test in order, superseded ones too
 * @param events what was done by name
 * @param photographs pictures that lie beside this in the archive
 * @param journal every change, for reading; it is not taken in again
 */
public record JobFile(
        String format,
        int version,
        OffsetDateTime exportedAt,
        String shop,
        Job job,
        List<Customer.Contact> contacts,
        List<Sheet> sheets,
        List<Test> tests,
        List<Event> events,
        List<Picture> photographs,
        List<Change> journal) {

    public static final String FORMAT = "brass-kettle-job";
    public static final int VERSION = 2;

    /** The job's own row. */
    public record Job(
            String tag,
            String customer,
            String machine,
            String complaint,
            String supply,
            String urgency,
            String askedBy,
            BigDecimal outageCostPerHour,
            Optional<OffsetDateTime> promisedAt,
            OffsetDateTime receivedAt,
            String receivedBy,
            String mark,
            Map<String, Object> simulatedMotor,
            Optional<JobRow.SetDown> setDown,
            Optional<JobRow.Waiting> waiting,
            Optional<JobRow.Left> left) {}

    /** A sheet as typed. */
    public record Sheet(String kind, Map<String, Object> typed, String by, OffsetDateTime at) {}

    /**
     * A test: readings as typed and as read, what was judged of them then, and why it superseded the one before. Files of an
     * earlier day name no speed, which is the first, and no instrument.
     */
    public record Test(
            String kind,
            Integer speed,
            Map<String, Object> typed,
            Map<String, Object> input,
            Map<String, Object> result,
            boolean simulated,
            String origin,
            String originNote,
            Double appliedV,
            String instrument,
            String instrumentKind,
            LocalDate calibrationDue,
            String because,
            String by,
            OffsetDateTime at,
            Judged judged) {

        /** What the page says of it, its doubts included; for reading, it is not taken in again. */
        public record Judged(String verdict, String headline, String because) {}

        /** Returns the speed of a two-speed motor that was tested, 1 where the file names none. */
        int speedNumber() {
            return speed == null ? 1 : speed;
        }
    }

    /** Something done by name. */
    public record Event(String kind, Map<String, Object> detail, String by, OffsetDateTime at) {}

    /** A photograph: its file in the archive and what it shows. */
    public record Picture(String file, String step, String finding, String caption, String by, OffsetDateTime at) {}

    /** One change of the journal. */
    public record Change(
            OffsetDateTime at,
            String by,
            String what,
            Optional<Map<String, Object>> before,
            Optional<Map<String, Object>> after) {}
}
