package app.brasskettle.server.instruments;

import app.brasskettle.server.runs.RunStore;
import app.brasskettle.server.signals.Signal;
import app.brasskettle.server.signals.Signals;
import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ThreadFactory;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/**
 * Runs that this server has a voltage on for. Each is claimed in the database before it starts, kept alive there every second, and
 * taken off at once when anybody asks on any server, when the database has not answered for some seconds, and first of all when this
 * server is told to stop. Taking a voltage off never waits for the database.
 */
@Component
public class RunsUnderWay {

    private static final Logger LOG = LoggerFactory.getLogger(RunsUnderWay.class);
    private static final long BEAT_MS = 1000;
    private static final long PATIENCE_MS = 2000;
    /** Without a word from the database for so long a voltage is taken off: nobody could know of it. */
    private static final long ALONE_MS = 6000;

    private final RunStore runs;
    private final String server = ProcessHandle.current().pid() + "-" + Long.toHexString(new SecureRandom().nextLong());
    private final Map<Long, Held> held = new ConcurrentHashMap<>();
    private final Map<Long, Off> unsaid = new ConcurrentHashMap<>();
    private final ScheduledExecutorService heart = Executors.newSingleThreadScheduledExecutor(named("run-heartbeat"));
    private final ExecutorService asking = Executors.newCachedThreadPool(named("run-database"));

    private static ThreadFactory named(String name) {
        return task -> {
            Thread thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        };
    }

    RunsUnderWay(RunStore runs, Signals signals) {
        this.runs = runs;
        signals.on(Signal.RUNS, () -> heart.execute(this::beat));
    }

    /** A run this server has the voltage on for. */
    private static final class Held {
        final String tag;
        final String key;
        final Stream stream;
        volatile long heardMs = System.nanoTime() / 1_000_000;

        Held(String tag, String key, Stream stream) {
            this.tag = tag;
            this.key = key;
            this.stream = stream;
        }
    }

    /** A run whose end the database has not heard of yet. */
    private record Off(double seconds, String how, Runnable heardLate) {}

    @PostConstruct
    void start() {
        heart.scheduleWithFixedDelay(this::beat, BEAT_MS, BEAT_MS, TimeUnit.MILLISECONDS);
    }

    /** Every voltage off before anything else stops. */
    @PreDestroy
    void stop() {
        held.values().forEach(h -> h.stream.abort());
        heart.shutdownNow();
        asking.shutdown();
    }

    /**
     * Claims a motor, before any voltage is on.
     *
     * @return number of the run
     */
    long claim(RunStore.Claim claim) {
        return runs.claim(claim, server);
    }

    /** Records a reading that was over at once. */
    void readAtOnce(RunStore.Claim claim, double seconds) {
        runs.addEnded(claim, server, seconds);
    }

    /** The stream of a claimed run is about to start; the key by which it can be taken off without signing in. */
    String began(long id, String tag, Stream stream) {
        byte[] random = new byte[16];
        new SecureRandom().nextBytes(random);
        String key = HexFormat.of().formatHex(random);
        held.put(id, new Held(tag, key, stream));
        return key;
    }

    /**
     * A run's voltage is off; the database hears of it now, or as soon as it answers again.
     *
     * @param heardLate what is done for the job once the database has heard late
     * @return false while the database does not answer, so that whatever else is to be written has to wait
     */
    boolean ended(long id, Instrument.Ended how, Runnable heardLate) {
        held.remove(id);
        String words = how.aborted() ? "broken off" : how.fault().isEmpty() ? "ran to its end" : how.fault();
        Off off = new Off(how.seconds(), words, heardLate);
        unsaid.put(id, off);
        return say(id, off);
    }

    private boolean say(long id, Off off) {
        boolean said = within(() -> {
                    runs.ended(id, off.seconds(), off.how());
                    return true;
                })
                .orElse(false);
        if (said) {
            unsaid.remove(id);
        }
        return said;
    }

    /**
     * What became of a call to take a voltage off.
     *
     * @param stopped how many runs are off now that were on
     * @param stillOn how many are still on, as far as anybody knows
     * @param otherServersAsked false while the database is away, so that a run of another server may still be on
     */
    public record TakenOff(int stopped, int stillOn, boolean otherServersAsked) {}

    /** Does what waits for a database that is slow or away, while whoever had the voltage on hears of its end. */
    void later(Runnable work) {
        asking.execute(() -> {
            try {
                work.run();
            } catch (DataAccessException | TransactionException away) {
                LOG.warn("What a run read could not be kept: the database does not answer", away);
            }
        });
    }

    /** Takes off whatever this server has on for a motor; how many runs there were. */
    int offHere(String tag) {
        List<Held> ours = held.values().stream().filter(h -> h.tag.equals(tag)).toList();
        ours.forEach(h -> asking.execute(h.stream::abort));
        return ours.size();
    }

    /** Takes off the run that was begun with {@code key}; how many there were, 0 or 1. */
    int offByKey(String key) {
        List<Held> ours = held.values().stream().filter(h -> h.key.equals(key)).toList();
        ours.forEach(h -> asking.execute(h.stream::abort));
        return ours.size();
    }

    /** Asks every other server to take its voltage off as well, and waits a little for their word. */
    TakenOff offEverywhere(long jobId, int here) {
        int before = within(() -> runs.underWay(jobId)).orElse(-1);
        if (before < 0 || within(() -> runs.askOff(jobId)).isEmpty()) {
            return new TakenOff(here, 0, false);
        }
        int left = before;
        long until = System.nanoTime() / 1_000_000 + 2 * PATIENCE_MS;
        while (left > 0 && System.nanoTime() / 1_000_000 < until) {
            pause();
            left = within(() -> runs.underWay(jobId)).orElse(left);
        }
        return new TakenOff(Math.max(here, before - left), left, true);
    }

    private static void pause() {
        try {
            TimeUnit.MILLISECONDS.sleep(100);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }

    private void beat() {
        Map.copyOf(unsaid).forEach((id, off) -> {
            if (say(id, off)) {
                later(off.heardLate());
            }
        });
        Map.copyOf(held).forEach((id, run) -> {
            long now = System.nanoTime() / 1_000_000;
            within(() -> runs.stillOn(id))
                    .ifPresentOrElse(
                            asked -> {
                                run.heardMs = now;
                                if (asked) {
                                    run.stream.abort();
                                }
                            },
                            () -> {
                                if (now - run.heardMs > ALONE_MS) {
                                    LOG.warn("Voltage taken off on {}: the database does not answer", run.tag);
                                    run.stream.abort();
                                }
                            });
        });
    }

    /** What the database answers, unless it takes too long. */
    private <T> Optional<T> within(Callable<T> question) {
        try {
            return Optional.of(asking.submit(question).get(PATIENCE_MS, TimeUnit.MILLISECONDS));
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        } catch (ExecutionException | TimeoutException | RejectedExecutionException away) {
            LOG.debug("The database does not answer about a run", away);
            return Optional.empty();
        }
    }
}
