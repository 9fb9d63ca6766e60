package app.brasskettle.server.bench;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.energise.DischargeClock;
import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Quantity;
import app.brasskettle.core.quantity.Spelling;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.access.AccountStore;
import app.brasskettle.server.access.People;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.ReadJob;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.jobview.JobViews;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.retries.Unkeyed;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Bench tests of a job and the safe steps around them. */
@RestController
@RequestMapping("/api/jobs/{tag}")
class BenchController {

    /**
     * Readings as typed.
     *
     * @param typed by field
     * @param appliedVoltageV the test voltage, where the readings do not hold it
     * @param because why it is repeated
     * @param speed 1 or 2; 1 where absent
     * @param instrument the instrument of the shop's list that read it
     * @param takenBefore why it is entered now although it was taken before
     */
    record TestBody(
            Map<String, Object> typed,
            String appliedVoltageV,
            String because,
            Integer speed,
            Long instrument,
            String takenBefore,
            Boolean correction) {

        int speedOrFirst() {
            return speed == null ? 1 : speed;
        }
    }

    /** Readings as typed, to be looked at. */
    record PreviewBody(Map<String, Object> typed, String appliedVoltageV, Integer speed) {}

    /** By which two means the supply was proved dead. */
    record LockOut(String means) {}

    /** Auxiliaries named as removed or shorted. */
    record Isolated(List<String> names) {}

    /** Residual voltage after the ground was lifted for a minute. */
    record DischargeProof(String residualVoltageV) {}

    private final JobBook book;
    private final TestBook tests;
    private final AccountStore accounts;

    BenchController(JobBook book, TestBook tests, AccountStore accounts) {
        this.book = book;
        this.tests = tests;
        this.accounts = accounts;
    }

    /** Judges readings while they are typed; nothing is kept. */
    @Unkeyed("Looks ahead and keeps nothing")
    @PostMapping("/tests/{kind}/preview")
    TestPreview preview(
            @PathVariable String tag, @PathVariable String kind, @RequestBody PreviewBody body, Authentication who) {
        TestKind test = kind(kind);
        RecordedJob recorded = book.recorded(tag);
        JobRecord job = recorded.record();
        if (!test.sufficientFor(job.plate())) {
            return TestPreview.refused(BenchForms.noPlate().problems());
        }
        Map<String, Object> typed =
                Spelling.of(test.inputType(), body.typed() == null ? Map.of() : body.typed(), accounts.units(who));
        int speed = body.speed() == null ? 1 : body.speed();
        Problems problems = new Problems();
        Optional<Double> volts = voltage(body.appliedVoltageV(), problems);
        problems.throwIfAny();
        return TestPreview.of(
                test,
                speed,
                BenchForms.complete(test, speed, typed, recorded),
                volts,
                job,
                JobClock.seconds(JobClock.now()));
    }

    @PostMapping("/tests/{kind}")
    JobView record(
            @PathVariable String tag, @PathVariable String kind, @RequestBody TestBody body, Authentication who) {
        TestKind test = kind(kind);
        Map<String, Object> typed =
                Spelling.of(test.inputType(), body.typed() == null ? Map.of() : body.typed(), accounts.units(who));
        Problems problems = new Problems();
        Optional<Double> volts = voltage(body.appliedVoltageV(), problems);
        if (volts.isPresent() && !test.notesVoltage()) {
            problems.add(
                    "appliedVoltageV",
                    Problem.Code.UNKNOWN,
                    "appliedVoltageV belongs to insulation and surge; the readings of this test hold their own");
        }
        return JobViews.of(tests.add(tag, ChangeContext.of(People.of(who)), job -> {
            if (!test.sufficientFor(job.record().plate())) {
                throw BenchForms.noPlate();
            }
            int speed = speed(job.record(), test, body.speedOrFirst());
            problems.throwIfAny();
            return new TestBook.Test(
                    test,
                    speed,
                    test.traces() ? Map.of() : typed,
                    TypedInput.read(test.inputType(), BenchForms.complete(test, speed, typed, job))
                            .input(),
                    volts,
                    Optional.ofNullable(body.instrument()),
                    false,
                    Optional.ofNullable(body.takenBefore()).map(String::strip).filter(w -> !w.isEmpty()),
                    body.because() == null ? "" : body.because().strip(),
                    1,
                    Boolean.TRUE.equals(body.correction()));
        }));
    }

    /** A test voltage as typed; empty where nobody noted it. */
    private static Optional<Double> voltage(String typed, Problems problems) {
        Optional<Double> volts = Quantity.parse("appliedVoltageV", typed, Dimension.VOLTAGE, problems)
                .map(Quantity::value);
        volts.ifPresent(v -> problems.positive("appliedVoltageV", v, "V"));
        return volts;
    }

    /** Speed 2 is taken on two-speed motors alone, and by tests that each speed has of its own. */
    private static int speed(JobRecord job, TestKind test, int speed) {
        boolean second = speed == 2 && job.plate().flatMap(Plate::secondSpeed).isPresent() && test.eachSpeed();
        if (speed != 1 && !second) {
            throw new InvalidInputException(List.of(new Problem(
                    "speed",
                    Problem.Code.RANGE,
                    "speed is " + speed + "; this motor, or this test, has no such speed")));
        }
        return speed;
    }

    @PostMapping("/lock-out")
    JobView lockOut(@PathVariable String tag, @RequestBody LockOut body, Authentication who) {
        Problems problems = new Problems();
        problems.name("means", body.means());
        problems.throwIfAny();
        return JobViews.of(book.addEvent(
                tag, EventKind.LOCKED_OUT, Map.of("means", body.means().strip()), ChangeContext.of(People.of(who))));
    }

    /** The lock-out is taken off, by name: leads may no longer be connected under it. */
    @PostMapping("/lock-out/end")
    JobView endLockOut(@PathVariable String tag, Authentication who) {
        return JobViews.of(book.addEvent(tag, EventKind.LOCK_OUT_ENDED, Map.of(), ChangeContext.of(People.of(who))));
    }

    @PostMapping("/isolated")
    JobView isolate(@PathVariable String tag, @RequestBody Isolated body, Authentication who) {
        List<String> known = Arrays.stream(Arrival.Auxiliary.values())
                .map(Arrival.Auxiliary::label)
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
        return JobViews.of(
                book.addEvent(tag, EventKind.ISOLATED, Map.of("names", names), ChangeContext.of(People.of(who))));
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
        ReadJob job = book.read(tag);
        DischargeClock clock = job.reading()
                .discharge()
                .filter(d -> d.runs(job.now()))
                .orElseThrow(() -> RefusedException.gated("No discharge clock runs on " + tag));
        if (clock.provableFrom() > job.now()) {
            throw RefusedException.gated("Not before one minute: the leads have been grounded for less");
        }
        return JobViews.of(book.addEvent(
                tag,
                EventKind.DISCHARGE_PROVED,
                Map.of("residualV", residual.orElseThrow().value()),
                ChangeContext.of(People.of(who))));
    }

    private static TestKind kind(String word) {
        return TestKinds.named(word)
                .orElseThrow(() -> RefusedException.unknown("The bench has no test called " + word));
    }
}
