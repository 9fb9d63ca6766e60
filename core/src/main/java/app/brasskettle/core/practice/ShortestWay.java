package app.brasskettle.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The way of a hand that knows what is hidden: at each step the act that makes it most likely for its minutes, with what the gates ask
 * for before it. Greedy, so a shorter way may exist; it is a measure, no record.
 *
 * @param acts in their order
 * @param minutes what they take
 */
record ShortestWay(List<PracticeAct> acts, int minutes) {

    private static final double SURE = 0.7;
    private static final int MOST_ACTS = 14;
    /** What a gate may ask for before an act, in the order in which it is done. */
    private static final List<PracticeAct> OPENERS = List.of(
            PracticeAct.LOOK_OVER,
            PracticeAct.READ_PLATE,
            PracticeAct.LOCK_OUT,
            PracticeAct.INSULATION,
            PracticeAct.DISCHARGE,
            PracticeAct.RESISTANCE,
            PracticeAct.SURGE);

    static ShortestWay of(Exercise exercise, long seed) {
        if (exercise.topic().bare()) {
            return timed(List.of(PracticeAct.FIELD, PracticeAct.WARM, PracticeAct.COUNT_SPAN), exercise, seed);
        }
        if (exercise.topic() == Exercise.Topic.DECISION) {
            return timed(List.of(PracticeAct.ASK, PracticeAct.PRICE, PracticeAct.ADVICE), exercise, seed);
        }
        List<PracticeAct> way =
                new ArrayList<>(List.of(PracticeAct.ASK, PracticeAct.LOOK_OVER, PracticeAct.READ_PLATE));
        while (way.size() < MOST_ACTS) {
            PracticeBench here = PracticeBench.after(exercise, seed, way);
            double now = believed(here, exercise);
            if (now >= SURE) {
                break;
            }
            Optional<List<PracticeAct>> best = best(exercise, seed, way, now, here.minutes());
            if (best.isEmpty()) {
                break;
            }
            way = new ArrayList<>(best.get());
        }
        return timed(way, exercise, seed);
    }

    private static Optional<List<PracticeAct>> best(
            Exercise exercise, long seed, List<PracticeAct> way, double now, int minutes) {
        List<PracticeAct> best = null;
        double gain = 1e-4;
        for (PracticeAct act : PracticeAct.values()) {
            if (!act.fits(exercise) || way.contains(act) || act.kind() == PracticeAct.Kind.STEP) {
                continue;
            }
            Optional<List<PracticeAct>> safe = safely(exercise, seed, way, act);
            if (safe.isEmpty()) {
                continue;
            }
            PracticeBench there = PracticeBench.after(exercise, seed, safe.get());
            double each = (believed(there, exercise) - now) / (there.minutes() - minutes);
            if (each > gain) {
                gain = each;
                best = safe.get();
            }
        }
        return Optional.ofNullable(best);
    }

    /** The way with an act more, and before it what its gates ask for; empty where they stay shut. */
    private static Optional<List<PracticeAct>> safely(
            Exercise exercise, long seed, List<PracticeAct> way, PracticeAct act) {
        List<PracticeAct> more = new ArrayList<>(way);
        if ((act == PracticeAct.LOOK_INSIDE || act == PracticeAct.SURGE_ROTOR_OUT) && !way.contains(PracticeAct.OPEN)) {
            Optional<List<PracticeAct>> opened = safely(exercise, seed, way, PracticeAct.OPEN);
            if (opened.isEmpty()) {
                return Optional.empty();
            }
            more = new ArrayList<>(opened.get());
        }
        if (holds(exercise, seed, more, act)) {
            return Optional.of(plus(more, act));
        }
        for (PracticeAct opener : OPENERS) {
            boolean ground = opener == PracticeAct.DISCHARGE;
            if (!opener.fits(exercise) || opener == act || more.contains(opener) && !ground) {
                continue;
            }
            if (holds(exercise, seed, more, opener)) {
                more = plus(more, opener);
            }
            if (holds(exercise, seed, more, act)) {
                return Optional.of(plus(more, act));
            }
        }
        more = plus(more, PracticeAct.DISCHARGE);
        return holds(exercise, seed, more, act) ? Optional.of(plus(more, act)) : Optional.empty();
    }

    private static List<PracticeAct> plus(List<PracticeAct> way, PracticeAct act) {
        List<PracticeAct> more = new ArrayList<>(way);
        more.add(act);
        return more;
    }

    /** Whether an act is done and not held. */
    private static boolean holds(Exercise exercise, long seed, List<PracticeAct> way, PracticeAct act) {
        List<PracticeBench.Happened> log =
                PracticeBench.after(exercise, seed, plus(way, act)).log();
        return log.get(log.size() - 1).unsafe().isEmpty();
    }

    private static double believed(PracticeBench bench, Exercise exercise) {
        return exercise.answers().stream().mapToDouble(bench::probability).sum();
    }

    private static ShortestWay timed(List<PracticeAct> acts, Exercise exercise, long seed) {
        return new ShortestWay(
                List.copyOf(acts), PracticeBench.after(exercise, seed, acts).minutes());
    }
}
