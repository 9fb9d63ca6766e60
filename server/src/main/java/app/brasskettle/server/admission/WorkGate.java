package app.brasskettle.server.admission;

import app.brasskettle.server.problems.RefusedException;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;

/**
 * A gate before heavy work: so much of it at once, so many waiting, each for so long. Whoever does not get through is told when to
 * try again, and everybody else goes on as if there were no such work.
 */
public final class WorkGate {

    private static final int MOST_WAITING = 40;
    private static final Duration PATIENCE = Duration.ofMillis(3500);
    private static final int TRY_AGAIN_S = 3;

    private final String busy;
    private final Semaphore permits;
    private final Duration patience;

    /**
     * Makes a gate.
     *
     * @param atOnce weight of the work that may be under way at once
     * @param busy what is said to whoever has to try again, as a sentence
     */
    public WorkGate(int atOnce, String busy) {
        this(atOnce, busy, PATIENCE);
    }

    /** The same with its own patience. */
    WorkGate(int atOnce, String busy, Duration patience) {
        this.permits = new Semaphore(atOnce, true);
        this.busy = busy;
        this.patience = patience;
    }

    /**
     * Does {@code work} when its turn comes.
     *
     * @throws RefusedException when it does not come in time
     */
    public <T> T through(Supplier<T> work) {
        enter(1);
        try {
            return work.get();
        } finally {
            leave(1);
        }
    }

    /** Waits for a turn of {@code weight}, 0 for what goes past the gate; {@link #leave} must follow. */
    void enter(int weight) {
        if (weight == 0) {
            return;
        }
        if (permits.getQueueLength() >= MOST_WAITING || !granted(weight)) {
            throw RefusedException.busy(busy, TRY_AGAIN_S);
        }
    }

    void leave(int weight) {
        permits.release(weight);
    }

    private boolean granted(int weight) {
        try {
            return permits.tryAcquire(weight, patience.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
