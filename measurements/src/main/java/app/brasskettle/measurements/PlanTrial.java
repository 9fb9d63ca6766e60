package app.brasskettle.measurements;

import app.brasskettle.core.casebook.GeneratedWeeks;
import app.brasskettle.core.plan.Booked;
import app.brasskettle.core.plan.ListSchedule;
import app.brasskettle.core.plan.PlanCheck;
import app.brasskettle.core.plan.PlanOrder;
import app.brasskettle.core.plan.ShopPlan;
import app.brasskettle.core.plan.ShopProblem;
import app.brasskettle.core.plan.Span;
import app.brasskettle.core.plan.Worker;
import app.brasskettle.planner.PlanSearch;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Prints the tables of docs/planning.md: generated weeks planned without a solver and with it, and disturbed. */
public final class PlanTrial {

    private static final List<GeneratedWeeks.Size> SIZES =
            List.of(GeneratedWeeks.Size.SMALL, GeneratedWeeks.Size.MIDDLE, GeneratedWeeks.Size.LARGE);
    private static final int[] MOTORS = {5, 15, 40};
    private static final int SEEDS = 5;
    private static final int SMALL_SHOPS = 60;
    private static final int MOST_TASKS = 8;
    private static final int DAY = 1440;

    private PlanTrial() {}

    /** Argument: seconds of each search, 10 unless told. */
    public static void main(String[] args) {
        Duration limit = Duration.ofSeconds(args.length > 0 ? Long.parseLong(args[0]) : 10);
        small();
        weeks(limit);
    }

    private static void weeks(Duration limit) {
        System.out.println("| shop | motors | first come: late, cost | earliest due: late, cost | search: late, cost "
                + "| first plan, ms | replanned: changes, without what was told |");
        System.out.println("|---|---|---|---|---|---|---|");
        for (GeneratedWeeks.Size size : SIZES) {
            for (int motors : MOTORS) {
                double[] sums = new double[9];
                for (long seed = 0; seed < SEEDS; seed++) {
                    row(GeneratedWeeks.week(size, motors, seed), limit, sums);
                }
                System.out.printf(
                        Locale.ROOT,
                        "| %s | %d | %.1f, %.0f | %.1f, %.0f | %.1f, %.0f | %.1f | %.1f, %.1f |%n",
                        size.name().toLowerCase(Locale.ROOT),
                        motors,
                        sums[0] / SEEDS,
                        sums[1] / SEEDS,
                        sums[2] / SEEDS,
                        sums[3] / SEEDS,
                        sums[4] / SEEDS,
                        sums[5] / SEEDS,
                        sums[6] / SEEDS,
                        sums[7] / SEEDS,
                        sums[8] / SEEDS);
            }
        }
    }

    private static void row(ShopProblem week, Duration limit, double[] sums) {
        long began = System.nanoTime();
        ShopPlan first = ListSchedule.of(week, PlanOrder.firstCome(week)).plan();
        sums[6] += (System.nanoTime() - began) / 1e6;
        ShopPlan due = ListSchedule.of(week, PlanOrder.earliestDue(week)).plan();
        ShopPlan found = PlanSearch.within(week, limit, i -> {}).run().plan();
        List<ShopPlan> plans = List.of(first, due, found);
        for (int i = 0; i < plans.size(); i++) {
            if (!PlanCheck.of(week, plans.get(i)).isEmpty()) {
                throw new IllegalStateException("A plan breaks a rule");
            }
            sums[2 * i] += plans.get(i).cost(week).late();
            sums[2 * i + 1] += plans.get(i).cost(week).lateness();
        }
        Map<String, Booked> told = new HashMap<>();
        found.booked().forEach(b -> told.put(b.task().id(), b));
        ShopProblem disturbed = disturbed(week, told);
        sums[7] += PlanSearch.within(disturbed, limit, i -> {})
                .run()
                .plan()
                .cost(disturbed)
                .changes();
        ShopProblem forgetful = disturbed(week, Map.of());
        sums[8] += PlanSearch.within(forgetful, limit, i -> {})
                .run()
                .plan()
                .cost(disturbed)
                .changes();
    }

    /** Whoever is first in the list is away the whole first day. */
    private static ShopProblem disturbed(ShopProblem week, Map<String, Booked> told) {
        List<Worker> workers = new ArrayList<>(week.workers());
        Worker away = workers.get(0);
        List<Span> hours = away.hours().stream().filter(h -> h.from() >= DAY).toList();
        workers.set(0, new Worker(away.name(), away.skills(), hours));
        return new ShopProblem(week.jobs(), week.tasks(), workers, week.places(), told);
    }

    private static void small() {
        int shops = 0;
        int best = 0;
        double worst = 0;
        double firstOver = 0;
        double dueOver = 0;
        for (long seed = 0; shops < SMALL_SHOPS; seed++) {
            ShopProblem week = GeneratedWeeks.week(GeneratedWeeks.Size.ALONE, 4, seed);
            if (week.tasks().size() > MOST_TASKS) {
                continue;
            }
            shops++;
            double[] optimum = {Double.POSITIVE_INFINITY};
            PlanOrder.all(week, order -> optimum[0] = Math.min(optimum[0], money(week, order)));
            double found = PlanSearch.trying(week, 5000, i -> {})
                    .run()
                    .plan()
                    .cost(week)
                    .money();
            best += found <= optimum[0] + 0.02 ? 1 : 0;
            worst = Math.max(worst, found - optimum[0]);
            firstOver += money(week, PlanOrder.firstCome(week)) - optimum[0];
            dueOver += money(week, PlanOrder.earliestDue(week)) - optimum[0];
        }
        System.out.printf(
                Locale.ROOT,
                "%d shops of one person and up to %d tasks: optimum by trying every order found in %d, at worst %.2f over it; "
                        + "first come is %.1f over it on average, earliest due %.1f%n%n",
                shops,
                MOST_TASKS,
                best,
                worst,
                firstOver / shops,
                dueOver / shops);
    }

    private static double money(ShopProblem problem, List<String> order) {
        return ListSchedule.of(problem, order).plan().cost(problem).money();
    }
}
