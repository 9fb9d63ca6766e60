package app.brasskettle.server.bench;

import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.energise.GateRow;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.jobview.JobViews;
import app.brasskettle.server.problems.RefusedException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is put down by name around power: a release to run, a limit waived, a contradiction settled, a verdict overruled. */
@RestController
@RequestMapping("/api/jobs/{tag}")
class LeadController {

    /** A limit that holds energising, and why it need not. */
    record WaiverBody(String code, String reason) {}

    /** A contradiction as it stands, and how it was settled. */
    record SettleBody(String sentence, String reason) {}

    /** Another word for what the test of a step said, and why. */
    record OverruleBody(String step, String verdict, String reason) {}

    /** What was wrong with the reading of the Stop at a step. */
    record MisreadBody(String step, String reason) {}

    /** Why a plate that cannot be right is believed. */
    record StampedBody(String reason) {}

    /** Points checked at the motor, who stands at the stop, and how rotation was agreed. */
    record ReleaseBody(List<String> checked, String atTheStop, String rotation) {}

    /** What must be so before a motor runs. */
    enum ReleasePoint implements Coded {
        BOLTED_DOWN,
        COUPLING_GUARDED,
        KEY_CAPTURED
    }

    private static final int MAX_REASON = 300;
    private static final int MAX_NAME = 80;

    private final JobBook book;
    private final TestBook tests;

    LeadController(JobBook book, TestBook tests) {
        this.book = book;
        this.tests = tests;
    }

    /** A lead hand's written waiver of a figure that missed its limit by a little; refused against anything else. */
    @PostMapping("/gate")
    JobView waive(@PathVariable String tag, @RequestBody WaiverBody body, Authentication who) {
        Person lead = inWriting(body.reason(), who);
        EnergiseGate.Reason against = holding(tag, body.code());
        if (!against.waivable()) {
            throw RefusedException.gated("Nobody may waive this: " + against.sentence() + ". " + against.liftedBy());
        }
        return JobViews.of(book.addEvent(
                tag,
                EventKind.LIMIT_WAIVED,
                Map.of(
                        "code", against.code(),
                        "sentence", against.sentence(),
                        "reason", body.reason().strip()),
                ChangeContext.of(lead)));
    }

    /** A lead hand writes what was misread in a test that stopped: a repeat that proves may then take its place. */
    @PostMapping("/misread")
    JobView misread(@PathVariable String tag, @RequestBody MisreadBody body, Authentication who) {
        Person lead = inWriting(body.reason(), who);
        String step = body.step() == null ? "" : body.step();
        return JobViews.of(book.addEvent(
                tag,
                EventKind.TEST_MISREAD,
                job -> {
                    JudgedTest test = job.judged()
                            .heldStops()
                            .filter(t -> t.step().equals(step))
                            .reduce((a, b) -> b)
                            .orElseThrow(() -> RefusedException.stale("No Stop stands at that step"));
                    return Map.of(
                            "step", step,
                            "testAt", test.at(),
                            "sentence", test.own().headline(),
                            "reason", body.reason().strip());
                },
                ChangeContext.of(lead)));
    }

    /** A lead hand confirms that a plate that cannot be right is stamped so; a photograph of it is on record. */
    @PostMapping("/plate-stamped")
    JobView stamped(@PathVariable String tag, @RequestBody StampedBody body, Authentication who) {
        Person lead = inWriting(body.reason(), who);
        return JobViews.of(book.addEvent(
                tag,
                EventKind.PLATE_STAMPED,
                job -> {
                    JobRecord record = job.record();
                    if (record.plates().isEmpty()) {
                        throw RefusedException.gated("No plate is on record. Read it first");
                    }
                    if (!record.apart().photographedAt(JobStep.PLATE)) {
                        throw RefusedException.gated(
                                "The plate is not photographed. Photograph it at the plate’s step first");
                    }
                    return Map.of(
                            "version", record.plates().size(),
                            "reason", body.reason().strip());
                },
                ChangeContext.of(lead)));
    }

    /** A lead hand settles two records that cannot both be true, in writing. */
    @PostMapping("/settle")
    JobView settle(@PathVariable String tag, @RequestBody SettleBody body, Authentication who) {
        Person lead = inWriting(body.reason(), who);
        EnergiseGate.Reason against = book.read(tag).reading().gate().holding().stream()
                .filter(r -> r.code().equals(GateRow.CONTRADICTION.code()))
                .filter(r -> r.sentence().equals(body.sentence()))
                .findFirst()
                .orElseThrow(() -> RefusedException.stale("No such contradiction stands any longer"));
        return JobViews.of(book.addEvent(
                tag,
                EventKind.CONTRADICTION_SETTLED,
                Map.of("sentence", against.sentence(), "reason", body.reason().strip()),
                ChangeContext.of(lead)));
    }

    private EnergiseGate.Reason holding(String tag, String code) {
        return book.read(tag).reading().gate().holding().stream()
                .filter(r -> r.code().equals(code))
                .findFirst()
                .orElseThrow(() -> RefusedException.stale("Energising is not held by that any longer"));
    }

    /** A verdict of a lead hand over that of the limits; both stand on record, and the gate goes by the worse. */
    @PostMapping("/overrule")
    JobView overrule(@PathVariable String tag, @RequestBody OverruleBody body, Authentication who) {
        Person lead = People.of(who, Role.LEAD, Role.ADMIN);
        Problems problems = new Problems();
        reason(body.reason(), problems);
        Optional<Verdict> verdict = Coded.parse(Verdict.class, body.verdict() == null ? "" : body.verdict());
        if (verdict.isEmpty()) {
            problems.add("verdict", Problem.Code.WORD, "verdict must be one of " + Coded.choices(Verdict.class));
        }
        problems.throwIfAny();
        JudgedTest test = tests.standingTest(tag, body.step() == null ? "" : body.step())
                .orElseThrow(() -> RefusedException.stale("No test stands at that step"));
        return JobViews.of(book.addEvent(
                tag,
                EventKind.OVERRULED,
                Map.of(
                        "step", body.step(),
                        "testAt", test.at(),
                        "sentence", test.effective().headline(),
                        "verdict", verdict.orElseThrow().code(),
                        "reason", body.reason().strip()),
                ChangeContext.of(lead)));
    }

    /** A release to run, by name. It opens nothing that the record holds shut. */
    @PostMapping("/run-release")
    JobView release(@PathVariable String tag, @RequestBody ReleaseBody body, Authentication who) {
        Person person = People.of(who);
        Problems problems = new Problems();
        List<String> checked = body.checked() == null ? List.of() : body.checked();
        for (ReleasePoint point : ReleasePoint.values()) {
            if (!checked.contains(point.code())) {
                problems.add(
                        "checked",
                        Problem.Code.MISSING,
                        "Not checked: " + point.code().replace('-', ' '));
            }
        }
        shortText("atTheStop", body.atTheStop(), problems);
        shortText("rotation", body.rotation(), problems);
        problems.throwIfAny();
        EnergiseGate gate = book.read(tag).reading().gate();
        if (gate.state() == EnergiseGate.State.BLOCKED) {
            throw RefusedException.gated(
                    "Energising is blocked: " + gate.holding().get(0).sentence());
        }
        return JobViews.of(book.addEvent(
                tag,
                EventKind.RUN_RELEASED,
                job -> {
                    Map<String, Object> detail = new LinkedHashMap<>(job.signedRecord());
                    detail.put("checked", checked);
                    detail.put("atTheStop", body.atTheStop().strip());
                    detail.put("rotation", body.rotation().strip());
                    return detail;
                },
                ChangeContext.of(person)));
    }

    private static void shortText(String field, String text, Problems problems) {
        if (problems.name(field, text) && text.strip().length() > MAX_NAME) {
            problems.add(field, Problem.Code.RANGE, field + " has at most " + MAX_NAME + " characters");
        }
    }

    /** The lead hand signed in, who gives a reason. */
    private static Person inWriting(String reason, Authentication who) {
        Person lead = People.of(who, Role.LEAD, Role.ADMIN);
        Problems problems = new Problems();
        reason(reason, problems);
        problems.throwIfAny();
        return lead;
    }

    private static void reason(String reason, Problems problems) {
        if (problems.name("reason", reason) && reason.strip().length() > MAX_REASON) {
            problems.add("reason", Problem.Code.RANGE, "reason has at most " + MAX_REASON + " characters");
        }
    }
}
