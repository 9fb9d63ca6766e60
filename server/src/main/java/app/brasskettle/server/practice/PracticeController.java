package app.brasskettle.server.practice;

import app.brasskettle.core.practice.Drill;
import app.brasskettle.core.practice.Exercise;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.retries.Unkeyed;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Practice: exercises, drills, and what a lead hand sets. Results are a person's own. */
@RestController
@RequestMapping("/api/practice")
class PracticeController {

    private final PracticeBook book;
    private final PracticeStore store;

    PracticeController(PracticeBook book, PracticeStore store) {
        this.book = book;
        this.store = store;
    }

    /** Exercises with one's own best points, drills, and what was set. */
    record Overview(
            List<Line> exercises,
            List<DrillLine> drills,
            List<Past> mine,
            List<PracticeStore.SetExercise> setForMe,
            List<PracticeStore.SetExercise> setByMe) {}

    /** An exercise and one's own best points at it. */
    record Line(PracticeBook.ExerciseLine exercise, Optional<Integer> best, int attempts) {}

    /** A drill. */
    record DrillLine(Drill code, String label) {}

    /** An attempt of one's own. */
    record Past(long id, String title, long seed, OffsetDateTime begunAt, Optional<Integer> points) {}

    /** Which exercise, by what seed, and whether somebody set it. */
    record BeginBody(String exercise, long seed, Long setId) {}

    /** What is done. */
    record ActBody(String act) {}

    /** What is answered. */
    record AnswerBody(String answer) {}

    /** An exercise for somebody. */
    record SetBody(String exercise, Long seed, String username) {}

    @GetMapping
    Overview overview(Authentication who) {
        Person person = People.of(who);
        List<PracticeStore.Attempt> mine = store.of(person.username());
        return new Overview(
                Exercise.shipped().stream()
                        .map(e -> new Line(
                                PracticeBook.ExerciseLine.of(e),
                                mine.stream()
                                        .filter(a -> a.exercise().equals(e.id()))
                                        .flatMap(a -> a.points().stream())
                                        .max(Integer::compare),
                                (int) mine.stream()
                                        .filter(a -> a.exercise().equals(e.id()))
                                        .count()))
                        .toList(),
                Arrays.stream(Drill.values())
                        .map(d -> new DrillLine(d, d.label()))
                        .toList(),
                mine.stream()
                        .map(a -> new Past(
                                a.id(), PracticeBook.exercise(a.exercise()).title(), a.seed(), a.begunAt(), a.points()))
                        .toList(),
                store.setFor(person.username()),
                store.setBy(person.username()).stream()
                        .map(PracticeController::unlessHidden)
                        .toList());
    }

    /** What a person has not shown is theirs. */
    private static PracticeStore.SetExercise unlessHidden(PracticeStore.SetExercise s) {
        return s.shown()
                ? s
                : new PracticeStore.SetExercise(
                        s.id(),
                        s.exercise(),
                        s.seed(),
                        s.forWhom(),
                        s.by(),
                        s.at(),
                        false,
                        Optional.empty(),
                        Optional.empty());
    }

    @PostMapping("/attempts")
    PracticeBook.AttemptView begin(@RequestBody BeginBody body, Authentication who) {
        return book.begin(
                People.of(who).username(),
                body.exercise() == null ? "" : body.exercise(),
                body.seed(),
                Optional.ofNullable(body.setId()));
    }

    @GetMapping("/attempts/{id}")
    PracticeBook.AttemptView attempt(@PathVariable long id, Authentication who) {
        return book.read(People.of(who).username(), id);
    }

    @PostMapping("/attempts/{id}/acts")
    PracticeBook.AttemptView act(@PathVariable long id, @RequestBody ActBody body, Authentication who) {
        return book.act(People.of(who).username(), id, body.act() == null ? "" : body.act());
    }

    @PostMapping("/attempts/{id}/answer")
    PracticeBook.AttemptView answer(@PathVariable long id, @RequestBody AnswerBody body, Authentication who) {
        return book.answer(People.of(who).username(), id, body.answer() == null ? "" : body.answer());
    }

    @PostMapping("/sets")
    Overview set(@RequestBody SetBody body, Authentication who) {
        Person lead = People.of(who, Role.LEAD, Role.ADMIN);
        PracticeBook.exercise(body.exercise() == null ? "" : body.exercise());
        Problems problems = new Problems();
        problems.present("seed", body.seed());
        problems.name("username", body.username());
        problems.throwIfAny();
        if (!store.set(body.username().strip(), body.exercise(), body.seed(), lead.username(), JobClock.now())) {
            throw RefusedException.unknown("Nobody called " + body.username() + " works here");
        }
        return overview(who);
    }

    @PostMapping("/sets/{id}/show")
    Overview show(@PathVariable long id, Authentication who) {
        if (!store.show(People.of(who).username(), id, JobClock.now())) {
            throw RefusedException.unknown("There is nothing of that to show");
        }
        return overview(who);
    }

    @GetMapping("/sets/{id}/attempt")
    PracticeBook.AttemptView shown(@PathVariable long id, Authentication who) {
        return book.shown(People.of(who, Role.LEAD, Role.ADMIN).username(), id);
    }

    @GetMapping("/drills/{drill}/{seed}")
    Drill.Question question(@PathVariable String drill, @PathVariable long seed) {
        return drill(drill).question(seed);
    }

    @PostMapping("/drills/{drill}/{seed}")
    @Unkeyed("Judges and keeps nothing")
    Drill.Told told(@PathVariable String drill, @PathVariable long seed, @RequestBody AnswerBody body) {
        return drill(drill).answer(seed, body.answer() == null ? "" : body.answer());
    }

    private static Drill drill(String code) {
        return Coded.parse(Drill.class, code).orElseThrow(() -> RefusedException.unknown("There is no drill " + code));
    }
}
