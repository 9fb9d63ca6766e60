package app.brasskettle.server.instruments;

import app.brasskettle.core.balance.BalanceTest;
import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.core.instruments.MotorFault;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.resistance.Pair;
import app.brasskettle.core.surge.SurgeLevel;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.withstand.StepVoltageTest;
import app.brasskettle.core.withstand.WithstandTest;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.Word;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.jobs.EventKind;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.JobView;
import app.brasskettle.server.jobs.TestKind;
import app.brasskettle.server.problems.RefusedException;
import jakarta.annotation.PreDestroy;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import org.springframework.http.MediaType;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Simulated instruments of a job. Gates are asked here as well, since this is where voltage would go on. */
@RestController
@RequestMapping("/api/jobs/{tag}/instruments")
class InstrumentController {

    private static final double LONGEST_RUN_S = 600;
    private static final double FASTEST = 600;
    private static final double SURGE_SECONDS = 15;

    /** How long, and how many seconds of the instrument pass in one of the wall. */
    record RunBody(double seconds, double pace) {}

    /** What the simulated bridge and thermometer show; a pair that reads open says so. */
    record Bridge(Map<String, String> terminalOhms, double windingTemperatureC) {}

    /** How to surge. */
    record SurgeBody(boolean rotorFitted, String state, double pace, String because) {}

    /** A fault a simulated motor can have. */
    record FaultWord(String word, String spoken) {}

    /** What the simulated motor is to be like. */
    record MotorBody(List<String> faults, double windingTemperatureC) {}

    /** How much faster than a clock a ramp runs. */
    record RampBody(double pace) {}

    private static final int BALANCE_POSITIONS = 8;
    private static final int RAMP_STEPS = 5;
    private static final double RAMP_STEP_SECONDS = 60;

    private final SimulatedMotors motors;
    private final JobBook book;
    private final ScheduledExecutorService clock = Executors.newScheduledThreadPool(2);

    InstrumentController(SimulatedMotors motors, JobBook book) {
        this.motors = motors;
        this.book = book;
    }

    @PreDestroy
    void stop() {
        clock.shutdownNow();
    }

    @PostMapping(value = "/insulation-tester", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter run(@PathVariable String tag, @RequestBody RunBody body, Authentication who) {
        Person person = People.of(who);
        Problems problems = new Problems();
        problems.aboveTo("seconds", body.seconds(), 0, LONGEST_RUN_S, "s");
        problems.aboveTo("pace", body.pace(), 0, FASTEST, "");
        problems.throwIfAny();
        JobView job = book.view(tag);
        leads(job);
        grounded(job);
        SimulatedMotor motor = motors.of(tag);
        double pace = Math.max(1, body.pace());
        SseEmitter out = new SseEmitter((long) (1000 * (body.seconds() / pace + 60)));
        double testV = book.rules().insulationTestV(motor.ratedVoltageV());
        new InsulationRun(
                        motor,
                        testV,
                        body.seconds(),
                        pace,
                        out,
                        seconds -> book.addEvent(
                                tag,
                                EventKind.VOLTAGE_APPLIED,
                                Map.of("seconds", seconds, "pace", pace, "volts", testV, "simulated", true),
                                JobBook.Hand.of(person, null)))
                .start(clock);
        return out;
    }

    @PostMapping("/bridge")
    Bridge bridge(@PathVariable String tag) {
        leads(book.view(tag));
        SimulatedMotor motor = motors.of(tag);
        Map<Pair, Double> read = motor.terminalOhms();
        Map<String, String> texts = new LinkedHashMap<>();
        for (Pair pair : Pair.values()) {
            texts.put(pair.word(), read.containsKey(pair) ? fiveFigures(read.get(pair)) : "open");
        }
        return new Bridge(texts, motor.windingTemperatureC());
    }

    /** The bridge shows five figures, which is what gets recorded. */
    private static String fiveFigures(double ohm) {
        return new java.math.BigDecimal(ohm).round(new java.math.MathContext(5)).toPlainString();
    }

    @PostMapping("/surge-set")
    JobView surge(
            @PathVariable String tag,
            @RequestBody SurgeBody body,
            @RequestHeader(value = "Idempotency-Key", required = false) String key,
            Authentication who) {
        JobView job = book.view(tag);
        if (!job.highVoltage().open()) {
            throw RefusedException.gated(
                    "No high voltage: " + job.highVoltage().holding().get(0).sentence());
        }
        SurgeLevel.State state = Word.parse(SurgeLevel.State.class, body.state())
                .orElseThrow(() -> RefusedException.unknown("There is no state " + body.state()));
        SimulatedMotor motor = motors.of(tag);
        SurgeSet set = motor.surge(book.rules().surgePeakV(motor.ratedVoltageV(), state), body.rotorFitted());
        JobBook.Hand hand = JobBook.Hand.of(People.of(who), key);
        book.addTest(
                tag,
                new JobBook.Test(
                        TestKind.SURGE_COMPARISON,
                        Map.of("state", state.word()),
                        set,
                        book.rules().surge(set),
                        true,
                        body.because() == null ? "" : body.because().strip()),
                hand);
        double pace = Math.max(1, Math.min(FASTEST, body.pace()));
        return book.addEvent(
                tag,
                EventKind.VOLTAGE_APPLIED,
                Map.of("seconds", SURGE_SECONDS, "pace", pace, "simulated", true),
                JobBook.Hand.of(hand.person(), null));
    }

    /** Inductances at eight positions over a pole pitch, as the bridge shows them. */
    @PostMapping("/inductance-bridge")
    Map<String, Object> inductances(@PathVariable String tag) {
        leads(book.view(tag));
        BalanceTest read = motors.of(tag)
                .balance(BALANCE_POSITIONS)
                .orElseThrow(() -> RefusedException.gated(
                        "The bridge finds no value: a phase is open. Measure the resistances, they tell which"));
        List<Map<String, Object>> positions = read.positions().stream()
                .map(p -> Map.<String, Object>of(
                        "angleDegrees", fiveFigures(p.angleDegrees()),
                        "inductanceMh",
                                Map.of(
                                        "a", fiveFigures(p.inductanceMh().a()),
                                        "b", fiveFigures(p.inductanceMh().b()),
                                        "c", fiveFigures(p.inductanceMh().c()))))
                .toList();
        return Map.of("positions", positions);
    }

    /** A ramp of direct voltage in five steps of a minute to the level for a motor in service, behind the high-voltage gate. */
    @PostMapping("/step-ramp")
    Map<String, Object> ramp(@PathVariable String tag, @RequestBody RampBody body, Authentication who) {
        JobView job = book.view(tag);
        if (!job.highVoltage().open()) {
            throw RefusedException.gated(
                    "No high voltage: " + job.highVoltage().holding().get(0).sentence());
        }
        grounded(job);
        SimulatedMotor motor = motors.of(tag);
        double top = WorksheetCatalogue.WITHSTAND
                .work()
                .apply(new WithstandTest(
                        motor.ratedVoltageV(), SurgeLevel.State.IN_SERVICE, WithstandTest.School.STANDARD, false))
                .dcV();
        List<StepVoltageTest.Rise> rises = motor.ramp(top, RAMP_STEPS);
        double pace = Math.max(1, Math.min(FASTEST, body.pace()));
        book.addEvent(
                tag,
                EventKind.VOLTAGE_APPLIED,
                Map.of("seconds", RAMP_STEP_SECONDS * Math.max(1, rises.size()), "pace", pace, "simulated", true),
                JobBook.Hand.of(People.of(who), null));
        if (rises.size() < 2) {
            throw RefusedException.gated(
                    "The set tripped at the first step: copper lies on the frame. Ground it and test insulation");
        }
        return Map.of(
                "steps",
                rises.stream()
                        .map(r -> Map.of("voltageV", fiveFigures(r.voltageV()), "microamp", fiveFigures(r.microamp())))
                        .toList(),
                "tripped",
                rises.size() < RAMP_STEPS);
    }

    @GetMapping("/faults")
    List<FaultWord> faults() {
        return Arrays.stream(MotorFault.values())
                .map(f -> new FaultWord(f.word(), f.spoken()))
                .toList();
    }

    @PutMapping("/motor")
    JobView motor(@PathVariable String tag, @RequestBody MotorBody body, Authentication who) {
        Problems problems = new Problems();
        List<String> faults = body.faults() == null ? List.of() : body.faults();
        for (int i = 0; i < faults.size(); i++) {
            if (Word.parse(MotorFault.class, faults.get(i)).isEmpty()) {
                problems.add(
                        "faults[" + i + "]",
                        app.brasskettle.core.worksheet.Problem.Code.WORD,
                        "faults[" + i + "] must be one of " + Word.choices(MotorFault.class));
            }
        }
        problems.temperature("windingTemperatureC", body.windingTemperatureC());
        problems.throwIfAny();
        return book.setSimulatedMotor(
                tag,
                Map.of("faults", faults, "windingTemperatureC", body.windingTemperatureC()),
                JobBook.Hand.of(People.of(who), null));
    }

    private static void leads(JobView job) {
        if (!job.gate().leads().mayConnect()) {
            throw RefusedException.gated(job.gate().leads().sentence());
        }
    }

    private static void grounded(JobView job) {
        job.discharge().filter(d -> d.secondsLeft() > 0).ifPresent(d -> {
            throw RefusedException.gated("The winding still discharges, " + Math.round(d.secondsLeft())
                    + " s to go. A test now would read its own charge");
        });
    }
}
