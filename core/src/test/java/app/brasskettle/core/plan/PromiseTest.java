package app.brasskettle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.casebook.GeneratedWeeks;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PromiseTest {

    private static final int DRAWS = 400;

    private static ShopProblem one(int minutes) {
        return new ShopProblem(
                List.of(new PlanJob("A", 0, Optional.empty(), 0, false)),
                List.of(new PlanTask(
                        "t", "A", 0, "test", "test", PlaceKind.TEST_BAY, minutes, 0, false, Optional.empty())),
                List.of(new Worker("P", Set.of("test"), List.of(new Span(0, 10_000)))),
                List.of(new Place("T", PlaceKind.TEST_BAY, 1)),
                Map.of());
    }

    /** Of the triangle 0.8, 1, 1.6: half lie under 1.11, nine of ten under 1.38 (inverse of its distribution by hand). */
    @Test
    void oneTaskIsDrawnFromItsTriangle() {
        Promise promise = Promise.of(one(1000), List.of("A"), "A", 4000, 7);
        assertThat(promise.likelyMinute()).isBetween(1100, 1123);
        assertThat(promise.safeMinute()).isBetween(1365, 1395);
    }

    @Test
    void safeIsNeverBeforeLikelyAndMoreWorkIsNeverEarlier() {
        for (long seed = 0; seed < 8; seed++) {
            ShopProblem week = GeneratedWeeks.week(GeneratedWeeks.Size.SMALL, 4, seed);
            List<String> order = PlanOrder.earliestDue(week);
            for (PlanJob job : week.jobs()) {
                Promise promise = Promise.of(week, order, job.tag(), DRAWS / 8, seed);
                assertThat(promise.safeMinute()).isGreaterThanOrEqualTo(promise.likelyMinute());
            }
        }
        assertThat(Promise.of(one(500), List.of("A"), "A", DRAWS, 1).safeMinute())
                .isLessThan(Promise.of(one(1000), List.of("A"), "A", DRAWS, 1).likelyMinute());
    }

    /** A rush job put first delays others; each delay is counted once, with what it costs after its promise. */
    @Test
    void aRushJobShowsWhomItDelaysAndWhatThatCosts() {
        int delayed = 0;
        for (long seed = 0; seed < 20; seed++) {
            ShopProblem week = GeneratedWeeks.week(GeneratedWeeks.Size.SMALL, 6, seed);
            ShopPlan before = ListSchedule.of(week, PlanOrder.earliestDue(week)).plan();
            List<PlanJob> jobs = new ArrayList<>(week.jobs());
            jobs.add(new PlanJob("RUSH", 0, Optional.of(1440), 500, true));
            List<PlanTask> tasks = new ArrayList<>(week.tasks());
            tasks.add(new PlanTask(
                    "RUSH/wind", "RUSH", 0, "wind", "wind", PlaceKind.WINDER, 600, 0, true, Optional.empty()));
            ShopProblem with = new ShopProblem(jobs, tasks, week.workers(), week.places(), Map.of());
            ShopPlan after = ListSchedule.of(with, PlanOrder.earliestDue(with)).plan();
            WhatIf what = WhatIf.of(before, with, after);
            delayed += what.delayed().size();
            double lateness = after.cost(with).lateness() - before.cost(week).lateness();
            double rushLate = Math.max(0, after.ends().get("RUSH") - 1440) / 60.0 * 510;
            double earlier = 0;
            for (PlanJob j : week.jobs()) {
                int due = j.promised().orElseThrow();
                int gain = Math.max(before.ends().get(j.tag()), due)
                        - Math.max(after.ends().get(j.tag()), due);
                earlier += Math.max(0, gain) / 60.0 * (j.costPerHour() + PlanRule.WORD_PER_HOUR);
            }
            assertThat(what.money())
                    .as("seed %d", seed)
                    .isCloseTo(lateness - rushLate + earlier, org.assertj.core.api.Assertions.within(1e-6));
            assertThat(what.delayed()).noneMatch(d -> d.tag().equals("RUSH"));
        }
        assertThat(delayed).isPositive();
    }
}
