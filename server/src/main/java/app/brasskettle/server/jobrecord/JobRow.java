package app.brasskettle.server.jobrecord;

import java.math.BigDecimal;
import java.time.OffsetDateTime;
import java.util.Map;
import java.util.Optional;

/** A job's own row; number and shop are 0 until it is kept. */
public record JobRow(
        long id,
        long shop,
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
        Optional<JobRow.SetDown> setDown,
        Optional<JobRow.Waiting> waiting,
        Optional<JobRow.Left> left) {

    /** The same row as another shop received it. */
    public JobRow receivedBy(String by, Map<String, Object> motor, String knownBy) {
        return new JobRow(
                id,
                shop,
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
    public static String signed(String by, boolean imported) {
        return imported ? by + " (in the file)" : by;
    }

    /** What a job waits for: parts or the customer, and what exactly. */
    public record Waiting(String what, String reason) {}

    /** How a job left the shop. */
    public record Left(OffsetDateTime at, String how) {}

    /**
     * Work set down half way.
     *
     * @param by who set it down
     * @param at when
     * @param workNote where the hands were, in one line
     * @param displacedBy the rush job it was set down for
     */
    public record SetDown(String by, OffsetDateTime at, String workNote, Optional<String> displacedBy) {}
}
