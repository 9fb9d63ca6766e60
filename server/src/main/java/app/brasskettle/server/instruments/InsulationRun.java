package app.brasskettle.server.instruments;

import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.insulation.TimedReading;
import java.io.IOException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.DoubleConsumer;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * One run of the simulated insulation tester: voltage on, readings as time passes, voltage off at the end or when nobody
 * listens any more. However it ends, the time under voltage is handed on, since it starts the discharge clock.
 */
final class InsulationRun {

    private static final double[] READ_AT = {
        5, 10, 15, 20, 30, 45, 60, 90, 120, 150, 180, 240, 300, 360, 420, 480, 540, 600
    };
    private static final double TICK_SECONDS = 0.25;

    /** What the page hears at each reading. */
    record Reading(double seconds, double megohm, boolean overRange, double secondsLeft) {}

    /** What the page hears last. */
    record Ended(double seconds, boolean aborted) {}

    private final SimulatedMotor motor;
    private final double testV;
    private final double lengthS;
    private final double pace;
    private final SseEmitter out;
    private final DoubleConsumer voltageOff;
    private final AtomicBoolean ended = new AtomicBoolean();
    private volatile ScheduledFuture<?> ticking;
    private long started;
    private int next;

    InsulationRun(
            SimulatedMotor motor,
            double testV,
            double lengthS,
            double pace,
            SseEmitter out,
            DoubleConsumer voltageOff) {
        this.motor = motor;
        this.testV = testV;
        this.lengthS = lengthS;
        this.pace = pace;
        this.out = out;
        this.voltageOff = voltageOff;
    }

    void start(ScheduledExecutorService clock) {
        out.onError(e -> end(true));
        out.onTimeout(() -> end(true));
        started = System.nanoTime();
        long tick = (long) (TICK_SECONDS * 1e9);
        ticking = clock.scheduleAtFixedRate(this::tick, 0, tick, TimeUnit.NANOSECONDS);
    }

    private double elapsed() {
        return Math.min(lengthS, (System.nanoTime() - started) / 1e9 * pace);
    }

    private void tick() {
        try {
            double now = elapsed();
            while (next < READ_AT.length && READ_AT[next] <= now) {
                send(motor.insulationAt(READ_AT[next], testV));
                next++;
            }
            if (now >= lengthS) {
                end(false);
            } else {
                out.send(SseEmitter.event().comment("on"));
            }
        } catch (IOException | IllegalStateException gone) {
            end(true);
        }
    }

    private void send(TimedReading r) throws IOException {
        out.send(SseEmitter.event()
                .name("reading")
                .data(new Reading(r.seconds(), r.megohm(), r.overRange().orElse(false), lengthS - r.seconds())));
    }

    private void end(boolean aborted) {
        if (!ended.compareAndSet(false, true)) {
            return;
        }
        ScheduledFuture<?> clock = ticking;
        if (clock != null) {
            clock.cancel(false);
        }
        double seconds = elapsed();
        voltageOff.accept(seconds);
        try {
            out.send(SseEmitter.event().name("ended").data(new Ended(seconds, aborted)));
            out.complete();
        } catch (IOException | IllegalStateException gone) {
            // Nobody listens any more; the voltage is off and its time is on record, which is all that counts.
            out.complete();
        }
    }
}
