package app.brasskettle.server.bench;

import app.brasskettle.core.insulation.CircuitsTest;
import app.brasskettle.core.insulation.InsulationTest;
import app.brasskettle.core.insulation.TimedReading;
import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.jobs.FurtherTest;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Quantity;
import app.brasskettle.core.quantity.Spelling;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.surge.SurgeRise;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.withstand.StepVoltageTest;
import app.brasskettle.core.withstand.WithstandRecord;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.Word;
import app.brasskettle.server.access.AccountStore;
import app.brasskettle.server.access.People;
import app.brasskettle.server.jobs.EventKind;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.JobView;
import app.brasskettle.server.jobs.TestBook;
import app.brasskettle.server.jobs.TestKind;
import app.brasskettle.server.problems.RefusedException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Bench tests of a job and the safe steps around them. */
@RestController
@RequestMapping("/api/jobs/{tag}")
class BenchController {

    private static final List<String> WORKS = List.of("opened", "washed", "dried", "dipped", "reassembled");

    /** Readings as typed; {@code simulated} when an instrument of the simulation gave them, with the run it was. */
    record TestBody(Map<String, Object> typed, boolean simulated, String because, Integer speed, Long instrument) {

        int speedOrFirst() {
            return speed == null ? 1 : speed;
        }
    }

    /** Readings as typed, to be looked at. */
    record LookBody(Map<String, Object> typed, Integer speed) {}

    /** By which two means the supply was proved dead. */
    record LockOut(String means) {}

    /** Auxiliaries named as removed or shorted. */
    record Isolated(List<String> names) {}

    /** Residual voltage after the ground was lifted for a minute. */
    record DischargeProof(String residualVoltageV) {}

    /** What was done to the winding. */
    record Work(String work) {}

    private static final double STEP_SECONDS = 60;
    /** What a surge test counts for the discharge clock, which then runs its least minute. */
    private static final double SURGE_SECONDS = 15;

    private final JobBook book;
    private final TestBook tests;
    private final AccountStore accounts;

    BenchController(JobBook book, TestBook tests, AccountStore accounts) {
        this.book = book;
        this.tests = tests;
        this.accounts = accounts;
    }

    @PostMapping("/tests/{kind}/look")
    TestLook look(@PathVariable String tag, @PathVariable String kind, @RequestBody LookBody body, Authentication who) {
        TestKind test = kind(kind);
        JobRecord job = book.record(tag);
        if (!BenchForms.tells(job.plate(), test)) {
            return TestLook.refused(BenchForms.noPlate().problems());
        }
        Map<String, Object> typed =
                Spelling.of(test.type(), body.typed() == null ? Map.of() : body.typed(), accounts.units(who));
        int speed = body.speed() == null ? 1 : body.speed();
        return TestLook.of(test, BenchForms.complete(test, speed, typed, job, tests.stoodWithstand(tag)), book.rules());
    }

    @PostMapping("/tests/{kind}")
    JobView record(
            @PathVariable String tag,
            @PathVariable String kind,
            @RequestBody TestBody body,
            @RequestHeader(value = "Idempotency-Key", required = false) String key,
            Authentication who) {
        TestKind test = kind(kind);
        JobRecord job = book.record(tag);
        if (!BenchForms.tells(job.plate(), test)) {
            throw BenchForms.noPlate();
        }
        int speed = speed(job, test, body.speedOrFirst());
        Map<String, Object> typed =
                Spelling.of(test.type(), body.typed() == null ? Map.of() : body.typed(), accounts.units(who));
        Record input = TypedInput.read(
                        test.type(), BenchForms.complete(test, speed, typed, job, tests.stoodWithstand(tag)))
                .input();
        JobBook.Hand hand = JobBook.Hand.of(People.of(who), key);
        JobView view = book.addTest(
                tag,
                new JobBook.Test(
                        test,
                        speed,
                        test.traces() ? Map.of() : typed,
                        input,
                        test.judge(input, book.rules()),
                        body.simulated(),
                        Optional.ofNullable(body.instrument()),
                        body.because() == null ? "" : body.because().strip()),
                hand);
        double seconds = voltageSeconds(input);
        if (seconds > 0 && !body.simulated()) {
            Optional<String> own = hand.key().map(k -> "v-" + k.substring(0, Math.min(70, k.length())));
            return book.addEvent(
                    tag,
                    EventKind.VOLTAGE_APPLIED,
                    Map.of("seconds", seconds, "pace", 1),
                    new JobBook.Hand(hand.person(), own, hand.at()));
        }
        return view;
    }

    /** Speed 2 is taken on two-speed motors alone, and by tests that each speed has of its own. */
    private static int speed(JobRecord job, TestKind test, int speed) {
        boolean second = speed == 2
                && job.plate().flatMap(Plate::secondSpeed).isPresent()
                && test.further().filter(FurtherTest.Kind::eachSpeed).isPresent();
        if (speed != 1 && !second) {
            throw new InvalidInputException(List.of(new Problem(
                    "speed",
                    Problem.Code.RANGE,
                    "speed is " + speed + "; this motor, or this test, has no such speed")));
        }
        return speed;
    }

    /** How long a test held direct voltage on the winding: a minute for each step of a ramp. */
    private static double voltageSeconds(Record input) {
        if (input instanceof StepVoltageTest t) {
            return STEP_SECONDS * t.steps().size();
        }
        if (input instanceof WithstandRecord t) {
            return t.supply() == WithstandRecord.Supply.DIRECT ? t.heldSeconds() : 0;
        }
        if (input instanceof SurgeSet || input instanceof SurgeRise) {
            return SURGE_SECONDS;
        }
        if (input instanceof CircuitsTest t) {
            return t.circuits().stream()
                    .mapToDouble(CircuitsTest.Circuit::seconds)
                    .sum();
        }
        return input instanceof InsulationTest t
                ? t.readings().stream().mapToDouble(TimedReading::seconds).max().orElse(0)
                : 0;
    }

    @PostMapping("/lock-out")
    JobView lockOut(@PathVariable String tag, @RequestBody LockOut body, Authentication who) {
        Problems problems = new Problems();
        problems.name("means", body.means());
        problems.throwIfAny();
        return book.addEvent(
                tag,
                EventKind.LOCKED_OUT,
                Map.of("means", body.means().strip()),
                JobBook.Hand.of(People.of(who), null));
    }

    @PostMapping("/isolated")
    JobView isolate(@PathVariable String tag, @RequestBody Isolated body, Authentication who) {
        List<String> known = Arrays.stream(Arrival.Auxiliary.values())
                .map(Arrival.Auxiliary::spoken)
                .toList();
        List<String> names = body.names() == null ? List.of() : body.names();
        Problems problems = new Problems();
        for (int i = 0; i < names.size(); i++) {
            if (!known.contains(names.get(i))) {
                problems.add(
                        "names[" + i + "]",
                        Problem.Code.WORD,
                        "names[" + i + "] must be one of " + String.join(", ", known));
            }
        }
        problems.throwIfAny();
        return book.addEvent(tag, EventKind.ISOLATED, Map.of("names", names), JobBook.Hand.of(People.of(who), null));
    }

    @PostMapping("/discharge-proof")
    JobView discharged(@PathVariable String tag, @RequestBody DischargeProof body, Authentication who) {
        Problems problems = new Problems();
        Optional<Quantity> residual =
                Quantity.parse("residualVoltageV", body.residualVoltageV(), Dimension.VOLTAGE, problems);
        if (residual.isEmpty() && problems.clear("residualVoltageV")) {
            problems.add("residualVoltageV", Problem.Code.MISSING, "residualVoltageV is missing");
        }
        residual.ifPresent(r -> {
            if (r.value() < 0 || r.value() >= 25) {
                problems.add(
                        "residualVoltageV",
                        Problem.Code.RANGE,
                        "residualVoltageV is " + r.written()
                                + "; under 25 V proves it discharged. Leave the ground on");
            }
        });
        problems.throwIfAny();
        JobView.Discharge clock = book.view(tag)
                .discharge()
                .filter(d -> d.secondsLeft() > 0)
                .orElseThrow(() -> RefusedException.gated("No discharge clock runs on " + tag));
        if (clock.secondsToProof() > 0) {
            throw RefusedException.gated("Not before one minute: the leads have been grounded for less");
        }
        return book.addEvent(
                tag,
                EventKind.DISCHARGE_PROVED,
                Map.of("residualV", residual.orElseThrow().value()),
                JobBook.Hand.of(People.of(who), null));
    }

    @PostMapping("/worked")
    JobView worked(@PathVariable String tag, @RequestBody Work body, Authentication who) {
        if (body.work() == null || !WORKS.contains(body.work())) {
            throw new InvalidInputException(
                    List.of(new Problem("work", Problem.Code.WORD, "work must be one of " + String.join(", ", WORKS))));
        }
        return book.addEvent(tag, EventKind.WORKED, Map.of("work", body.work()), JobBook.Hand.of(People.of(who), null));
    }

    private static TestKind kind(String word) {
        return Word.parse(TestKind.class, word)
                .orElseThrow(() -> RefusedException.unknown("The bench has no test called " + word));
    }
}
