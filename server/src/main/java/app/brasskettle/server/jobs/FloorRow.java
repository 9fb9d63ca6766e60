package app.brasskettle.server.jobs;

import java.time.OffsetDateTime;
import java.util.Optional;

/** A job on the floor's list. */
public record FloorRow(
        String tag,
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
        double outageSoFar) {}
