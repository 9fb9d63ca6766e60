package app.brasskettle.server.teardown;

import app.brasskettle.core.findings.Condition;
import app.brasskettle.core.jobs.TakenApart;
import app.brasskettle.core.teardown.MotorBuild;
import app.brasskettle.core.teardown.TeardownLog;
import app.brasskettle.core.teardown.UsualPart;
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
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What the usual motors are made of, and parts going back by name. */
@RestController
class TeardownController {

    /** What is done with a part: refit, leave-out with a reason, or off again. */
    record PartBody(String action, String reason) {}

    /** A kind of motor with its parts in the order they come off. */
    record Build(MotorBuild build, String label, String where, List<UsualPart> parts) {}

    /** What a teardown can be told in. */
    record Vocabulary(List<Build> builds, List<Condition> conditions) {}

    private final JobBook book;
    private final PartBook parts;

    TeardownController(JobBook book, PartBook parts) {
        this.book = book;
        this.parts = parts;
    }

    @GetMapping("/api/teardown/vocabulary")
    Vocabulary vocabulary() {
        return new Vocabulary(
                Arrays.stream(MotorBuild.values())
                        .map(b -> new Build(b, b.label(), b.where(), UsualPart.of(b)))
                        .toList(),
                Condition.all());
    }

    @PostMapping("/api/jobs/{tag}/parts/{id}")
    JobView part(@PathVariable String tag, @PathVariable int id, @RequestBody PartBody body, Authentication who) {
        TakenApart apart = book.record(tag).apart();
        TeardownLog.LoggedPart part = apart.log().orElseGet(TeardownLog::none).parts().stream()
                .filter(p -> p.id() == id)
                .findFirst()
                .orElseThrow(() -> RefusedException.unknown("No part " + id + " was logged on " + tag));
        Problems problems = new Problems();
        EventKind kind = EventKind.PART_REFITTED;
        switch (body.action() == null ? "" : body.action()) {
            case "refit" -> kind = EventKind.PART_REFITTED;
            case "leave-out" -> {
                kind = EventKind.PART_LEFT_OUT;
                problems.name("reason", body.reason());
            }
            case "off" -> kind = EventKind.PART_OFF_AGAIN;
            default -> problems.add("action", Problem.Code.WORD, "action must be one of refit, leave-out, off");
        }
        problems.throwIfAny();
        // A part that stays out is missing from a motor that turns: whoever answers for the shop says so.
        Person person = kind == EventKind.PART_LEFT_OUT ? People.of(who, Role.LEAD, Role.ADMIN) : People.of(who);
        return JobViews.of(parts.record(
                tag,
                kind,
                Map.of(
                        "part",
                        id,
                        "name",
                        part.label(),
                        "reason",
                        body.reason() == null ? "" : body.reason().strip()),
                ChangeContext.of(person)));
    }
}
