package app.brasskettle.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.choice.ChosenOption;
import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.choice.Rates;
import app.brasskettle.core.plan.PlanTask;
import app.brasskettle.core.pricing.PriceList;
import app.brasskettle.core.pricing.QuoteTerms;
import app.brasskettle.core.pricing.ShopPrices;
import app.brasskettle.core.pricing.TaskTable;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.worklist.HoursLearnt;
import app.brasskettle.core.worklist.JobProgress;
import app.brasskettle.core.worklist.RemainingWork;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is left on a job, by its record. */
class RemainingWorkOnAJobTest {

    private static final RemainingWork.ByShop SHOP = new RemainingWork.ByShop(
            new ShopPrices(Rates.usual(), QuoteTerms.usual(), 12, TaskTable.shipped(), PriceList.shipped()),
            HoursLearnt.nothing());

    private static RemainingWork left(Job job, Map<String, Double> taken) {
        JobRecord record = job.record();
        JobProgress progress = new JobProgress(record, JobAssessment.of(record, Job.NOW));
        return RemainingWork.of("T", progress, JobAssessment.pricing(record, false), SHOP, taken);
    }

    private static List<String> pieces(RemainingWork work) {
        return work.tasks().stream().map(t -> t.id().substring(2)).toList();
    }

    @Test
    void nobodyIsPlannedForWhatNobodyHasChosen() {
        RemainingWork work = left(new Job(), Map.of());
        assertThat(pieces(work)).containsExactly("test-on-arrival", "dismantle");
        assertThat(work.restMinutes()).isGreaterThan(1000);
        assertThat(work.assumed()).anyMatch(a -> a.contains("chosen"));
    }

    @Test
    void whatIsDoneIsNotPlannedAgain() {
        Job job = new Job();
        job.chosen = Optional.of(new ChosenOption(OptionKind.REWIND, "Rewind", Optional.empty()));
        assertThat(pieces(left(job, Map.of()))).startsWith("dismantle", "burn-out", "strip", "wind-coils");
        job.worked(Work.OPENED, 1000);
        assertThat(pieces(left(job, Map.of()))).startsWith("burn-out", "strip");
        job.worked(Work.STRIPPED, 2000);
        assertThat(pieces(left(job, Map.of()))).startsWith("strip", "wind-coils");
        job.worked(Work.REWOUND, 3000);
        assertThat(pieces(left(job, Map.of()))).startsWith("connect", "varnish", "bake");
        job.chosen = Optional.of(new ChosenOption(OptionKind.RECONDITION, "Recondition", Optional.empty()));
        assertThat(pieces(left(job, Map.of()))).contains("wash", "dry").doesNotContain("burn-out", "wind-coils");
    }

    /** Hours tapped shorten what they were tapped on, and never to nothing while it is not done. */
    @Test
    void hoursTappedShortenTheirTask() {
        Job job = new Job();
        job.chosen = Optional.of(new ChosenOption(OptionKind.REWIND, "Rewind", Optional.empty()));
        int whole = minutes(left(job, Map.of()));
        int half = minutes(left(job, Map.of("dismantle", whole / 120.0)));
        assertThat(half).isBetween(whole / 2 - 1, whole / 2 + 1);
        assertThat(minutes(left(job, Map.of("dismantle", 100.0)))).isBetween(1, whole / 8);
    }

    private static int minutes(RemainingWork work) {
        return work.tasks().stream()
                .filter(t -> t.code().equals("dismantle"))
                .mapToInt(PlanTask::workMinutes)
                .sum();
    }
}
