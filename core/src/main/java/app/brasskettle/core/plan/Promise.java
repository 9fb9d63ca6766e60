package app.brasskettle.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

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
        Random random = new Random(seed);
        int[] ends = new int[draws];
        for (int i = 0; i < draws; i++) {
            Integer end =
                    ListSchedule.of(drawn(problem, random), order).plan().ends().get(tag);
            if (end == null) {
                throw new IllegalArgumentException(tag + " has no task that can be planned");
            }
            ends[i] = end;
        }
        Arrays.sort(ends);
        return new Promise(ends[(draws - 1) / 2], ends[(int) Math.ceil(SAFE * draws) - 1], draws);
    }

    private static ShopProblem drawn(ShopProblem problem, Random random) {
        List<PlanTask> tasks = new ArrayList<>();
        for (PlanTask t : problem.tasks()) {
            int minutes = (int) Math.max(1, Math.round(t.workMinutes() * factor(random.nextDouble())));
            tasks.add(new PlanTask(
                    t.id(),
                    t.job(),
                    t.order(),
                    t.code(),
                    t.name(),
                    t.place(),
                    t.workMinutes() == 0 ? 0 : minutes,
                    t.runMinutes(),
                    t.setDown(),
                    t.temperatureC()));
        }
        return new ShopProblem(problem.jobs(), tasks, problem.workers(), problem.places(), problem.told());
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
