package app.brasskettle.server.practice;

import app.brasskettle.core.practice.Debriefing;
import app.brasskettle.core.practice.Exercise;
import app.brasskettle.core.practice.PracticeAct;
import app.brasskettle.core.practice.PracticeBench;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.problems.RefusedException;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Attempts at exercises: begun, worked on act by act, answered once. */
@Service
class PracticeBook {

    private static final int MOST_ACTS = 60;

    private final PracticeStore store;

    /** What was answered stays so; its shortest way takes a while to work out. */
    private final Cache<Long, Debriefing> debriefings =
            Caffeine.newBuilder().maximumSize(200).build();

    PracticeBook(PracticeStore store) {
        this.store = store;
    }

    /** An attempt as whoever works on it sees it: what they did and found, nothing of what is hidden until they answered. */
    record AttemptView(
            long id,
            ExerciseLine exercise,
            long seed,
            String complaint,
            int minutes,
            double cost,
            List<String> calls,
            List<Seen> log,
            List<ActLine> acts,
            List<Debriefing.Choice> choices,
            Optional<Debriefing> debriefing,
            Optional<Long> setId) {}

    /** What was done and what it showed; what could be believed is said once it is answered. */
    record Seen(
            PracticeAct act,
            String words,
            int atMinute,
            int minutes,
            List<String> said,
            Optional<String> consequence) {}

    /** What can be done. */
    record ActLine(PracticeAct act, String words, int minutes, int money) {}

    /** An exercise as it is listed. */
    record ExerciseLine(String id, int level, Exercise.Topic topic, String title) {

        static ExerciseLine of(Exercise e) {
            return new ExerciseLine(e.id(), e.level(), e.topic(), e.title());
        }
    }

    static Exercise exercise(String id) {
        return Exercise.find(id).orElseThrow(() -> RefusedException.unknown("There is no exercise " + id));
    }

    @Transactional
    public AttemptView begin(String username, String exercise, long seed, Optional<Long> set) {
        exercise(exercise);
        set.ifPresent(s -> {
            boolean mine = store.setFor(username).stream()
                    .anyMatch(x -> x.id() == s && x.exercise().equals(exercise) && x.seed() == seed);
            if (!mine) {
                throw RefusedException.unknown("Nobody set you that");
            }
        });
        return view(find(username, store.begin(username, exercise, seed, set, JobClock.now())));
    }

    private PracticeStore.Attempt find(String username, long id) {
        return store.lock(username, id).orElseThrow(() -> RefusedException.unknown("You have no attempt " + id));
    }

    @Transactional
    public AttemptView read(String username, long id) {
        return view(find(username, id));
    }

    @Transactional
    public AttemptView act(String username, long id, String act) {
        PracticeStore.Attempt attempt = open(username, id);
        Exercise exercise = exercise(attempt.exercise());
        Optional<PracticeAct> done = Coded.parse(PracticeAct.class, act).filter(a -> a.fits(exercise));
        if (done.isEmpty()) {
            Problems problems = new Problems();
            problems.add("act", Problem.Code.WORD, "act is “" + act + "”, which is not there in this exercise");
            problems.throwIfAny();
        }
        if (attempt.acts().size() >= MOST_ACTS) {
            throw RefusedException.gated("That is enough looking: " + MOST_ACTS + " acts. Answer now");
        }
        List<PracticeAct> acts = new ArrayList<>(attempt.acts());
        acts.add(done.get());
        store.acts(id, acts);
        return read(username, id);
    }

    @Transactional
    public AttemptView answer(String username, long id, String answer) {
        PracticeStore.Attempt attempt = open(username, id);
        Exercise exercise = exercise(attempt.exercise());
        if (!Debriefing.isChoice(exercise, answer)) {
            Problems problems = new Problems();
            problems.add("answer", Problem.Code.WORD, "answer is “" + answer + "”, which is none of the choices");
            problems.throwIfAny();
        }
        Debriefing told = Debriefing.of(exercise, attempt.seed(), attempt.acts(), answer);
        debriefings.put(id, told);
        store.answer(id, answer, told.total(), JobClock.now());
        return read(username, id);
    }

    private PracticeStore.Attempt open(String username, long id) {
        PracticeStore.Attempt attempt = find(username, id);
        if (attempt.answer().isPresent()) {
            throw RefusedException.stale("It is answered already. Begin another attempt");
        }
        return attempt;
    }

    /** The attempt at something that was set, for the lead hand who set it, where it was shown. */
    @Transactional(readOnly = true)
    public AttemptView shown(String lead, long set) {
        return view(store.shown(lead, set).orElseThrow(() -> RefusedException.unknown("Nothing is shown you of that")));
    }

    private AttemptView view(PracticeStore.Attempt a) {
        Exercise exercise = exercise(a.exercise());
        PracticeBench bench = PracticeBench.after(exercise, a.seed(), a.acts());
        return new AttemptView(
                a.id(),
                ExerciseLine.of(exercise),
                a.seed(),
                exercise.complaint(),
                bench.minutes(),
                bench.cost(),
                bench.calls(),
                bench.log().stream()
                        .map(h -> new Seen(
                                h.act(),
                                h.act().words(),
                                h.atMinute(),
                                h.minutes(),
                                h.said(),
                                h.unsafe().map(PracticeBench.Unsafe::consequence)))
                        .toList(),
                Arrays.stream(PracticeAct.values())
                        .filter(x -> x.fits(exercise))
                        .map(x -> new ActLine(x, x.words(), x.minutes(), x.money()))
                        .toList(),
                Debriefing.choices(exercise),
                a.answer()
                        .map(answer ->
                                debriefings.get(a.id(), id -> Debriefing.of(exercise, a.seed(), a.acts(), answer))),
                a.setId());
    }
}
