package app.brasskettle.server.jobs;

import app.brasskettle.server.access.Person;
import app.brasskettle.server.clock.JobClock;
import java.time.OffsetDateTime;
import java.util.Optional;

/**
 * Who changes something, when, and under which key.
 *
 * @param person who
 * @param key by which a retry of the same call is known; empty where a retry does no harm
 * @param at when
 */
public record ChangeContext(Person person, Optional<String> key, OffsetDateTime at) {

    /** A change made now. */
    public static ChangeContext of(Person person, String key) {
        return new ChangeContext(person, Optional.ofNullable(key), JobClock.now());
    }

    /** Names the person as the record does. */
    public String name() {
        return person.displayName();
    }
}
