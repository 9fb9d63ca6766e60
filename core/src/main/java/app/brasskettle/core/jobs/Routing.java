package app.brasskettle.core.jobs;

import app.brasskettle.core.work.Station;
import app.brasskettle.core.worksheet.Coded;
import java.util.Map;
import java.util.Optional;

/**
 * Where a job departs from the usual order: stations skipped with a reason, a station it went back to, a hold, its leaving.
 *
 * @param skipped stations left out, and why
 * @param back the station it was sent back to, while nothing was recorded there since
 * @param hold what it waits for
 * @param left how it left the shop
 */
public record Routing(Map<Station, String> skipped, Optional<Back> back, Optional<Hold> hold, Optional<String> left) {

    /** What a job can wait for. */
    public enum WaitsFor implements Coded {
        PARTS,
        CUSTOMER
    }

    /** A station the job went back to, and why. */
    public record Back(Station to, String reason) {}

    /** What the job waits for, and what exactly. */
    public record Hold(WaitsFor what, String reason) {

        String label() {
            return (what == WaitsFor.PARTS ? "Waits for parts: " : "Waits for the customer: ") + reason;
        }
    }

    public Routing {
        skipped = Map.copyOf(skipped);
    }

    /** The usual order, nothing skipped. */
    public static Routing usual() {
        return new Routing(Map.of(), Optional.empty(), Optional.empty(), Optional.empty());
    }
}
