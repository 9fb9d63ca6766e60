package app.brasskettle.server.jobs;

import app.brasskettle.server.access.Person;
import app.brasskettle.server.clock.JobClock;
import java.time.OffsetDateTime;

/**
 * Who changes something, and when.
 *
 * @param person who
 * @param at when
 */
public record ChangeContext(Person person, OffsetDateTime at) {

    /** A change made now. */
    public static ChangeContext of(Person person) {
        return new ChangeContext(person, JobClock.now());
    }

    /** Names the person as the record does. */
    public String name() {
        return person.displayName();
    }
}
