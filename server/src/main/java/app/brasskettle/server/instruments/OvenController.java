package app.brasskettle.server.instruments;

import app.brasskettle.core.instruments.InstrumentScript;
import app.brasskettle.core.instruments.OvenFault;
import app.brasskettle.core.instruments.SimulatedOven;
import app.brasskettle.core.oven.OvenReading;
import app.brasskettle.core.rewind.Stripping;
import app.brasskettle.core.rewind.Varnishing;
import app.brasskettle.core.rules.ShopLimit;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.access.People;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.FinishGuard;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.ReadJob;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.retries.Unkeyed;
import app.brasskettle.server.sheets.SheetKind;
import app.brasskettle.server.sheets.SheetRow;
import app.brasskettle.server.shops.CurrentShop;
import jakarta.annotation.PreDestroy;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import org.springframework.http.MediaType;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The simulated oven: it streams what the sensor on the part shows, and keeps that itself, marked, when it is over. */
@RestController
@RequestMapping("/api/jobs/{tag}/instruments")
class OvenController {

    private static final double FASTEST = 36_000;
    private static final double SPARE_S = 60;

    /** Whether it burns out or bakes, and how many of its seconds pass in one of the wall. */
    record OvenBody(boolean bake, double pace) {}

    private final SimulatedMotors motors;
    private final JobBook book;
    private final CurrentShop current;
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor();

    OvenController(SimulatedMotors motors, JobBook book, CurrentShop current) {
        this.motors = motors;
        this.book = book;
        this.current = current;
    }

    @PreDestroy
    void stop() {
        clock.shutdown();
    }

    @Unkeyed("It streams for minutes; a second oven writes its own readings over the first one's")
    @PostMapping(value = "/oven", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter oven(@PathVariable String tag, @RequestBody OvenBody body, Authentication who) {
        Problems problems = new Problems();
        problems.aboveTo("pace", body.pace(), 0, FASTEST, "");
        problems.throwIfAny();
        book.mustPractise();
        SheetKind kind = body.bake() ? SheetKind.VARNISHING : SheetKind.STRIPPING;
        ReadJob job = book.read(tag);
        // A burnout that was begun is corrected in any case; each bake asks anew, as writing it does.
        if (body.bake() || job.job().sheet(kind).isEmpty()) {
            FinishGuard.mayBegin(job.reading(), body.bake() ? JobStep.VARNISH : JobStep.STRIPPING);
        }
        InstrumentScript script = heating(tag, job, body.bake()).script();
        double pace = Math.max(1, body.pace());
        ChangeContext hand = ChangeContext.of(People.of(who));
        Stream stream = new Stream(
                (long) (1000 * (script.lengthS() / pace + SPARE_S)),
                current.carried(ended -> keep(tag, kind, read(script, ended.seconds()), hand)));
        return stream.start(new SimulatedInstrument(script, pace, clock), new Stream.Begun(0, "", null));
    }

    private SimulatedOven heating(String tag, ReadJob job, boolean bake) {
        ShopRules rules = book.rules();
        OvenFault fault = motors.oven(tag);
        if (bake) {
            job.job()
                    .read(SheetKind.VARNISHING, Varnishing.class)
                    .orElseThrow(() -> RefusedException.gated("Keep the dip first: the oven bakes what was dipped"));
            return new SimulatedOven(
                    Varnishing.usualHoldC(rules),
                    rules.figure(ShopLimit.BAKE_HOLD_MINUTES),
                    rules.figure(ShopLimit.BAKE_LIMIT_C),
                    fault,
                    tag.hashCode());
        }
        Stripping sheet = job.job()
                .read(SheetKind.STRIPPING, Stripping.class)
                .filter(s -> s.method() == Stripping.Method.BURN_OUT)
                .orElseThrow(() -> RefusedException.gated("Keep first that it is burnt out, and of what the core is"));
        return new SimulatedOven(
                sheet.holdC(rules),
                rules.figure(ShopLimit.BURNOUT_HOLD_MINUTES),
                sheet.limitC(rules),
                fault,
                tag.hashCode());
    }

    private static List<Map<String, Object>> read(InstrumentScript script, double seconds) {
        return script.moments().stream()
                .filter(m -> m.atS() <= seconds)
                .map(m -> (OvenReading) m.shown())
                .map(r -> Map.<String, Object>of(
                        "minutes", SimulatedReadings.fiveFigures(r.minutes()), "partC", r.partC() + " °C"))
                .toList();
    }

    /** Writes them into the sheet as it is by now: a burnout's own, or those of its last bake. */
    private void keep(String tag, SheetKind kind, List<Map<String, Object>> readings, ChangeContext by) {
        Optional<SheetRow> row = book.read(tag).job().sheet(kind);
        if (row.isEmpty() || readings.isEmpty()) {
            return;
        }
        Map<String, Object> typed = new HashMap<>(row.get().typed());
        Map<String, Object> read = Map.of("readings", readings, "simulatedOven", true);
        if (kind == SheetKind.VARNISHING) {
            List<Object> passes = new ArrayList<>((List<?>) typed.get("passes"));
            Map<String, Object> last = new HashMap<>();
            ((Map<?, ?>) passes.remove(passes.size() - 1)).forEach((k, v) -> last.put(k.toString(), v));
            last.putAll(read);
            passes.add(last);
            typed.put("passes", passes);
        } else {
            typed.putAll(read);
        }
        book.writeSheet(tag, kind, row.get().version(), typed, by);
    }
}
