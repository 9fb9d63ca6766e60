package app.brasskettle.server.instruments;

import app.brasskettle.core.instruments.DeviceFault;
import app.brasskettle.core.instruments.MotorFault;
import app.brasskettle.core.instruments.Severity;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.resistance.Pair;
import app.brasskettle.core.surge.SurgeLevel;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.Word;
import app.brasskettle.server.access.People;
import app.brasskettle.server.jobs.EventKind;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.JobView;
import app.brasskettle.server.jobs.TestKind;
import app.brasskettle.server.problems.RefusedException;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Simulated instruments that read at a glance, and the motor they all read. */
@RestController
@RequestMapping("/api/jobs/{tag}/instruments")
class ReadingController {

    private static final double SURGE_SECONDS = 15;
    private static final double FASTEST = 600;

    /** What the simulated bridge and thermometer show; a pair that reads open says so. */
    record Bridge(Map<String, String> terminalOhms, double windingTemperatureC) {}

    /** How to surge. */
    record SurgeBody(boolean rotorFitted, String state, double pace, String because, Integer speed) {}

    /** A fault a simulated motor can have. */
    record FaultWord(String word, String spoken) {}

    /** What the simulated motor is to be like, how its instruments fail, and the seed of both; the job's own when absent. */
    record MotorBody(
            List<String> faults,
            Map<String, String> severities,
            double windingTemperatureC,
            String deviceFault,
            Long seed) {}

    private final SimulatedMotors motors;
    private final JobBook book;

    ReadingController(SimulatedMotors motors, JobBook book) {
        this.motors = motors;
        this.book = book;
    }

    @PostMapping("/bridge")
    Bridge bridge(@PathVariable String tag, @RequestParam(defaultValue = "1") int speed) {
        Bench.leads(book.view(tag));
        SimulatedMotor motor = motors.of(tag, speed);
        Map<Pair, Double> read = motor.terminalOhms();
        Map<String, String> texts = new LinkedHashMap<>();
        for (Pair pair : Pair.values()) {
            texts.put(pair.word(), read.containsKey(pair) ? SimulatedReadings.fiveFigures(read.get(pair)) : "open");
        }
        return new Bridge(texts, motor.windingTemperatureC());
    }

    /** Readings for the form of a test, as an instrument would show them; what needs power asks the gate first. */
    @PostMapping("/readings/{kind}")
    Map<String, Object> readings(
            @PathVariable String tag, @PathVariable String kind, @RequestParam(defaultValue = "1") int speed) {
        TestKind test = Word.parse(TestKind.class, kind)
                .orElseThrow(() -> RefusedException.unknown("The bench has no test called " + kind));
        JobView job = book.view(tag);
        Bench.leads(job);
        if (test.further().filter(k -> k.powered()).isPresent()) {
            Bench.power(job, test == TestKind.START_LOG);
        }
        return test == TestKind.BEARING_SEATS
                ? SimulatedReadings.seats(
                        book.plate(tag).flatMap(Plate::details).orElseThrow(ReadingController::noBearings),
                        motors.of(tag, speed))
                : SimulatedReadings.of(test, motors.of(tag, speed));
    }

    private static RefusedException noBearings() {
        return RefusedException.gated("Write the bearings on the nameplate first: the micrometer is set by their size");
    }

    @PostMapping("/surge-set")
    JobView surge(
            @PathVariable String tag,
            @RequestBody SurgeBody body,
            @RequestHeader(value = "Idempotency-Key", required = false) String key,
            Authentication who) {
        Bench.highVoltage(book.view(tag));
        SurgeLevel.State state = Word.parse(SurgeLevel.State.class, body.state())
                .orElseThrow(() -> RefusedException.unknown("There is no state " + body.state()));
        int speed = body.speed() == null ? 1 : body.speed();
        SimulatedMotor motor = motors.of(tag, speed);
        SurgeSet set = motor.surge(book.rules().surgePeakV(motor.rating().voltageV(), state), body.rotorFitted());
        JobBook.Hand hand = JobBook.Hand.of(People.of(who), key);
        book.addTest(
                tag,
                new JobBook.Test(
                        TestKind.SURGE_COMPARISON,
                        speed,
                        Map.of("state", state.word()),
                        set,
                        book.rules().surge(set),
                        true,
                        Optional.empty(),
                        body.because() == null ? "" : body.because().strip()),
                hand);
        double pace = Math.max(1, Math.min(FASTEST, body.pace()));
        return book.addEvent(
                tag,
                EventKind.VOLTAGE_APPLIED,
                Map.of("seconds", SURGE_SECONDS, "pace", pace, "simulated", true),
                JobBook.Hand.of(hand.person(), null));
    }

    /** Faults this job's motor can have. */
    @GetMapping("/faults")
    List<FaultWord> faults(@PathVariable String tag) {
        int phases = book.plate(tag).map(p -> p.phases()).orElse(3);
        return Arrays.stream(MotorFault.values())
                .filter(f -> f.befalls(phases))
                .map(f -> new FaultWord(f.word(), f.spoken()))
                .toList();
    }

    @PutMapping("/motor")
    JobView motor(@PathVariable String tag, @RequestBody MotorBody body, Authentication who) {
        Problems problems = new Problems();
        List<String> faults = body.faults() == null ? List.of() : body.faults();
        for (int i = 0; i < faults.size(); i++) {
            word(MotorFault.class, "faults[" + i + "]", faults.get(i), problems);
        }
        Map<String, String> severities = body.severities() == null ? Map.of() : body.severities();
        severities.forEach((fault, severity) -> {
            word(MotorFault.class, "severities", fault, problems);
            word(Severity.class, "severities." + fault, severity, problems);
        });
        String device = body.deviceFault() == null ? DeviceFault.NONE.word() : body.deviceFault();
        word(DeviceFault.class, "deviceFault", device, problems);
        problems.temperature("windingTemperatureC", body.windingTemperatureC());
        problems.throwIfAny();
        Map<String, Object> setting = new LinkedHashMap<>(Map.of(
                "faults", faults,
                "severities", severities,
                "windingTemperatureC", body.windingTemperatureC(),
                "deviceFault", device));
        if (body.seed() != null) {
            setting.put("seed", body.seed());
        }
        return book.setSimulatedMotor(tag, setting, JobBook.Hand.of(People.of(who), null));
    }

    private static <E extends Enum<E> & Word> void word(Class<E> type, String field, String word, Problems problems) {
        if (word == null || Word.parse(type, word).isEmpty()) {
            problems.add(field, Problem.Code.WORD, field + " must be one of " + Word.choices(type));
        }
    }
}
