package app.brasskettle.server.instruments;

import app.brasskettle.core.instruments.InstrumentScript;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;

/** An instrument that plays what a model of a motor shows it, at the pace of a clock or faster. */
final class SimulatedInstrument implements Instrument {

    private static final double TICK_SECONDS = 0.25;

    private final InstrumentScript script;
    private final double pace;
    private final ScheduledExecutorService clock;

    SimulatedInstrument(InstrumentScript script, double pace, ScheduledExecutorService clock) {
        this.script = script;
        this.pace = pace;
        this.clock = clock;
    }

    @Override
    public boolean simulated() {
        return true;
    }

    @Override
    public Run start(Listener listener) {
        Playing playing = new Playing(listener);
        playing.ticking =
                clock.scheduleAtFixedRate(playing::tick, 0, (long) (TICK_SECONDS * 1e9), TimeUnit.NANOSECONDS);
        return playing;
    }

    private final class Playing implements Run {

        private final Listener listener;
        private final AtomicBoolean ended = new AtomicBoolean();
        private final long started = System.nanoTime();
        private volatile ScheduledFuture<?> ticking;
        private int next;

        Playing(Listener listener) {
            this.listener = listener;
        }

        private double elapsed() {
            return Math.min(script.lengthS(), (System.nanoTime() - started) / 1e9 * pace);
        }

        private void tick() {
            double now = elapsed();
            while (!ended.get()
                    && next < script.moments().size()
                    && script.moments().get(next).atS() <= now) {
                listener.reading(script.moments().get(next).shown());
                next++;
            }
            if (now >= script.lengthS()) {
                end(false);
            } else if (!ended.get()) {
                listener.progress(new Progress(now, script.lengthS() - now));
            }
        }

        @Override
        public void abort() {
            end(true);
        }

        private void end(boolean aborted) {
            if (!ended.compareAndSet(false, true)) {
                return;
            }
            double seconds = elapsed();
            ScheduledFuture<?> clockwork = ticking;
            if (clockwork != null) {
                clockwork.cancel(false);
            }
            listener.ended(
                    new Ended(seconds, aborted, aborted ? "" : script.fault().orElse("")));
        }
    }
}
