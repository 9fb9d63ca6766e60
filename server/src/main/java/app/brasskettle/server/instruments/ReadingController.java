package app.brasskettle.server.instruments;

import app.brasskettle.core.catalogue.OpenMotorTests;
import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.instruments.DeviceFault;
import app.brasskettle.core.instruments.MotorFault;
import app.brasskettle.core.instruments.OvenFault;
import app.brasskettle.core.instruments.Severity;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.instruments.WindersMistake;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Quantity;
import app.brasskettle.core.resistance.Pair;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.bench.TestBook;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.ReadJob;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.jobview.JobViews;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.runs.RunStore;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Simulated instruments that read at a glance, and the motor they all read. */
@RestController
@RequestMapping("/api/jobs/{tag}/instruments")
class ReadingController {

    private static final double NO_SECONDS = 0;
    private static final double FASTEST = 600;

    /** What the simulated bridge and thermometer show; a pair that reads open says so. */
    record Bridge(Map<String, String> terminalOhms, double windingTemperatureC) {}

    /** How to surge. */
    record SurgeBody(boolean rotorFitted, String rotorAngleDegrees, double pace, String because, Integer speed) {}

    /** A fault of a simulation. */
    record FaultWord(String code, String label) {}

    /** Faults a simulated motor can have, mistakes of whoever wound it, and what its oven can do. */
    record FaultWords(List<FaultWord> motor, List<FaultWord> winder, List<FaultWord> oven) {}

    /**
     * What the simulated motor is to be like, how its instruments fail, what its winder did wrong, what its oven does, and the seed
     * of all of it; the job's own when absent.
     */
    record MotorBody(
            List<String> faults,
            Map<String, String> severities,
            double windingTemperatureC,
            String deviceFault,
            String windersMistake,
            String ovenFault,
            Long seed) {}

    private final SimulatedMotors motors;
    private final JobBook book;
    private final TestBook tests;
    private final RunsUnderWay runs;

    ReadingController(SimulatedMotors motors, JobBook book, TestBook tests, RunsUnderWay runs) {
        this.runs = runs;
        this.motors = motors;
        this.book = book;
        this.tests = tests;
    }

    @PostMapping("/bridge")
    Bridge bridge(@PathVariable String tag, @RequestParam(defaultValue = "1") int speed, Authentication who) {
        book.mustPractise();
        mustBeSpeed(speed);
        Bench.leads(book.read(tag));
        shown(tag, WindingTests.WINDING_RESISTANCE, speed, People.of(who), 1, NO_SECONDS);
        SimulatedMotor motor = motors.of(tag, speed);
        Map<Pair, Double> read = motor.terminalOhms();
        Map<String, String> texts = new LinkedHashMap<>();
        for (Pair pair : Pair.values()) {
            texts.put(pair.code(), read.containsKey(pair) ? SimulatedReadings.fiveFigures(read.get(pair)) : "open");
        }
        return new Bridge(texts, motor.windingTemperatureC());
    }

    /** Readings for the form of a test, as an instrument would show them; what needs power asks the gate first. */
    @PostMapping("/readings/{kind}")
    Map<String, Object> readings(
            @PathVariable String tag,
            @PathVariable String kind,
            @RequestParam(defaultValue = "1") int speed,
            Authentication who) {
        book.mustPractise();
        mustBeSpeed(speed);
        TestKind test = TestKinds.named(kind)
                .orElseThrow(() -> RefusedException.unknown("The bench has no test called " + kind));
        ReadJob job = book.read(tag);
        boolean connected = job.reading().gate().leads().mayConnect();
        if (test.powered()) {
            Bench.power(job, test);
        } else if (!connected) {
            Bench.leads(job);
        }
        Map<String, Object> shown = shown(tag, job, test, speed);
        shown(tag, test, speed, People.of(who), 1, NO_SECONDS);
        return shown;
    }

    private Map<String, Object> shown(String tag, ReadJob job, TestKind test, int speed) {
        if (test == OpenMotorTests.TURNING_FIELD) {
            return SimulatedReadings.field(motors.bareStator(tag, job, speed));
        }
        return test == OpenMotorTests.BEARING_SEATS
                ? SimulatedReadings.seats(
                        book.plate(tag).flatMap(Plate::details).orElseThrow(ReadingController::noBearings),
                        motors.of(tag, speed))
                : SimulatedReadings.of(test, motors.of(tag, speed));
    }

    private static void mustBeSpeed(int speed) {
        Problems problems = new Problems();
        problems.whole("speed", speed, 1, 2, "");
        problems.throwIfAny();
    }

    /** What a stand-in showed is remembered: whatever is recorded of this test next is simulated, whoever sends it. */
    private void shown(String tag, TestKind kind, int speed, Person person, double pace, double seconds) {
        runs.readAtOnce(
                new RunStore.Claim(
                        book.id(tag),
                        kind.code(),
                        speed,
                        "simulated " + kind.label().toLowerCase(Locale.ROOT),
                        true,
                        pace,
                        person.displayName()),
                seconds);
    }

    private static RefusedException noBearings() {
        return RefusedException.gated("Write the bearings on the nameplate first: the micrometer is set by their size");
    }

    @PostMapping("/surge-set")
    JobView surge(@PathVariable String tag, @RequestBody SurgeBody body, Authentication who) {
        book.mustPractise();
        ReadJob job = book.read(tag);
        Bench.highVoltage(job);
        Bench.grounded(job);
        int speed = body.speed() == null ? 1 : body.speed();
        mustBeSpeed(speed);
        SimulatedMotor motor = motors.of(tag, speed);
        double peakV = book.rules()
                .surgePeakV(
                        motor.rating().voltageV(), job.reading().windingState().state());
        SurgeSet set = motor.surge(peakV, body.rotorFitted(), angle(body));
        ChangeContext hand = ChangeContext.of(People.of(who));
        double pace = Math.max(1, Math.min(FASTEST, body.pace()));
        shown(
                tag,
                WindingTests.SURGE_COMPARISON,
                speed,
                hand.person(),
                pace,
                WindingTests.SURGE_COMPARISON.voltageSeconds(set));
        return JobViews.of(tests.add(
                tag,
                new TestBook.Test(
                        WindingTests.SURGE_COMPARISON,
                        speed,
                        Map.of(),
                        set,
                        Optional.of(peakV),
                        Optional.empty(),
                        true,
                        Optional.empty(),
                        body.because() == null ? "" : body.because().strip(),
                        pace,
                        false),
                hand));
    }

    /** Where the shaft stands, as typed; a text that is no angle is refused and nothing is surged. */
    private static Optional<Double> angle(SurgeBody body) {
        Problems problems = new Problems();
        Optional<Double> degrees = Quantity.parse(
                        "typed.rotorAngleDegrees", body.rotorAngleDegrees(), Dimension.ANGLE, problems)
                .map(Quantity::value);
        problems.throwIfAny();
        return degrees.filter(d -> body.rotorFitted());
    }

    /** Faults this job's motor, its winder and its oven can have. */
    @GetMapping("/faults")
    FaultWords faults(@PathVariable String tag) {
        int phases = book.plate(tag).map(p -> p.phases()).orElse(3);
        return new FaultWords(
                words(Arrays.stream(MotorFault.values()).filter(f -> f.befalls(phases))),
                words(Arrays.stream(WindersMistake.values())),
                words(Arrays.stream(OvenFault.values())));
    }

    private static <E extends Enum<E> & Coded> List<FaultWord> words(Stream<E> words) {
        return words.map(w -> new FaultWord(w.code(), w.label())).toList();
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
        String device = body.deviceFault() == null ? DeviceFault.NONE.code() : body.deviceFault();
        word(DeviceFault.class, "deviceFault", device, problems);
        String mistake = body.windersMistake() == null ? "" : body.windersMistake();
        if (!mistake.isEmpty()) {
            word(WindersMistake.class, "windersMistake", mistake, problems);
        }
        String oven = body.ovenFault() == null ? OvenFault.NONE.code() : body.ovenFault();
        word(OvenFault.class, "ovenFault", oven, problems);
        problems.temperature("windingTemperatureC", body.windingTemperatureC());
        problems.throwIfAny();
        Map<String, Object> setting = new LinkedHashMap<>(Map.of(
                "faults", faults,
                "severities", severities,
                "windingTemperatureC", body.windingTemperatureC(),
                "deviceFault", device,
                "windersMistake", mistake,
                "ovenFault", oven));
        if (body.seed() != null) {
            setting.put("seed", body.seed());
        }
        return JobViews.of(book.setSimulatedMotor(tag, setting, ChangeContext.of(People.of(who))));
    }

    private static <E extends Enum<E> & Coded> void word(Class<E> type, String field, String word, Problems problems) {
        if (word == null || Coded.parse(type, word).isEmpty()) {
            problems.add(field, Problem.Code.WORD, field + " must be one of " + Coded.choices(type));
        }
    }
}
