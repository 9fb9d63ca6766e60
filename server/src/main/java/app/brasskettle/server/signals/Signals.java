package app.brasskettle.server.signals;

import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/**
 * Calls between the servers on one database, so that what one asks the others do at once. Nothing depends on a call being heard:
 * whoever listens also looks at its rows every second or so, as it must where a pooler lets no calls through.
 */
@Component
public class Signals {

    private static final Logger LOG = LoggerFactory.getLogger(Signals.class);
    private static final int QUIET_MS = 10_000;
    private static final long AGAIN_S = 1;

    private final SignalStore store;
    private final Map<Signal, List<Runnable>> listeners = new ConcurrentHashMap<>();
    private final Thread listening = new Thread(this::listen, "signals");
    private volatile boolean stopped;
    private volatile SignalStore.Line line;

    Signals(SignalStore store) {
        this.store = store;
        listening.setDaemon(true);
    }

    @PostConstruct
    void start() {
        listening.start();
    }

    @PreDestroy
    void stop() {
        stopped = true;
        listening.interrupt();
        SignalStore.Line open = line;
        if (open != null) {
            open.close();
        }
    }

    /** Calls out to every server, this one too; inside a transaction once that is kept. */
    public void send(Signal signal) {
        store.send(signal);
    }

    /** Has {@code look} run whenever {@code signal} is heard, and after the line was down; it must return soon. */
    public void on(Signal signal, Runnable look) {
        listeners.computeIfAbsent(signal, s -> new CopyOnWriteArrayList<>()).add(look);
    }

    private void listen() {
        while (!stopped) {
            try (SignalStore.Line open = store.listen()) {
                line = open;
                // What was called while nobody listened is not heard again.
                listeners.keySet().forEach(this::tell);
                while (!stopped) {
                    open.heard(QUIET_MS).forEach(this::tell);
                }
            } catch (DataAccessException away) {
                LOG.debug("No signals are heard; rows are looked at meanwhile", away);
                pause();
            }
        }
    }

    private void tell(Signal signal) {
        for (Runnable look : listeners.getOrDefault(signal, List.of())) {
            try {
                look.run();
            } catch (RuntimeException failed) {
                LOG.warn("A look after a signal failed; the others go on", failed);
            }
        }
    }

    private static void pause() {
        try {
            TimeUnit.SECONDS.sleep(AGAIN_S);
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
        }
    }
}
