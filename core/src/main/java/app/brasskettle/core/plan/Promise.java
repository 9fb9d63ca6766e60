package app.brasskettle.core.plan;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;

/**
 * When a motor can honestly be promised: its end over many draws of how long tasks take, in the order of a plan.
 *
 * <p>Work takes between 0.8 and 1.6 times its time, most often as long as it is reckoned (triangular); what runs alone takes its time.
 *
 * @param likelyMinute half of the draws are ready by then
 * @param safeMinute nine of ten are
 * @param draws how many
 */
public record Promise(int likelyMinute, int safeMinute, int draws) {

    private static final String SOURCE = "Draws of how long tasks take, in the order of the plan";
    private static final double MINUTES = 60;
    private static final double FASTEST = 0.8;
    private static final double SLOWEST = 1.6;
    private static final double SAFE = 0.9;

    /**
     * Draws it.
     *
     * @param order the order of turns
     * @param tag the motor
     * @param seed of the draws
     * @throws IllegalArgumentException where the motor cannot be planned at all
     */
    public static Promise of(ShopProblem problem, List<String> order, String tag, int draws, long seed) {
        Promise promise = all(problem, order, draws, seed).get(tag);
        if (promise == null) {
            throw new IllegalArgumentException(tag + " has no task that can be planned");
        }
        return promise;
    }

    /** Draws it for every motor at once, by tag; a motor that is not planned in every draw has none. */
    public static Map<String, Promise> all(ShopProblem problem, List<String> order, int draws, long seed) {
        Random random = new Random(seed);
        Map<String, List<Integer>> ends = new TreeMap<>();
        for (int i = 0; i < draws; i++) {
            ListSchedule.of(drawn(problem, random), order)
                    .plan()
                    .ends()
                    .forEach((tag, end) ->
                            ends.computeIfAbsent(tag, k -> new ArrayList<>()).add(end));
        }
        Map<String, Promise> promises = new TreeMap<>();
        ends.forEach((tag, all) -> {
            if (all.size() == draws) {
                Collections.sort(all);
                promises.put(
                        tag, new Promise(all.get((draws - 1) / 2), all.get((int) Math.ceil(SAFE * draws) - 1), draws));
            }
        });
        return promises;
    }

    /** How it stands to what was promised. */
    public Judgement judge(Optional<Integer> promised) {
        if (promised.isEmpty()) {
            return new Judgement(Verdict.UNPROVEN, "Nothing promised", "", SOURCE, "Promise the safe date.");
        }
        int due = promised.get();
        String spare =
                "in half of the draws " + hours(due - likelyMinute) + ", in nine of ten " + hours(due - safeMinute);
        if (safeMinute <= due) {
            return new Judgement(Verdict.HOLDS, "The promise is safe", spare, SOURCE, "");
        }
        return likelyMinute <= due
                ? new Judgement(
                        Verdict.WATCH,
                        "The promise is not safe",
                        spare,
                        SOURCE,
                        "Keep an eye on it, or plan anew with it first.")
                : new Judgement(
                        Verdict.STOP, "Late by this plan", spare, SOURCE, "Plan anew, or tell the customer now.");
    }

    /** A motor that some draw could not plan to its end. */
    public static Judgement notPlanned() {
        return new Judgement(
                Verdict.UNPROVEN,
                "Not planned to its end",
                "a task has nobody, no place, or no hours",
                SOURCE,
                "Look at what is not planned.");
    }

    private static String hours(int minutes) {
        return Figures.significant(Math.abs(minutes) / MINUTES, 2) + (minutes < 0 ? " h late" : " h to spare");
    }

    private static ShopProblem drawn(ShopProblem problem, Random random) {
        List<PlanTask> tasks = new ArrayList<>();
        for (PlanTask t : problem.tasks()) {
            int minutes = (int) Math.max(1, Math.round(t.workMinutes() * factor(random.nextDouble())));
            tasks.add(t.lasting(t.workMinutes() == 0 ? 0 : minutes, t.runMinutes()));
        }
        return new ShopProblem(
                problem.jobs(), tasks, problem.workers(), problem.places(), problem.told(), problem.underWay());
    }

    /** A triangular draw with its mode at 1. */
    private static double factor(double u) {
        double width = SLOWEST - FASTEST;
        double split = (1 - FASTEST) / width;
        return u < split
                ? FASTEST + Math.sqrt(u * width * (1 - FASTEST))
                : SLOWEST - Math.sqrt((1 - u) * width * (SLOWEST - 1));
    }
}
