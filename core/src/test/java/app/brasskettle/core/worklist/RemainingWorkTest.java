package app.brasskettle.core.worklist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.choice.Rates;
import app.brasskettle.core.plan.PlanTask;
import app.brasskettle.core.pricing.OfferBuilder;
import app.brasskettle.core.pricing.PriceList;
import app.brasskettle.core.pricing.PricingFacts;
import app.brasskettle.core.pricing.QuoteTerms;
import app.brasskettle.core.pricing.ShopPrices;
import app.brasskettle.core.pricing.TaskTable;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class RemainingWorkTest {

    private static final ShopPrices PRICES =
            new ShopPrices(Rates.usual(), QuoteTerms.usual(), 12, TaskTable.shipped(), PriceList.shipped());

    private static RemainingWork.ByShop shop(HoursLearnt learnt) {
        return new RemainingWork.ByShop(PRICES, learnt);
    }

    /** Nothing of the shipped table is lost or counted twice when its tasks fall into pieces. */
    @Test
    void piecesOfATaskComeToTheWholeOfIt() {
        for (TaskTable.Task task : TaskTable.shipped().tasks()) {
            List<WorkPiece> pieces = WorkPiece.of(task.code());
            assertThat(pieces).as(task.code()).isNotEmpty();
            assertThat(pieces.stream().mapToDouble(WorkPiece::share).sum())
                    .as(task.code())
                    .isCloseTo(1, within(1e-9));
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = OptionKind.class,
            names = {"RECONDITION", "REWIND"})
    void theWorkOfAMotorThatIsExpectedIsThatOfTheTaskTable(OptionKind way) {
        for (double watt : List.of(1500.0, 15_000.0, 110_000.0)) {
            PricingFacts facts = PricingFacts.rating(watt, 4);
            RemainingWork work = RemainingWork.expected("X", facts, way, shop(HoursLearnt.nothing()));
            double table = OfferBuilder.tasks(facts, PRICES, Optional.of(way)).stream()
                    .mapToDouble(TaskTable.Planned::hours)
                    .sum();
            double planned =
                    work.tasks().stream().mapToInt(PlanTask::workMinutes).sum() / 60.0;
            assertThat(planned).isCloseTo(table, within(0.2));
            assertThat(work.tasks().get(0).id()).isEqualTo("X/test-on-arrival");
            assertThat(work.tasks().get(work.tasks().size() - 1).id()).isEqualTo("X/prove");
            assertThat(work.tasks()).extracting(PlanTask::order).isSorted().doesNotHaveDuplicates();
        }
    }

    /** An oven is not set down, whoever is in a hurry. */
    @Test
    void whatRunsAloneCannotBeSetDown() {
        for (WorkPiece p : WorkPiece.values()) {
            if (p.runMinutes(132) > 0) {
                assertThat(p.setDown()).as(p.code()).isFalse();
                assertThat(p.temperatureC()).as(p.code()).isPresent();
            }
        }
    }

    /** Hours of a task by three motors: the median of 0.8, 1.5 and 2.0 in one of the table. */
    @Test
    void whatTasksTookHereIsPlannedWith() {
        HoursLearnt learnt = HoursLearnt.of(List.of(
                new HoursLearnt.Took("connect", 2, 1.6),
                new HoursLearnt.Took("connect", 2, 4),
                new HoursLearnt.Took("connect", 4, 6),
                new HoursLearnt.Took("wind", 5, 50),
                new HoursLearnt.Took("wind", 5, 50)));
        assertThat(learnt.byTask()).isEqualTo(Map.of("connect", new HoursLearnt.Learnt(1.5, 3)));
        PricingFacts facts = PricingFacts.rating(15_000, 4);
        int by = minutes(RemainingWork.expected("X", facts, OptionKind.REWIND, shop(learnt)), "connect");
        int table =
                minutes(RemainingWork.expected("X", facts, OptionKind.REWIND, shop(HoursLearnt.nothing())), "connect");
        assertThat(by).isCloseTo((int) Math.round(1.5 * table), within(1));
    }

    /** A clock that ran for days and a slip of the thumb do not make a plan absurd. */
    @Test
    void whatIsLearntStaysWithinReason() {
        HoursLearnt.Took slip = new HoursLearnt.Took("dip", 2, 0.01);
        HoursLearnt.Took days = new HoursLearnt.Took("strip", 2, 90);
        HoursLearnt learnt = HoursLearnt.of(List.of(slip, slip, slip, days, days, days));
        assertThat(learnt.byTask().get("dip").factor()).isEqualTo(0.5);
        assertThat(learnt.byTask().get("strip").factor()).isEqualTo(2.5);
    }

    private static int minutes(RemainingWork work, String code) {
        return work.tasks().stream()
                .filter(t -> t.code().equals(code))
                .mapToInt(PlanTask::workMinutes)
                .sum();
    }
}
