package app.brasskettle.planner;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.ProblemFactCollectionProperty;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.score.buildin.hardsoftlong.HardSoftLongScore;
import app.brasskettle.core.plan.ListSchedule;
import app.brasskettle.core.plan.ShopProblem;
import java.util.List;

/** A shop with an order of turns, as the solver holds it. */
@PlanningSolution
public class OrderedShop {

    private ListSchedule schedule;
    private ShopProblem problem;

    @ValueRangeProvider
    @ProblemFactCollectionProperty
    private List<Turn> turns = List.of();

    @PlanningEntityProperty
    private TurnOrder order = new TurnOrder();

    @PlanningScore
    private HardSoftLongScore score;

    /** For the solver, which makes copies. */
    public OrderedShop() {}

    OrderedShop(ShopProblem problem, List<Turn> turns) {
        this.problem = problem;
        this.schedule = new ListSchedule(problem);
        this.turns = turns;
        this.order = new TurnOrder(turns);
    }

    ShopProblem problem() {
        return problem;
    }

    /** The plan of its order. */
    ListSchedule.Made made() {
        return schedule.make(tags());
    }

    List<String> tags() {
        return order.tags();
    }
}
