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
        Optional<SetDown> setDown) {

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
