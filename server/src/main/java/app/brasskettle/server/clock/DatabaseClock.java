package app.brasskettle.server.clock;

import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Sets {@link JobClock} by the database, at the start and every half minute ({@code brasskettle.clock-every}); while the database is
 * away it runs on.
 */
@Component
class DatabaseClock {

    private static final Logger LOG = LoggerFactory.getLogger(DatabaseClock.class);

    private final JdbcClient db;
    private final Duration every;
    private final ScheduledExecutorService ticking = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "database-clock");
        thread.setDaemon(true);
        return thread;
    });

    DatabaseClock(JdbcClient db, @Value("${brasskettle.clock-every:30s}") Duration every) {
        this.db = db;
        this.every = every;
    }

    @PostConstruct
    void start() {
        look();
        ticking.scheduleWithFixedDelay(this::look, every.toMillis(), every.toMillis(), TimeUnit.MILLISECONDS);
    }

    @PreDestroy
    void stop() {
        ticking.shutdownNow();
    }

    private void look() {
        try {
            OffsetDateTime at = db.sql("select clock_timestamp()")
                    .query(OffsetDateTime.class)
                    .single();
            JobClock.set(at.withOffsetSameInstant(ZoneOffset.UTC), System.nanoTime());
        } catch (DataAccessException away) {
            LOG.debug("The database's clock cannot be read; the last reading runs on", away);
        }
    }
}
