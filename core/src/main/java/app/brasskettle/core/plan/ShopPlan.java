package app.brasskettle.core.plan;

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
            if (job.promised().isPresent() && end > job.promised().getAsInt()) {
                late++;
                lateness += (end - job.promised().getAsInt()) / 60.0 * (job.costPerHour() + PlanRule.WORD_PER_HOUR);
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
            if (told != null
                    && told.start() < PlanRule.TOLD_MINUTES
                    && (!told.worker().equals(b.worker())
                            || Math.abs(told.start() - b.start()) > PlanRule.SAME_MINUTES)) {
                changes++;
            }
        }
        return changes;
    }
}
