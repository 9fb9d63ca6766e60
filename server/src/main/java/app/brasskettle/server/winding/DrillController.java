package app.brasskettle.server.winding;

import app.brasskettle.core.connection.ConnectionAssessment;
import app.brasskettle.core.connection.ConnectionAssessment.Checked;
import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.core.connection.ConnectionDrill;
import app.brasskettle.core.connection.ConnectionSheet;
import app.brasskettle.core.connection.Misconnection;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.drawings.ConnectionDrawings;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.retries.Unkeyed;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The misconnection drill of a simulated motor: a winding of this job joined wrongly, to be found. Nothing of it is kept. */
@RestController
@RequestMapping("/api/jobs/{tag}/winding/drill/{seed}")
class DrillController {

    private final JobBook book;

    DrillController(JobBook book) {
        this.book = book;
    }

    /**
     * A winding joined wrongly.
     *
     * @param joints its joints as found
     * @param drawing the same as a drawing (SVG)
     * @param spun what each connection shows when it is spun and fed
     * @param choices what may be wrong
     */
    record Drill(List<List<String>> joints, Optional<String> drawing, List<Spun> spun, List<Choice> choices) {}

    /**
     * Figures of one connection; no figure where nothing ties the lines together.
     *
     * @param name which
     * @param circulatingPercent current that flows with nothing fed
     * @param linesPercent line voltages apart
     * @param currentsPercent currents of the groups apart
     * @param backwardPercent field that turns backwards
     */
    record Spun(
            String name,
            Optional<Double> circulatingPercent,
            Optional<Double> linesPercent,
            Optional<Double> currentsPercent,
            Optional<Double> backwardPercent) {}

    /** Something that may be wrong, by its code and in words. */
    record Choice(Misconnection code, String label) {}

    /** What somebody holds to be wrong, and the group they name. */
    record Answer(String what, int group) {}

    /**
     * Whether it was that.
     *
     * @param right whether the answer names it
     * @param was what is wrong, in words
     * @param group the group it is at
     * @param says what the check says of these joints
     */
    record Told(boolean right, String was, int group, String says) {}

    @GetMapping
    Drill begin(@PathVariable String tag, @PathVariable int seed) {
        RecordedJob job = practising(tag);
        ConnectionDrill drill = ConnectionDrill.of(diagram(job), seed);
        ConnectionAssessment found = check(job, drill);
        return new Drill(
                drill.joints(),
                ConnectionDrawings.of(found, Optional.of(drill.joints())).flatMap(ConnectionDrawings::found),
                found.found().stream().map(DrillController::spun).toList(),
                Arrays.stream(Misconnection.values())
                        .map(m -> new Choice(m, m.label()))
                        .toList());
    }

    @Unkeyed("Judges an exercise and keeps nothing")
    @PostMapping
    Told answer(@PathVariable String tag, @PathVariable int seed, @RequestBody Answer answer) {
        RecordedJob job = practising(tag);
        ConnectionDiagram diagram = diagram(job);
        Misconnection what = Coded.parse(Misconnection.class, answer.what() == null ? "" : answer.what())
                .orElseThrow(() -> wrong("what", "what must be one of " + Coded.choices(Misconnection.class)));
        if (answer.group() < 1 || answer.group() > diagram.groups().size()) {
            throw wrong(
                    "group",
                    "group is " + answer.group() + "; there are "
                            + diagram.groups().size() + " groups");
        }
        ConnectionDrill drill = ConnectionDrill.of(diagram, seed);
        return new Told(
                drill.found(what, answer.group(), diagram),
                drill.what().label(),
                drill.group(),
                check(job, drill).judgement().headline());
    }

    private RecordedJob practising(String tag) {
        RecordedJob job = book.recorded(tag);
        if (!job.record().demonstration()) {
            throw RefusedException.gated("The drill belongs to simulated instruments, which are off in this shop");
        }
        return job;
    }

    private static ConnectionDiagram diagram(RecordedJob job) {
        return job.record()
                .winding()
                .connection()
                .flatMap(ConnectionAssessment::diagram)
                .orElseThrow(
                        () -> RefusedException.gated("Keep what leaves the winding first: the drill needs a diagram"));
    }

    private static ConnectionAssessment check(RecordedJob job, ConnectionDrill drill) {
        return ConnectionAssessment.of(
                job.record().winding().data(),
                new ConnectionSheet(job.record().leaving().orElseThrow(), Optional.of(drill.joints())));
    }

    private static Spun spun(Checked c) {
        return new Spun(
                c.name(),
                c.result().circulatingPercent(),
                c.result().lineVoltageUnbalancePercent(),
                c.result().currentUnbalancePercent(),
                c.result().backwardPercent());
    }

    private static InvalidInputException wrong(String field, String message) {
        return new InvalidInputException(List.of(new Problem(field, Problem.Code.WORD, message)));
    }
}
