package app.brasskettle.core.practice;

import app.brasskettle.core.cause.FailureRanking;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
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
    private static final double MINUTE_S = 60;
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
        return new Search(exercise, seed).found();
    }

    /** Where a list of acts leads: what its last act was held by, what can be believed then, how long it took. */
    private record Reached(boolean held, double believed, int minutes) {}

    /** Looks for it; what a list of acts leads to is worked out once. */
    private static final class Search {

        private final Exercise exercise;
        private final long seed;
        private final Map<List<PracticeAct>, Reached> known = new HashMap<>();

        private Search(Exercise exercise, long seed) {
            this.exercise = exercise;
            this.seed = seed;
        }

        private ShortestWay found() {
            if (exercise.topic().bare()) {
                return timed(List.of(PracticeAct.FIELD, PracticeAct.WARM, PracticeAct.COUNT_SPAN));
            }
            if (exercise.topic() == Exercise.Topic.DECISION) {
                return timed(List.of(PracticeAct.ASK, PracticeAct.PRICE, PracticeAct.ADVICE));
            }
            List<PracticeAct> way = List.of(PracticeAct.ASK, PracticeAct.LOOK_OVER, PracticeAct.READ_PLATE);
            while (way.size() < MOST_ACTS && reached(way).believed() < SURE) {
                Optional<List<PracticeAct>> best = best(way);
                if (best.isEmpty()) {
                    break;
                }
                way = best.get();
            }
            return timed(way);
        }

        private ShortestWay timed(List<PracticeAct> acts) {
            return new ShortestWay(
                    acts, acts.stream().mapToInt(PracticeAct::minutes).sum());
        }

        private Reached reached(List<PracticeAct> acts) {
            return known.computeIfAbsent(acts, this::tried);
        }

        private Reached tried(List<PracticeAct> acts) {
            PracticeMotor motor = new PracticeMotor(exercise, seed);
            PracticeActs hand = new PracticeActs(exercise, motor, seed, true);
            int minute = 0;
            for (int i = 0; i < acts.size(); i++) {
                PracticeAct act = acts.get(i);
                boolean last = i == acts.size() - 1;
                if (last && hand.unsafe(act, MINUTE_S * minute).isPresent()) {
                    return new Reached(true, 0, minute);
                }
                hand.done(act, MINUTE_S * minute, MINUTE_S * (minute + act.minutes()));
                minute += act.minutes();
            }
            double believed = motor.read(MINUTE_S * minute, false).ranking().ranking().stream()
                    .filter(r -> exercise.answers().contains(r.explanation()))
                    .mapToDouble(FailureRanking.Ranked::probability)
                    .sum();
            return new Reached(false, believed, minute);
        }

        private Optional<List<PracticeAct>> best(List<PracticeAct> way) {
            Reached here = reached(way);
            List<PracticeAct> best = null;
            double gain = 1e-4;
            for (PracticeAct act : PracticeAct.values()) {
                if (!act.fits(exercise) || way.contains(act) || act.kind() == PracticeAct.Kind.STEP) {
                    continue;
                }
                Optional<List<PracticeAct>> safe = safely(way, act);
                if (safe.isEmpty()) {
                    continue;
                }
                Reached there = reached(safe.get());
                double each = (there.believed() - here.believed()) / (there.minutes() - here.minutes());
                if (each > gain) {
                    gain = each;
                    best = safe.get();
                }
            }
            return Optional.ofNullable(best);
        }

        /** The way with an act more, and before it what its gates ask for; empty where they stay shut. */
        private Optional<List<PracticeAct>> safely(List<PracticeAct> way, PracticeAct act) {
            List<PracticeAct> more = way;
            boolean inside = act == PracticeAct.LOOK_INSIDE || act == PracticeAct.SURGE_ROTOR_OUT;
            if (inside && !way.contains(PracticeAct.OPEN)) {
                Optional<List<PracticeAct>> opened = safely(way, PracticeAct.OPEN);
                if (opened.isEmpty()) {
                    return Optional.empty();
                }
                more = opened.get();
            }
            if (open(more, act)) {
                return Optional.of(plus(more, act));
            }
            for (PracticeAct opener : OPENERS) {
                boolean ground = opener == PracticeAct.DISCHARGE;
                if (!opener.fits(exercise) || opener == act || more.contains(opener) && !ground) {
                    continue;
                }
                if (open(more, opener)) {
                    more = plus(more, opener);
                }
                if (open(more, act)) {
                    return Optional.of(plus(more, act));
                }
            }
            more = plus(more, PracticeAct.DISCHARGE);
            return open(more, act) ? Optional.of(plus(more, act)) : Optional.empty();
        }

        private boolean open(List<PracticeAct> way, PracticeAct act) {
            return !reached(plus(way, act)).held();
        }
    }

    private static List<PracticeAct> plus(List<PracticeAct> way, PracticeAct act) {
        List<PracticeAct> more = new ArrayList<>(way);
        more.add(act);
        return List.copyOf(more);
    }
}
