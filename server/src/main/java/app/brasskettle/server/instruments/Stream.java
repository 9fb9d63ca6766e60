package app.brasskettle.server.instruments;

import java.io.IOException;
import java.util.function.Consumer;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * A run of an instrument as server-sent events: {@code reading}, {@code progress}, and last {@code ended}; before all of them {@code begun}. When nobody listens
 * any more the run is aborted, so that no voltage stays on behind a closed page; however it ends, {@code off} hears of it first,
 * since time under voltage starts the discharge clock.
 */
final class Stream implements Instrument.Listener {

    private final SseEmitter out;
    private final Consumer<Instrument.Ended> off;
    private volatile Instrument.Run run;
    private volatile boolean unwanted;

    /** A stream of at most {@code timeoutMs}. */
    Stream(long timeoutMs, Consumer<Instrument.Ended> off) {
        this.out = new SseEmitter(timeoutMs);
        this.off = off;
        out.onError(e -> abort());
        out.onTimeout(this::abort);
    }

    /**
     * The run under way.
     *
     * @param run its number
     * @param off the key by which it is taken off without signing in
     * @param testVoltageV the voltage it holds, where it is one; else null
     */
    record Begun(long run, String off, Double testVoltageV) {}

    /** Starts {@code instrument}; what it tells comes out of the answer, first how to take its voltage off. */
    SseEmitter start(Instrument instrument, Begun begun) {
        send("begun", begun);
        run = instrument.start(this);
        if (unwanted) {
            run.abort();
        }
        return out;
    }

    /** Takes the voltage off; the stream then ends by itself. */
    void abort() {
        unwanted = true;
        Instrument.Run running = run;
        if (running != null) {
            running.abort();
        }
    }

    @Override
    public void reading(Record shown) {
        send("reading", shown);
    }

    @Override
    public void progress(Instrument.Progress progress) {
        send("progress", progress);
    }

    @Override
    public void ended(Instrument.Ended ended) {
        try {
            off.accept(ended);
        } finally {
            send("ended", ended);
            out.complete();
        }
    }

    private void send(String name, Object data) {
        try {
            out.send(SseEmitter.event().name(name).data(data));
        } catch (IOException | IllegalStateException nobodyListens) {
            abort();
        }
    }
}
