package app.brasskettle.server.health;

import jakarta.annotation.PreDestroy;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;

/**
 * Whether the database answers. Whoever watches the server hears within two seconds, however long the database takes; while one
 * question is still open no second is asked.
 */
@Component
class DatabaseHealthIndicator implements HealthIndicator {

    private static final long PATIENCE_MS = 1500;

    private final PingStore store;
    private final ExecutorService asking = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "health");
        thread.setDaemon(true);
        return thread;
    });
    private Future<?> open;

    DatabaseHealthIndicator(PingStore store) {
        this.store = store;
    }

    @PreDestroy
    void stop() {
        asking.shutdownNow();
    }

    @Override
    public Health health() {
        try {
            question().get(PATIENCE_MS, TimeUnit.MILLISECONDS);
            return Health.up().build();
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            return Health.down().build();
        } catch (ExecutionException | TimeoutException away) {
            return Health.down().build();
        }
    }

    private synchronized Future<?> question() {
        if (open == null || open.isDone()) {
            open = asking.submit(store::ping);
        }
        return open;
    }
}
