package app.brasskettle.planner;

import ai.timefold.solver.core.api.score.buildin.hardsoftlong.HardSoftLongScore;
import ai.timefold.solver.core.api.score.calculator.EasyScoreCalculator;
import app.brasskettle.core.plan.ListSchedule;

/** What an order is worth: the core makes a plan of it, which breaks no rule whatever the order, and says what that costs. */
public class PlanScore implements EasyScoreCalculator<OrderedShop, HardSoftLongScore> {

    private static final double CENTS = 100;

    @Override
    public HardSoftLongScore calculateScore(OrderedShop shop) {
        ListSchedule.Made made = shop.made();
        return HardSoftLongScore.of(
                -made.unplanned().size(),
                -Math.round(CENTS * made.plan().cost(shop.problem()).money()));
    }
}
