package app.brasskettle.server.floor;

import app.brasskettle.server.jobrecord.JobRow;
import java.time.OffsetDateTime;
import java.util.Optional;

/** A job on the floor's list, and the number of its shop. */
public record FloorRow(
        String tag,
        long shop,
        String customer,
        String machine,
        String motor,
        String station,
        String nextAction,
        String nextStep,
        String worst,
        String gate,
        String urgency,
        Optional<OffsetDateTime> promisedAt,
        double hoursInShop,
        double outageSoFar,
        String askedBy,
        Optional<JobRow.SetDown> setDown,
        Optional<JobRow.Waiting> waiting,
        Optional<JobRow.Left> left,
        Optional<Long> photo) {}
