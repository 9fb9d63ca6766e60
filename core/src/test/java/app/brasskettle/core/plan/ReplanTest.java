package app.brasskettle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.casebook.GeneratedWeeks;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A plan made anew while the old one is under way. */
class ReplanTest {

    private static final int DAY = 1440;

    /** The shop so many minutes into its plan, everything done as it was told. */
    private static ShopProblem into(ShopProblem week, ShopPlan plan, int minutes) {
        Map<String, Booked> told = new HashMap<>();
        List<PlanTask> left = new ArrayList<>();
        Set<String> underWay = new HashSet<>();
        for (Booked b : plan.seenLater(minutes).booked()) {
            told.put(b.task().id(), b);
            if (b.end() <= 0) {
                continue;
            }
            int toWork = b.work().stream()
                    .mapToInt(w -> Math.max(0, w.to() - Math.max(0, w.from())))
                    .sum();
            left.add(b.task().lasting(toWork, b.runs() < 0 ? b.end() : b.task().runMinutes()));
            if (b.start() < 0) {
                underWay.add(b.task().id());
            }
        }
        List<PlanJob> jobs = week.jobs().stream()
                .map(j -> new PlanJob(
                        j.tag(),
                        Math.max(0, j.ready() - minutes),
                        j.promised().map(p -> p - minutes),
                        j.costPerHour(),
                        j.rush()))
                .toList();
        List<Worker> workers = week.workers().stream()
                .map(w -> new Worker(
                        w.name(),
                        w.skills(),
                        w.hours().stream()
                                .filter(h -> h.to() > minutes)
                                .map(h -> new Span(Math.max(0, h.from() - minutes), h.to() - minutes))
                                .toList()))
                .toList();
        return new ShopProblem(jobs, left, workers, week.places(), told, underWay);
    }

    private static ShopPlan first(ShopProblem week) {
        return ListSchedule.of(week, PlanOrder.firstCome(week)).plan();
    }

    /** Whatever the order, at whatever moment: what runs stays where it is, and the plan proves itself. */
    @Test
    void whatIsUnderWayStaysWhateverTheOrder() {
        int underWay = 0;
        for (long seed = 0; seed < 60; seed++) {
            ShopProblem week = GeneratedWeeks.week(GeneratedWeeks.Size.MIDDLE, 8, seed);
            Random random = new Random(seed);
            ShopProblem now = into(week, first(week), 30 + random.nextInt(2 * DAY));
            underWay += now.underWay().size();
            List<String> order = new ArrayList<>(PlanOrder.firstCome(now));
            Collections.shuffle(order, random);
            ListSchedule.Made made = ListSchedule.of(now, order);
            assertThat(PlanCheck.of(now, made.plan())).as("seed %d", seed).isEmpty();
        }
        assertThat(underWay).as("tasks under way in all of them").isGreaterThan(60);
    }

    private static PlanTask bake(String job) {
        return new PlanTask(
                job + "/bake", job, 0, "varnish", "bake", PlaceKind.BAKE_OVEN, 30, 300, false, Optional.of(150.0));
    }

    /** Somebody in a hurry takes a motor out of the oven for a rush job: the proof finds it. */
    @Test
    void theProofFindsAnOvenThatWasEmptiedForAnother() {
        Worker p = new Worker("P", Set.of("varnish"), List.of(new Span(0, 480)));
        Place oven = new Place("Oven", PlaceKind.BAKE_OVEN, 1);
        Booked told = new Booked(bake("A"), "P", "Oven", List.of(new Span(-60, -30)), 270);
        PlanTask rest = bake("A").lasting(0, 270);
        ShopProblem now = new ShopProblem(
                List.of(
                        new PlanJob("A", 0, Optional.empty(), 0, false),
                        new PlanJob("R", 0, Optional.of(60), 500, true)),
                List.of(rest, bake("R")),
                List.of(p),
                List.of(oven),
                Map.of("A/bake", told),
                Set.of("A/bake"));
        ShopPlan plan = ListSchedule.of(now, List.of("R", "A")).plan();
        assertThat(plan.ends()).containsEntry("A", 270).containsEntry("R", 600);
        ShopPlan emptied = new ShopPlan(List.of(
                new Booked(bake("R"), "P", "Oven", List.of(new Span(0, 30)), 330),
                new Booked(rest, "", "Oven", List.of(), 600)));
        assertThat(PlanCheck.of(now, emptied))
                .extracting(PlanCheck.Broken::rule)
                .containsExactly(PlanRule.UNDER_WAY);
    }

    /** What somebody has begun and cannot set down is not handed to another, nor carried to another place. */
    @Test
    void theProofFindsWorkThatWasHandedToAnother() {
        Span day = new Span(0, 480);
        PlanTask task =
                new PlanTask("A/wind", "A", 0, "winding", "wind", PlaceKind.WINDER, 120, 0, false, Optional.empty());
        ShopProblem now = new ShopProblem(
                List.of(new PlanJob("A", 0, Optional.empty(), 0, false)),
                List.of(task.lasting(60, 0)),
                List.of(
                        new Worker("P", Set.of("winding"), List.of(day)),
                        new Worker("Q", Set.of("winding"), List.of(day))),
                List.of(new Place("W1", PlaceKind.WINDER, 1), new Place("W2", PlaceKind.WINDER, 1)),
                Map.of("A/wind", new Booked(task, "P", "W1", List.of(new Span(-60, 60)), 60)),
                Set.of("A/wind"));
        assertThat(broken(now, "P", "W1")).isEmpty();
        assertThat(broken(now, "Q", "W1")).containsExactly(PlanRule.UNDER_WAY);
        assertThat(broken(now, "P", "W2")).containsExactly(PlanRule.UNDER_WAY);
    }

    private static List<PlanRule> broken(ShopProblem now, String who, String where) {
        PlanTask task = now.tasks().get(0);
        ShopPlan plan = new ShopPlan(List.of(new Booked(task, who, where, List.of(new Span(0, 60)), 60)));
        return PlanCheck.of(now, plan).stream().map(PlanCheck.Broken::rule).toList();
    }

    /** The order people were told, made anew with nothing changed, hardly changes the next hours. */
    @Test
    void theToldOrderKeepsTheNextHours() {
        int soon = 0;
        int changes = 0;
        for (long seed = 0; seed < 30; seed++) {
            ShopProblem week = GeneratedWeeks.week(GeneratedWeeks.Size.LARGE, 20, seed);
            Map<String, Booked> told = new HashMap<>();
            first(week).booked().forEach(b -> told.put(b.task().id(), b));
            soon += (int) told.values().stream()
                    .filter(b -> b.start() < PlanRule.TOLD_MINUTES)
                    .count();
            ShopProblem again = new ShopProblem(week.jobs(), week.tasks(), week.workers(), week.places(), told);
            changes += ListSchedule.of(again, PlanOrder.told(again))
                    .plan()
                    .cost(again)
                    .changes();
        }
        assertThat(soon).isGreaterThan(300);
        assertThat(changes).as("of %d tasks told", soon).isLessThan(soon / 10);
    }

    @Test
    void aRushJobNobodyWasToldOfGoesFirstInTheToldOrderAndOthersLast() {
        ShopProblem week = GeneratedWeeks.week(GeneratedWeeks.Size.SMALL, 3, 1);
        Map<String, Booked> told = new HashMap<>();
        first(week).booked().forEach(b -> told.put(b.task().id(), b));
        List<PlanJob> jobs = new ArrayList<>(week.jobs());
        jobs.add(new PlanJob("R", 0, Optional.empty(), 0, true));
        jobs.add(new PlanJob("U", 0, Optional.empty(), 0, false));
        List<PlanTask> tasks = new ArrayList<>(week.tasks());
        tasks.add(bake("R"));
        tasks.add(bake("U"));
        List<String> order = PlanOrder.told(new ShopProblem(jobs, tasks, week.workers(), week.places(), told));
        assertThat(order.get(0)).isEqualTo("R");
        assertThat(order.get(order.size() - 1)).isEqualTo("U");
        assertThat(order).hasSize(tasks.size());
    }

    /** A task moved earlier begins no later, whatever the week. */
    @Test
    void aTaskMovedEarlierInItsLaneBeginsNoLater() {
        int earlier = 0;
        for (long seed = 0; seed < 40; seed++) {
            ShopProblem week = GeneratedWeeks.week(GeneratedWeeks.Size.SMALL, 6, seed);
            ShopPlan plan = first(week);
            Booked b = plan.booked().get(plan.booked().size() / 2);
            List<String> order = plan.moved(b.task().id(), true);
            assertThat(order).hasSameSizeAs(plan.order()).containsExactlyInAnyOrderElementsOf(plan.order());
            ShopPlan after = ListSchedule.of(week, order).plan();
            int start = after.booked().stream()
                    .filter(x -> x.task().id().equals(b.task().id()))
                    .findFirst()
                    .orElseThrow()
                    .start();
            earlier += start < b.start() ? 1 : 0;
        }
        assertThat(earlier).as("weeks of 40 in which it really begins earlier").isGreaterThan(15);
    }

    @Test
    void driftNamesWhatLeftThePlan() {
        Worker p = new Worker("P", Set.of("varnish"), List.of(new Span(0, 30)));
        PlanJob a = new PlanJob("A", 0, Optional.empty(), 0, false);
        PlanJob n = new PlanJob("N", 0, Optional.empty(), 0, false);
        Map<String, Booked> told = Map.of(
                "A/bake", new Booked(bake("A"), "P", "Oven", List.of(new Span(-400, -370)), -70),
                "G/bake", new Booked(bake("G"), "P", "Oven", List.of(new Span(60, 90)), 390));
        ShopProblem now = new ShopProblem(
                List.of(a, n),
                List.of(bake("A"), bake("N")),
                List.of(p),
                List.of(new Place("Oven", PlaceKind.BAKE_OVEN, 1)),
                told);
        assertThat(PlanDrift.of(now))
                .extracting(d -> d.kind() + " " + d.job())
                .containsExactlyInAnyOrder("NOT_DONE A", "NOT_IN_PLAN N", "NOT_READY G");
        Map<String, Booked> late = Map.of(
                "A/bake", new Booked(bake("A"), "P", "Oven", List.of(new Span(-40, -10)), 290),
                "N/bake", new Booked(bake("N"), "P", "Oven", List.of(new Span(300, 330)), 630));
        ShopProblem away = new ShopProblem(now.jobs(), now.tasks(), now.workers(), now.places(), late);
        assertThat(PlanDrift.of(away))
                .extracting(d -> d.kind() + " " + d.what())
                .containsExactlyInAnyOrder("NOT_BEGUN bake", "AWAY P");
    }
}
