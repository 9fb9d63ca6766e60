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
        double outageSoFar,
        String askedBy,
        Optional<SetDown> setDown,
        Optional<Waiting> waiting,
        Optional<Left> left,
        Optional<Long> photo) {

    /** What a job waits for: parts or the customer, and what exactly. */
    public record Waiting(String what, String reason) {}

    /** How a job left the shop. */
    public record Left(OffsetDateTime at, String how) {}

    /**
     * Work set down half way.
     *
     * @param by who set it down
     * @param at when
     * @param handsWere where the hands were, in one line
     * @param displacedBy the rush job it was set down for
     */
    public record SetDown(String by, OffsetDateTime at, String handsWere, Optional<String> displacedBy) {}
}
