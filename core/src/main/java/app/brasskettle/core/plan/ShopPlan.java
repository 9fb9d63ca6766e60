package app.brasskettle.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Who does what where and when.
 *
 * @param booked every task, in the order in which they begin
 */
public record ShopPlan(List<Booked> booked) {

    public ShopPlan {
        booked = booked.stream()
                .sorted(Comparator.comparingInt(Booked::start)
                        .thenComparing(b -> b.task().id()))
                .toList();
    }

    /**
     * What a plan costs.
     *
     * @param late motors that are not ready as promised
     * @param lateness their hours, each by what an hour costs
     * @param changes tasks of the next hours that differ from what was told
     * @param money all of it by the weights of {@link PlanRule}
     */
    public record Cost(int late, double lateness, int changes, double money) {}

    /** Motors in the order in which their tasks begin, as a search takes it. */
    public List<String> order() {
        return booked.stream().map(b -> b.task().job()).toList();
    }

    /** The same as it looks so many minutes later. */
    public ShopPlan seenLater(int minutes) {
        return new ShopPlan(booked.stream().map(b -> b.seenLater(minutes)).toList());
    }

    /**
     * The order with one task put before the one ahead of it in its lane, or behind the one after it: the lane of its person, or of
     * its place where nobody is at it. The same order where there is none.
     */
    public List<String> moved(String taskId, boolean earlier) {
        int at = -1;
        for (int i = 0; i < booked.size(); i++) {
            at = booked.get(i).task().id().equals(taskId) ? i : at;
        }
        if (at < 0) {
            throw new IllegalArgumentException("No task " + taskId + " is in the plan");
        }
        int step = earlier ? -1 : 1;
        int other = at + step;
        while (other >= 0 && other < booked.size() && !sameLane(booked.get(at), booked.get(other))) {
            other += step;
        }
        List<String> order = new ArrayList<>(order());
        if (other >= 0 && other < booked.size()) {
            order.add(other, order.remove(at));
        }
        return order;
    }

    private static boolean sameLane(Booked a, Booked b) {
        return !a.task().job().equals(b.task().job())
                && (a.worker().isEmpty()
                        ? a.place().equals(b.place())
                        : a.worker().equals(b.worker()));
    }

    /** When the last task of each motor ends, by tag. */
    public Map<String, Integer> ends() {
        Map<String, Integer> ends = new HashMap<>();
        booked.forEach(b -> ends.merge(b.task().job(), b.end(), Math::max));
        return ends;
    }

    /** What it costs. */
    public Cost cost(ShopProblem problem) {
        Map<String, Integer> ends = ends();
        int late = 0;
        double lateness = 0;
        double hours = 0;
        for (PlanJob job : problem.jobs()) {
            Integer end = ends.get(job.tag());
            if (end == null) {
                continue;
            }
            hours += end / 60.0;
            if (job.due().isPresent() && end > job.due().get()) {
                late += job.promised().isPresent() ? 1 : 0;
                lateness += (end - job.due().get()) / 60.0 * (job.costPerHour() + PlanRule.WORD_PER_HOUR);
            }
        }
        int changes = changes(problem);
        return new Cost(
                late,
                lateness,
                changes,
                PlanRule.LATENESS.weight() * lateness
                        + PlanRule.CHANGE.weight() * changes
                        + PlanRule.SOON.weight() * hours);
    }

    private int changes(ShopProblem problem) {
        int changes = 0;
        for (Booked b : booked) {
            Booked told = problem.told().get(b.task().id());
            if (told != null && told.start() < PlanRule.TOLD_MINUTES && !b.keeps(told)) {
                changes++;
            }
        }
        return changes;
    }
}
