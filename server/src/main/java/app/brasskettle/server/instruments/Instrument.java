package app.brasskettle.server.instruments;

/**
 * A device of the bench as the product sees it. Simulated ones ship with the product; a real one takes its place by implementing
 * this and nothing else (docs/how-to.md says how).
 */
interface Instrument {

    /** Whether its readings come from a model; they are then marked as simulated for ever. */
    boolean simulated();

    /**
     * Puts its voltage on and reads. It returns at once; what it reads is told to {@code listener} on a thread of its own, in
     * order, and {@link Listener#ended} comes exactly once, however the run ends.
     */
    Run start(Listener listener);

    /** A run under way. */
    interface Run {

        /** Takes the voltage off now; {@link Listener#ended} follows. Harmless when the run has ended already. */
        void abort();
    }

    /** Who hears what an instrument tells. */
    interface Listener {

        /** A reading, as soon as there is one. */
        void reading(Record shown);

        /** That it is still reading, a few times a second. */
        void progress(Progress progress);

        /** That its voltage is off. */
        void ended(Ended ended);
    }

    /** How far a run is. */
    record Progress(double seconds, double secondsLeft) {}

    /**
     * How a run ended.
     *
     * @param seconds time under voltage, as the instrument counts
     * @param aborted true when somebody broke it off
     * @param fault why the instrument ended it before its time, in a sentence; empty when it did not
     */
    record Ended(double seconds, boolean aborted, String fault) {}
}
