package app.brasskettle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.casebook.GeneratedWeeks;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PlanTest {

    private static final PlanTask BAKE =
            new PlanTask("b", "A", 0, "varnish", "bake", PlaceKind.BAKE_OVEN, 30, 300, false, Optional.of(150.0));

    private static List<String> shuffled(ShopProblem problem, long seed) {
        List<String> order = new ArrayList<>(PlanOrder.firstCome(problem));
        Collections.shuffle(order, new Random(seed));
        return order;
    }

    /** Whatever the order, the plan proves itself by rules that know nothing of how it was made, and forgets no task. */
    @ParameterizedTest
    @EnumSource(GeneratedWeeks.Size.class)
    void everyOrderMakesAPlanThatBreaksNothing(GeneratedWeeks.Size size) {
        for (long seed = 0; seed < 60; seed++) {
            ShopProblem week = GeneratedWeeks.week(size, 4 + (int) (seed % 12), seed);
            ListSchedule.Made made = ListSchedule.of(week, shuffled(week, seed));
            assertThat(made.unplanned()).isEmpty();
            assertThat(PlanCheck.of(week, made.plan())).as("seed %d", seed).isEmpty();
        }
    }

    private static ShopPlan with(ShopPlan plan, int index, UnaryOperator<Booked> change) {
        List<Booked> booked = new ArrayList<>(plan.booked());
        booked.set(index, change.apply(booked.get(index)));
        return new ShopPlan(booked);
    }

    private static List<Span> moved(Booked b, int minutes) {
        return b.work().stream()
                .map(s -> new Span(s.from() + minutes, s.to() + minutes))
                .toList();
    }

    /** A proof that finds nothing is worth nothing: every way to spoil a plan is found. */
    @Test
    void theProofFindsWhatIsSpoilt() {
        Random random = new Random(5);
        for (int n = 0; n < 200; n++) {
            ShopProblem week = GeneratedWeeks.week(GeneratedWeeks.Size.MIDDLE, 9, n);
            ShopPlan plan = ListSchedule.of(week, shuffled(week, n)).plan();
            int at = random.nextInt(plan.booked().size());
            Booked b = plan.booked().get(at);
            List<Booked> fewer = new ArrayList<>(plan.booked());
            fewer.remove(at);
            assertThat(PlanCheck.of(week, new ShopPlan(fewer))).isNotEmpty();
            assertThat(rules(week, with(plan, at, x -> new Booked(x.task(), "Nobody", x.place(), x.work(), x.end()))))
                    .contains(PlanRule.SKILL);
            assertThat(rules(week, with(plan, at, x -> new Booked(x.task(), x.worker(), "Attic", x.work(), x.end()))))
                    .contains(PlanRule.PLACE);
            assertThat(rules(
                            week,
                            with(
                                    plan,
                                    at,
                                    x -> new Booked(x.task(), x.worker(), x.place(), moved(x, 840), x.end() + 840))))
                    .as("moved into the night")
                    .contains(PlanRule.AT_WORK);
            if (b.task().order() > 0 && n % 2 == 0) {
                Optional<Booked> before = plan.booked().stream()
                        .filter(x -> x.task().job().equals(b.task().job())
                                && x.task().order() == b.task().order() - 1)
                        .findFirst();
                before.ifPresent(x -> assertThat(rules(
                                week,
                                with(
                                        plan,
                                        at,
                                        y -> new Booked(
                                                y.task(),
                                                y.worker(),
                                                y.place(),
                                                moved(y, x.start() - y.start()),
                                                y.end() - y.start() + x.start()))))
                        .contains(PlanRule.ORDER));
            }
        }
    }

    private static Set<PlanRule> rules(ShopProblem problem, ShopPlan plan) {
        return Set.copyOf(
                PlanCheck.of(problem, plan).stream().map(PlanCheck.Broken::rule).toList());
    }

    private static ShopProblem oven(PlanTask... tasks) {
        List<PlanJob> jobs = new ArrayList<>();
        for (PlanTask t : tasks) {
            jobs.add(new PlanJob(t.job(), 0, Optional.empty(), 0, false));
        }
        return new ShopProblem(
                jobs,
                List.of(tasks),
                List.of(
                        new Worker("P", Set.of("varnish"), List.of(new Span(0, 480), new Span(1440, 1920))),
                        new Worker("Q", Set.of("varnish"), List.of(new Span(0, 480), new Span(1440, 1920)))),
                List.of(new Place("Oven", PlaceKind.BAKE_OVEN, 2)),
                Map.of());
    }

    private static PlanTask bake(String job, double celsius) {
        return new PlanTask(job, job, 0, "varnish", "bake", PlaceKind.BAKE_OVEN, 30, 300, false, Optional.of(celsius));
    }

    @Test
    void anOvenTakesTwoOfOneTemperatureAndTheThirdWaits() {
        ShopProblem three = oven(bake("A", 150), bake("B", 150), bake("C", 150));
        ShopPlan plan = ListSchedule.of(three, List.of("A", "B", "C")).plan();
        assertThat(PlanCheck.of(three, plan)).isEmpty();
        assertThat(plan.ends()).containsEntry("A", 330).containsEntry("B", 330);
        assertThat(plan.ends().get("C")).isEqualTo(660);
        ShopProblem unlike = oven(bake("A", 150), bake("B", 180));
        assertThat(ListSchedule.of(unlike, List.of("A", "B")).plan().ends().get("B"))
                .isEqualTo(660);
    }

    @Test
    void aBakeIsNeverCutButWindingGoesOnTomorrow() {
        PlanTask wind = new PlanTask("w", "A", 0, "wind", "wind", PlaceKind.WINDER, 600, 0, true, Optional.empty());
        PlanTask test = new PlanTask("t", "A", 1, "test", "test", PlaceKind.TEST_BAY, 400, 0, false, Optional.empty());
        ShopProblem shop = new ShopProblem(
                List.of(new PlanJob("A", 0, Optional.of(500), 100, false)),
                List.of(wind, test),
                List.of(new Worker(
                        "P",
                        Set.of("wind", "test"),
                        List.of(new Span(0, 480), new Span(1440, 1920), new Span(2880, 3360)))),
                List.of(new Place("W", PlaceKind.WINDER, 1), new Place("T", PlaceKind.TEST_BAY, 1)),
                Map.of());
        ShopPlan plan = ListSchedule.of(shop, List.of()).plan();
        assertThat(PlanCheck.of(shop, plan)).isEmpty();
        assertThat(plan.booked().get(0).work()).containsExactly(new Span(0, 480), new Span(1440, 1560));
        // 360 minutes are left on the second day: the test does not fit into them.
        assertThat(plan.booked().get(1).work()).containsExactly(new Span(2880, 3280));
        assertThat(plan.cost(shop).late()).isEqualTo(1);
        assertThat(plan.cost(shop).lateness()).isEqualTo((3280 - 500) / 60.0 * 110);
    }

    @Test
    void whatNobodyCanDoIsNamedWithWhatFollowsIt() {
        PlanTask turn = new PlanTask("x", "A", 1, "turn", "turn", PlaceKind.LATHE, 60, 0, false, Optional.empty());
        ShopProblem shop = oven(BAKE);
        ShopProblem more = new ShopProblem(shop.jobs(), List.of(BAKE, turn), shop.workers(), shop.places(), Map.of());
        ListSchedule.Made made = ListSchedule.of(more, List.of());
        assertThat(made.unplanned()).containsExactly(turn);
        assertThat(PlanCheck.of(more, made.plan()))
                .extracting(PlanCheck.Broken::rule)
                .containsOnly(PlanRule.EVERY_TASK);
    }

    /** A rush job that was promised nothing is no reason to leave it lying. */
    @Test
    void aRushJobWithoutAPromiseIsLateFromWhenItCame() {
        PlanTask one = new PlanTask("o", "A", 0, "test", "test", PlaceKind.TEST_BAY, 60, 0, false, Optional.empty());
        for (boolean rush : new boolean[] {true, false}) {
            ShopProblem shop = new ShopProblem(
                    List.of(new PlanJob("A", 0, Optional.empty(), 90, rush)),
                    List.of(one),
                    List.of(new Worker("P", Set.of("test"), List.of(new Span(120, 480)))),
                    List.of(new Place("T", PlaceKind.TEST_BAY, 1)),
                    Map.of());
            ShopPlan.Cost cost = ListSchedule.of(shop, List.of()).plan().cost(shop);
            assertThat(cost.late()).isZero();
            assertThat(cost.lateness()).isEqualTo(rush ? 3 * 100.0 : 0);
        }
    }

    /** What people were told counts where it begins soon; who keeps to it pays nothing. */
    @Test
    void changesOfTheNextHoursAreCounted() {
        ShopProblem week = GeneratedWeeks.week(GeneratedWeeks.Size.SMALL, 5, 3);
        ShopPlan plan = ListSchedule.of(week, PlanOrder.firstCome(week)).plan();
        Map<String, Booked> told = new java.util.HashMap<>();
        plan.booked().forEach(b -> told.put(b.task().id(), b));
        ShopProblem again = new ShopProblem(week.jobs(), week.tasks(), week.workers(), week.places(), told);
        assertThat(plan.cost(again).changes()).isZero();
        ShopPlan other = with(plan, 0, b -> new Booked(b.task(), b.worker(), b.place(), moved(b, 30), b.end() + 30));
        assertThat(plan.booked().get(0).start()).isLessThan(PlanRule.TOLD_MINUTES);
        assertThat(other.cost(again).changes()).isEqualTo(1);
        int last = plan.booked().size() - 1;
        assertThat(plan.booked().get(last).start()).isGreaterThan(PlanRule.TOLD_MINUTES);
        ShopPlan later = with(plan, last, b -> new Booked(b.task(), "P9", b.place(), b.work(), b.end()));
        assertThat(later.cost(again).changes()).isZero();
    }

    @Test
    void everyOrderIsToldOnce() {
        ShopProblem week = GeneratedWeeks.week(GeneratedWeeks.Size.SMALL, 2, 11);
        List<List<String>> all = new ArrayList<>();
        PlanOrder.all(week, all::add);
        int a = week.of("M-0").size();
        int b = week.of("M-1").size();
        assertThat(all).hasSize(choose(a + b, a)).doesNotHaveDuplicates();
    }

    private static int choose(int n, int k) {
        long c = 1;
        for (int i = 1; i <= k; i++) {
            c = c * (n - k + i) / i;
        }
        return (int) c;
    }
}
