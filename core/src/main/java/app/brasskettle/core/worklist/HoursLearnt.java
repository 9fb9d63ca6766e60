package app.brasskettle.core.worklist;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What tasks took here against the task table, learnt from motors on which they were done.
 *
 * @param byTask by the code of the task
 */
public record HoursLearnt(Map<String, Learnt> byTask) {

    /** Fewer motors than this say nothing: the table stands. */
    public static final int LEAST_MOTORS = 3;

    private static final double LEAST = 0.5;
    private static final double MOST = 2.5;

    /**
     * What one task took.
     *
     * @param factor hours taken in one of the table, the median of all motors, within 0.5 to 2.5
     * @param motors how many
     */
    public record Learnt(double factor, int motors) {}

    /**
     * A task as it was done on one motor.
     *
     * @param task its code
     * @param tableHours by the task table
     * @param takenHours by the taps
     */
    public record Took(String task, double tableHours, double takenHours) {}

    public HoursLearnt {
        byTask = Map.copyOf(byTask);
    }

    /** Nothing learnt: the table stands. */
    public static HoursLearnt nothing() {
        return new HoursLearnt(Map.of());
    }

    /** Learns from what was done; tasks without an hour in the table or by taps say nothing. */
    public static HoursLearnt of(List<Took> done) {
        Map<String, List<Double>> ratios = new HashMap<>();
        for (Took t : done) {
            if (t.tableHours() > 0 && t.takenHours() > 0) {
                ratios.computeIfAbsent(t.task(), k -> new ArrayList<>()).add(t.takenHours() / t.tableHours());
            }
        }
        Map<String, Learnt> learnt = new HashMap<>();
        ratios.forEach((task, all) -> {
            if (all.size() >= LEAST_MOTORS) {
                Collections.sort(all);
                int n = all.size();
                double median = n % 2 == 1 ? all.get(n / 2) : (all.get(n / 2 - 1) + all.get(n / 2)) / 2;
                learnt.put(task, new Learnt(Math.min(MOST, Math.max(LEAST, median)), n));
            }
        });
        return new HoursLearnt(learnt);
    }

    /** Hours taken in one of the table. */
    double factor(String task) {
        Learnt learnt = byTask.get(task);
        return learnt == null ? 1 : learnt.factor();
    }
}
