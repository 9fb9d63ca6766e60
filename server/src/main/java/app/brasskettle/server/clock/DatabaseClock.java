package app.brasskettle.server.clock;

import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/**
 * Sets {@link JobClock} by the database, at the start and every half minute ({@code brasskettle.clock-every}); while the database is
 * away it runs on. A clock that was put forward meanwhile is noticed and noted; one that was set back is waited for.
 */
@Component
class DatabaseClock {

    private static final Logger LOG = LoggerFactory.getLogger(DatabaseClock.class);

    /** A look that took longer says too little about the moment it was for. */
    private static final long LONGEST_LOOK_NS = TimeUnit.SECONDS.toNanos(1);

    private final ClockStore store;
    private final Duration every;
    private final ScheduledExecutorService ticking = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "database-clock");
        thread.setDaemon(true);
        return thread;
    });

    DatabaseClock(ClockStore store, @Value("${brasskettle.clock-every:30s}") Duration every) {
        this.store = store;
        this.every = every;
    }

    @PostConstruct
    void start() {
        try {
            OffsetDateTime at = store.now();
            long nanos = System.nanoTime();
            // No time is written that is before what stands there already, though the clock was set back while nothing
            // ran.
            OffsetDateTime from = store.latest().filter(at::isBefore).orElse(at);
            JobClock.set(new ClockMark(from, nanos, Duration.between(at, from).toNanos()), store.jumps());
            if (from.isAfter(at)) {
                LOG.warn(
                        "The database's clock is behind the latest entry, {}; the record's time goes slower until it is level",
                        from);
            }
        } catch (DataAccessException away) {
            LOG.debug("The database's clock cannot be read yet", away);
        }
        ticking.scheduleWithFixedDelay(this::look, every.toMillis(), every.toMillis(), TimeUnit.MILLISECONDS);
    }

    @PreDestroy
    void stop() {
        ticking.shutdownNow();
    }

    void look() {
        try {
            long asked = System.nanoTime();
            OffsetDateTime at = store.now();
            long took = System.nanoTime() - asked;
            if (took > LONGEST_LOOK_NS) {
                return;
            }
            ClockMark.Seen seen = JobClock.seen(at, asked + took / 2);
            // Noted before it is believed: whoever reads the new time also knows that it was not waited for.
            seen.jump().ifPresent(forward -> {
                LOG.warn(
                        "The database's clock was put forward by {}; what waits for its time waits that much longer",
                        forward);
                store.note(at, forward);
            });
            JobClock.set(seen.mark(), store.jumps());
            if (Duration.ofNanos(seen.mark().aheadNanos()).compareTo(ClockMark.JUMP) > 0) {
                LOG.warn(
                        "The database's clock was set back; the record is {} ahead and goes slower until both are level",
                        Duration.ofNanos(seen.mark().aheadNanos()));
            }
        } catch (DataAccessException | TransactionException away) {
            LOG.debug("The database's clock cannot be read; the last reading runs on", away);
        }
    }
}
