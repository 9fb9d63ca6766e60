package app.brasskettle.server.audit;

import java.time.OffsetDateTime;
import java.util.List;

/** The security journal as it is read. */
public interface SecurityEvents {

    /**
     * An event.
     *
     * @param id its number
     * @param at when
     * @param kind what happened
     * @param username who did it, or whose name was tried
     * @param address the address the call came from; empty for none
     * @param detail in a few words
     */
    record Event(long id, OffsetDateTime at, SecurityEventKind kind, String username, String address, String detail) {}

    /** Events before the one numbered {@code before}, newest first, at most {@code most}. */
    List<Event> before(long before, int most);
}
