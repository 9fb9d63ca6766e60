package app.brasskettle.planner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.casebook.GeneratedWeeks;
import app.brasskettle.core.plan.Booked;
import app.brasskettle.core.plan.ListSchedule;
import app.brasskettle.core.plan.PlanCheck;
import app.brasskettle.core.plan.PlanOrder;
import app.brasskettle.core.plan.PlanRule;
import app.brasskettle.core.plan.ShopPlan;
import app.brasskettle.core.plan.ShopProblem;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class PlanSearchTest {

    private static final long ORDERS = 3000;

    private static double money(ShopProblem problem, List<String> order) {
        return ListSchedule.of(problem, order).plan().cost(problem).money();
    }

    private static ShopPlan searched(ShopProblem problem) {
        return PlanSearch.trying(problem, ORDERS, i -> {}).run().plan();
    }

    @Test
    void isNeverWorseThanWhatAShopDoesWithoutIt() {
        for (long seed = 0; seed < 6; seed++) {
            ShopProblem week = GeneratedWeeks.week(GeneratedWeeks.Size.SMALL, 8, seed);
            ShopPlan plan = searched(week);
            assertThat(PlanCheck.of(week, plan)).isEmpty();
            assertThat(plan.cost(week).money())
                    .isLessThanOrEqualTo(0.01
                            + Math.min(
                                    money(week, PlanOrder.firstCome(week)), money(week, PlanOrder.earliestDue(week))));
        }
    }

    /** Up to eight tasks every order can be tried: the search finds the best of them. */
    @Test
    void findsTheBestOfASmallShop() {
        int tried = 0;
        int notByDate = 0;
        for (long seed = 0; tried < 12; seed++) {
            ShopProblem week = GeneratedWeeks.week(GeneratedWeeks.Size.ALONE, 4, seed);
            if (week.tasks().size() > 8) {
                continue;
            }
            tried++;
            double[] best = {Double.POSITIVE_INFINITY};
            PlanOrder.all(week, order -> best[0] = Math.min(best[0], money(week, order)));
            notByDate += money(week, PlanOrder.earliestDue(week)) > best[0] + 0.02 ? 1 : 0;
            assertThat(searched(week).cost(week).money()).as("seed %d", seed).isCloseTo(best[0], within(0.02));
        }
        assertThat(notByDate)
                .as("shops in which going by the date is not the best")
                .isPositive();
    }

    /** Asked again with nothing changed, it does not send people elsewhere. */
    @Test
    void keepsToWhatWasTold() {
        ShopProblem week = GeneratedWeeks.week(GeneratedWeeks.Size.MIDDLE, 8, 4);
        ShopPlan plan = searched(week);
        Map<String, Booked> told = new HashMap<>();
        plan.booked().forEach(b -> told.put(b.task().id(), b));
        ShopProblem again = new ShopProblem(week.jobs(), week.tasks(), week.workers(), week.places(), told);
        assertThat(plan.booked()).anyMatch(b -> b.start() < PlanRule.TOLD_MINUTES);
        assertThat(searched(again).cost(again).changes()).isLessThanOrEqualTo(1);
    }

    @Test
    void tellsOfEachBetterPlanAndCanBeBrokenOff() {
        ShopProblem week = GeneratedWeeks.week(GeneratedWeeks.Size.SMALL, 10, 2);
        List<Double> costs = new ArrayList<>();
        PlanSearch[] search = new PlanSearch[1];
        search[0] = PlanSearch.trying(week, 1_000_000_000, i -> {
            costs.add(i.cost().money());
            if (costs.size() > 2) {
                search[0].stop();
            }
        });
        ShopPlan plan = search[0].run().plan();
        assertThat(costs).isSortedAccordingTo((a, b) -> Double.compare(b, a));
        assertThat(plan.cost(week).money()).isLessThanOrEqualTo(costs.get(0));
    }

    @Test
    void anEmptyShopHasAnEmptyPlan() {
        ShopProblem none = new ShopProblem(List.of(), List.of(), List.of(), List.of(), Map.of());
        assertThat(searched(none).booked()).isEmpty();
    }
}
