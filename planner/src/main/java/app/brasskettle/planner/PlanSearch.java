package app.brasskettle.planner;

import ai.timefold.solver.core.api.solver.Solver;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.score.director.ScoreDirectorFactoryConfig;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import app.brasskettle.core.plan.ListSchedule;
import app.brasskettle.core.plan.PlanCheck;
import app.brasskettle.core.plan.PlanOrder;
import app.brasskettle.core.plan.ShopPlan;
import app.brasskettle.core.plan.ShopProblem;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Stream;

/**
 * A search for a plan, which runs until its time is over or it is broken off. It begins with the order people were told, or
 * the better of those a shop has without a plan, so that its answer is never worse; every plan it gives was proved by the core.
 */
public final class PlanSearch {

    private final ShopProblem problem;
    private final Solver<OrderedShop> solver;
    private final OrderedShop start;

    /**
     * A better plan.
     *
     * @param plan it
     * @param cost what it costs
     * @param seconds of the search until then
     */
    public record Improved(ShopPlan plan, ShopPlan.Cost cost, double seconds) {}

    private PlanSearch(ShopProblem problem, TerminationConfig end, Consumer<Improved> improved) {
        this.problem = problem;
        this.start = new OrderedShop(problem, turns(best(problem)));
        SolverConfig config = new SolverConfig()
                .withSolutionClass(OrderedShop.class)
                .withEntityClasses(TurnOrder.class)
                .withScoreDirectorFactory(
                        new ScoreDirectorFactoryConfig().withEasyScoreCalculatorClass(PlanScore.class))
                .withRandomSeed(1L)
                .withTerminationConfig(end);
        this.solver = SolverFactory.<OrderedShop>create(config).buildSolver();
        long began = System.nanoTime();
        solver.addEventListener(e -> {
            ShopPlan plan = proved(e.getNewBestSolution());
            improved.accept(new Improved(plan, plan.cost(problem), (System.nanoTime() - began) / 1e9));
        });
    }

    /**
     * Makes a search by the clock, which does not run yet.
     *
     * @param limit how long it may run
     * @param improved hears of each better plan, on the thread of the search
     */
    public static PlanSearch within(ShopProblem problem, Duration limit, Consumer<Improved> improved) {
        return new PlanSearch(problem, new TerminationConfig().withSpentLimit(limit), improved);
    }

    /** Makes a search that tries so many orders, and so finds the same plan on any machine. */
    public static PlanSearch trying(ShopProblem problem, long orders, Consumer<Improved> improved) {
        return new PlanSearch(problem, new TerminationConfig().withScoreCalculationCountLimit(orders), improved);
    }

    /** Runs it to its end and gives the best plan found, with what could not be planned. */
    public ListSchedule.Made run() {
        List<String> order =
                start.tags().isEmpty() ? List.of() : solver.solve(start).tags();
        ListSchedule.Made made = ListSchedule.of(problem, order);
        PlanCheck.proved(problem, made);
        return made;
    }

    /** Breaks it off; {@link #run} then gives what it has. */
    public void stop() {
        solver.terminateEarly();
    }

    private ShopPlan proved(OrderedShop solution) {
        return PlanCheck.proved(problem, ListSchedule.of(problem, solution.tags()));
    }

    private static List<String> best(ShopProblem problem) {
        return Stream.of(PlanOrder.told(problem), PlanOrder.earliestDue(problem), PlanOrder.firstCome(problem))
                .min(Comparator.<List<String>>comparingInt(
                                o -> ListSchedule.of(problem, o).unplanned().size())
                        .thenComparingDouble(o ->
                                ListSchedule.of(problem, o).plan().cost(problem).money()))
                .orElseThrow();
    }

    private static List<Turn> turns(List<String> order) {
        Map<String, Integer> seen = new HashMap<>();
        List<Turn> turns = new ArrayList<>();
        order.forEach(tag -> turns.add(new Turn(tag, seen.merge(tag, 1, Integer::sum) - 1)));
        return turns;
    }
}
