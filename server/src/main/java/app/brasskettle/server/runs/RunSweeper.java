package app.brasskettle.server.runs;

import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/** Looks every few seconds for runs whose server is gone, and ends them. Any server does it for all. */
@Component
class RunSweeper {

    private static final Logger LOG = LoggerFactory.getLogger(RunSweeper.class);
    private static final long EVERY_S = 3;

    private final RunStore runs;
    private final ScheduledExecutorService sweeping = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "run-sweeper");
        thread.setDaemon(true);
        return thread;
    });

    RunSweeper(RunStore runs) {
        this.runs = runs;
    }

    @PostConstruct
    void start() {
        sweeping.scheduleWithFixedDelay(this::sweep, 0, EVERY_S, TimeUnit.SECONDS);
    }

    @PreDestroy
    void stop() {
        sweeping.shutdownNow();
    }

    private void sweep() {
        try {
            int dead = runs.sweep();
            if (dead > 0) {
                LOG.warn("{} runs under voltage had lost their server; their discharge clocks run from now", dead);
            }
        } catch (DataAccessException away) {
            LOG.debug("The database is away; runs are swept when it is back", away);
        }
    }
}
