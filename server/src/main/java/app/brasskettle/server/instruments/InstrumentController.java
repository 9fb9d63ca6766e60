package app.brasskettle.server.instruments;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.core.instruments.InstrumentScript;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.surge.SurgeLevel;
import app.brasskettle.core.surge.SurgeRise;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.withstand.WithstandQuestion;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.bench.TestBook;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.ReadJob;
import app.brasskettle.server.retries.Unkeyed;
import app.brasskettle.server.runs.RunStore;
import app.brasskettle.server.shops.CurrentShop;
import jakarta.annotation.PreDestroy;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.function.Consumer;
import org.springframework.http.MediaType;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Simulated instruments that put a voltage on and stream what they read while it stands. */
@RestController
@RequestMapping("/api/jobs/{tag}/instruments")
class InstrumentController {

    private static final double MAX_RUN_S = 600;
    private static final double FASTEST = 600;
    private static final int RAMP_STEPS = 5;
    private static final int PULSE_STEPS = 8;
    private static final double SPARE_S = 60;

    /** How long, and how many seconds of the instrument pass in one of the wall. */
    record RunBody(double seconds, double pace) {}

    /** How fast, at which speed of the motor, and for pulses whether the rotor is in and why they are repeated. */
    record HighVoltageBody(double pace, Boolean rotorFitted, Integer speed, String because) {}

    private final SimulatedMotors motors;
    private final JobBook book;
    private final TestBook tests;
    private final RunsUnderWay runs;
    private final CurrentShop current;
    private final ScheduledExecutorService clock = Executors.newScheduledThreadPool(2);

    InstrumentController(SimulatedMotors motors, JobBook book, TestBook tests, RunsUnderWay runs, CurrentShop current) {
        this.runs = runs;
        this.current = current;
        this.motors = motors;
        this.book = book;
        this.tests = tests;
    }

    /** After every voltage is off, which {@link RunsUnderWay} sees to first. */
    @PreDestroy
    void stop() {
        clock.shutdown();
    }

    @Unkeyed("A voltage outlives the answer; the claim on the motor refuses a second one")
    @PostMapping(value = "/insulation-tester", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter insulation(@PathVariable String tag, @RequestBody RunBody body, Authentication who) {
        Person person = People.of(who);
        Problems problems = new Problems();
        problems.aboveTo("seconds", body.seconds(), 0, MAX_RUN_S, "s");
        problems.aboveTo("pace", body.pace(), 0, FASTEST, "");
        problems.throwIfAny();
        book.mustPractise();
        ReadJob job = book.read(tag);
        Bench.leads(job);
        Bench.grounded(job);
        SimulatedMotor motor = motors.of(tag);
        double testV = book.rules().insulationTestV(motor.rating().voltageV());
        return play(
                tag,
                WindingTests.INSULATION_RESISTANCE,
                1,
                InstrumentScript.insulation(motor, testV, body.seconds(), motors.device(tag)),
                body.pace(),
                person,
                testV,
                ended -> {});
    }

    /** A ramp of direct voltage in five steps of a minute to the level for a motor in service. */
    @Unkeyed("A voltage outlives the answer; the claim on the motor refuses a second one")
    @PostMapping(value = "/step-ramp", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter ramp(@PathVariable String tag, @RequestBody HighVoltageBody body, Authentication who) {
        Person person = People.of(who);
        SimulatedMotor motor = ready(tag, body);
        return play(
                tag,
                WindingTests.STEP_VOLTAGE,
                1,
                InstrumentScript.ramp(
                        motor, directV(motor, SurgeLevel.State.IN_SERVICE), RAMP_STEPS, motors.device(tag)),
                body.pace(),
                person);
    }

    /** The direct voltage of a withstand test, held for a minute. */
    @Unkeyed("A voltage outlives the answer; the claim on the motor refuses a second one")
    @PostMapping(value = "/withstand-set", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter withstand(@PathVariable String tag, @RequestBody HighVoltageBody body, Authentication who) {
        Person person = People.of(who);
        SimulatedMotor motor = ready(tag, body);
        return play(
                tag,
                WindingTests.WITHSTAND_RECORD,
                1,
                InstrumentScript.hold(motor, directV(motor, windingState(tag)), motors.device(tag)),
                body.pace(),
                person);
    }

    /** Rising pulses on each lead. The traces never pass through the page: what was given is kept here when the run is over. */
    @Unkeyed("A voltage outlives the answer; the claim on the motor refuses a second one")
    @PostMapping(value = "/surge-rise", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter pulses(@PathVariable String tag, @RequestBody HighVoltageBody body, Authentication who) {
        Person person = People.of(who);
        SimulatedMotor motor = ready(tag, body);
        double top = book.rules().surgePeakV(motor.rating().voltageV(), windingState(tag));
        SurgeRise rise = motor.surgeRise(top, PULSE_STEPS, Boolean.TRUE.equals(body.rotorFitted()));
        InstrumentScript script = InstrumentScript.pulses(rise, book.rules(), motors.device(tag));
        String because = body.because() == null || body.because().isBlank() ? "pulses repeated" : body.because();
        return play(tag, WindingTests.SURGE_RISE, 1, script, body.pace(), person, null, ended -> {
            int given = script.moments().size();
            if (!ended.aborted() && given > 1) {
                SurgeRise kept = new SurgeRise(
                        rise.sampleIntervalS(),
                        rise.rotorFitted(),
                        rise.connection(),
                        rise.pulses().subList(0, given));
                tests.add(
                        tag,
                        TestBook.Test.simulated(WindingTests.SURGE_RISE, Map.of(), kept, Optional.empty(), because),
                        ChangeContext.of(person));
            }
        });
    }

    /** Takes every voltage off that an instrument of this job has on, on whichever server, and says truly what became of it. */
    @Unkeyed("Taking a voltage off twice does no harm and never waits")
    @PostMapping("/off")
    RunsUnderWay.TakenOff off(@PathVariable String tag) {
        // First what is here, whatever the database does.
        int here = runs.offHere(tag);
        return runs.offEverywhere(book.id(tag), here);
    }

    /** The motor to be tested, once the gates say that it may be. */
    private SimulatedMotor ready(String tag, HighVoltageBody body) {
        Problems problems = new Problems();
        problems.aboveTo("pace", body.pace(), 0, FASTEST, "");
        problems.throwIfAny();
        book.mustPractise();
        ReadJob job = book.read(tag);
        Bench.highVoltage(job);
        Bench.grounded(job);
        return motors.of(tag, body.speed() == null ? 1 : body.speed());
    }

    /** How new the winding is, by the work on record. */
    private SurgeLevel.State windingState(String tag) {
        return book.read(tag).reading().windingState().state();
    }

    private static double directV(SimulatedMotor motor, SurgeLevel.State state) {
        return WorksheetCatalogue.WITHSTAND
                .work()
                .apply(new WithstandQuestion(
                        motor.rating().voltageV(), state, WithstandQuestion.School.STANDARD, false))
                .dcV();
    }

    private SseEmitter play(String tag, TestKind kind, int speed, InstrumentScript script, double pace, Person person) {
        return play(tag, kind, speed, script, pace, person, null, ended -> {});
    }

    private SseEmitter play(
            String tag,
            TestKind kind,
            int speed,
            InstrumentScript script,
            double asked,
            Person person,
            Double testVoltageV,
            Consumer<Instrument.Ended> done) {
        double pace = Math.max(1, asked);
        SimulatedInstrument instrument = new SimulatedInstrument(script, pace, clock);
        // On record before it is on; whoever comes second is refused.
        long run = runs.claim(new RunStore.Claim(
                book.id(tag),
                kind.code(),
                speed,
                "simulated " + kind.label().toLowerCase(Locale.ROOT),
                instrument.simulated(),
                pace,
                person.displayName()));
        Runnable refresh = current.carried(() -> book.refresh(tag));
        Consumer<Instrument.Ended> keep = current.carried(done);
        Stream stream = new Stream((long) (1000 * (script.lengthS() / pace + SPARE_S)), ended -> {
            Runnable kept = () -> {
                keep.accept(ended);
                refresh.run();
            };
            if (runs.ended(run, ended, refresh)) {
                kept.run();
            } else {
                runs.later(kept);
            }
        });
        String key = runs.began(run, tag, stream);
        return stream.start(instrument, new Stream.Begun(run, key, testVoltageV));
    }
}
