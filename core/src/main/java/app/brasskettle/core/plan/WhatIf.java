package app.brasskettle.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/**
 * What a rush job, or anything else that comes between, does to the other motors. Nothing is changed by asking.
 *
 * @param delayed motors that are ready later than they would have been, the dearest first
 * @param changes tasks of the next hours that people would do otherwise than they were told
 * @param money what it costs all of them, by the outage of each and the shop’s word where it is broken
 */
public record WhatIf(List<Delay> delayed, int changes, double money) {

    /**
     * A motor that is ready later.
     *
     * @param tag its tag
     * @param before minute it would have been ready
     * @param after minute it is ready now
     * @param breaksPromise whether its promise held before and does not any more
     * @param money what the delay costs: hours of outage after its promise
     */
    public record Delay(String tag, int before, int after, boolean breaksPromise, double money) {}

    /**
     * Compares two plans.
     *
     * @param before the plan that people were told
     * @param problem the shop with what came between
     * @param after a plan for it
     */
    public static WhatIf of(ShopPlan before, ShopProblem problem, ShopPlan after) {
        Map<String, Integer> then = before.ends();
        Map<String, Integer> now = after.ends();
        List<Delay> delayed = new ArrayList<>();
        for (PlanJob job : problem.jobs()) {
            Integer was = then.get(job.tag());
            Integer is = now.get(job.tag());
            if (was != null && is != null && is > was) {
                delayed.add(delay(job, was, is));
            }
        }
        delayed.sort(Comparator.comparingDouble(Delay::money).reversed().thenComparing(Delay::tag));
        return new WhatIf(
                List.copyOf(delayed),
                after.cost(problem).changes(),
                delayed.stream().mapToDouble(Delay::money).sum());
    }

    private static Delay delay(PlanJob job, int was, int is) {
        if (job.promised().isEmpty()) {
            return new Delay(job.tag(), was, is, false, 0);
        }
        int due = job.promised().get();
        double hours = (Math.max(is, due) - Math.max(was, due)) / 60.0;
        return new Delay(
                job.tag(), was, is, was <= due && is > due, hours * (job.costPerHour() + PlanRule.WORD_PER_HOUR));
    }
}
