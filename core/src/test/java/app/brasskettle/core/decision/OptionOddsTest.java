package app.brasskettle.core.decision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.core.worksheet.Triangular;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class OptionOddsTest {

    private static final Triangular FREE = Triangular.exactly(0);

    private static OddsQuestion.Option priced(String name, Triangular price) {
        return new OddsQuestion.Option(name, price, FREE, Triangular.exactly(100), Triangular.exactly(1));
    }

    /** With no interest, no energy, no outage and one year of life an option costs its price. */
    private static OddsQuestion prices(int draws, long seed, OddsQuestion.Option... options) {
        return new OddsQuestion(
                0, FREE, Triangular.exactly(1), Triangular.exactly(1), 1, FREE, List.of(options), draws, seed);
    }

    /**
     * A symmetric triangular price from 0 to 2 against one of 0.5: it is under 0.5 with probability 0.5²/2 = 1/8. Its median is 1,
     * its tenth √0.2.
     */
    @Test
    void winsAsOftenAsItsDistributionSays() {
        OptionOdds odds = OptionOddsWorksheet.work(
                prices(200_000, 7, priced("drawn", new Triangular(0, 1, 2)), priced("fixed", Triangular.exactly(0.5))));
        assertThat(odds.of("drawn").winsPercent()).isCloseTo(12.5, within(0.3));
        assertThat(odds.of("fixed").winsPercent()).isCloseTo(87.5, within(0.3));
        assertThat(odds.of("drawn").p50()).isCloseTo(1, within(0.01));
        assertThat(odds.of("drawn").p10()).isCloseTo(Math.sqrt(0.2), within(0.01));
        assertThat(odds.of("drawn").p90()).isCloseTo(2 - Math.sqrt(0.2), within(0.01));
    }

    @Test
    void aSeedGivesItsAnswerAgainAndAnotherSeedAnother() {
        OddsQuestion once =
                prices(1_000, 3, priced("a", new Triangular(1, 2, 3)), priced("b", new Triangular(1, 2, 3)));
        OddsQuestion other =
                prices(1_000, 4, priced("a", new Triangular(1, 2, 3)), priced("b", new Triangular(1, 2, 3)));
        assertThat(OptionOddsWorksheet.work(once)).isEqualTo(OptionOddsWorksheet.work(once));
        assertThat(OptionOddsWorksheet.work(other)).isNotEqualTo(OptionOddsWorksheet.work(once));
    }

    /** Drawn apart for each option, one of two alike would win now and then; drawn once, the dearer never does. */
    @Test
    void whatOptionsShareIsDrawnOnceForAll() {
        OddsQuestion q = new OddsQuestion(
                0.05,
                new Triangular(0.05, 0.2, 0.9),
                new Triangular(0.2, 0.7, 1.1),
                new Triangular(500, 4000, 8000),
                50_000,
                new Triangular(0, 50, 900),
                List.of(
                        new OddsQuestion.Option(
                                "a",
                                Triangular.exactly(1000),
                                Triangular.exactly(90),
                                Triangular.exactly(91),
                                Triangular.exactly(9)),
                        new OddsQuestion.Option(
                                "b",
                                Triangular.exactly(1001),
                                Triangular.exactly(90),
                                Triangular.exactly(91),
                                Triangular.exactly(9))),
                5_000,
                11);
        assertThat(OptionOddsWorksheet.work(q).of("a").winsPercent()).isEqualTo(100);
    }

    @Test
    void whereNothingIsUncertainItIsTheDecision() {
        Random random = new Random(5);
        for (int round = 0; round < 200; round++) {
            OddsQuestion q = prices(
                    1_000,
                    round,
                    priced("a", Triangular.exactly(random.nextInt(20))),
                    priced("b", Triangular.exactly(random.nextInt(20))),
                    priced("c", Triangular.exactly(random.nextInt(20))));
            OptionOdds odds = OptionOddsWorksheet.work(q);
            DecisionResult decision = DecisionWorksheet.create().work().apply(q.likely());
            assertThat(odds.of(decision.cheapest()).winsPercent()).isEqualTo(100);
            assertThat(odds.of("b").p50()).isEqualTo(decision.options().get(1).equivalentAnnualCost());
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void theOddsOfAllOptionsAreAHundred(long seed) {
        OptionOdds odds = OptionOddsWorksheet.work(prices(
                3_000,
                seed,
                priced("a", new Triangular(1, 5, 9)),
                priced("b", new Triangular(2, 4, 10)),
                priced("c", new Triangular(0, 6, 7))));
        assertThat(odds.options().stream()
                        .mapToDouble(OptionOdds.Odds::winsPercent)
                        .sum())
                .isCloseTo(100, within(1e-9));
        assertThat(odds.options()).allMatch(o -> o.p10() <= o.p50() && o.p50() <= o.p90());
    }

    /** Probability and its inverse agree, and 0 and 1 are the ends. */
    @Test
    void aTriangleIsItsOwnInverse() {
        for (Triangular t : List.of(new Triangular(2, 3, 9), new Triangular(2, 2, 9), new Triangular(2, 9, 9))) {
            for (double p = 0; p <= 1; p += 0.05) {
                assertThat(t.probabilityUpTo(t.at(p))).isCloseTo(p, within(1e-9));
            }
            assertThat(t.at(0)).isEqualTo(2);
            assertThat(t.at(1)).isEqualTo(9);
            assertThat(t.probabilityUpTo(1.9)).isZero();
            assertThat(t.probabilityUpTo(10)).isEqualTo(1);
        }
    }

    private static Map<String, Object> input(Object hours, Object price) {
        return Map.of(
                "discountRate",
                0.07,
                "energyPricePerKwh",
                0.19,
                "loadFraction",
                0.75,
                "runHoursPerYear",
                hours,
                "ratedPowerW",
                37000,
                "outageCostPerHour",
                4,
                "draws",
                1000,
                "seed",
                4_294_967_296L,
                "options",
                List.of(Map.of(
                        "name",
                        "rewind",
                        "price",
                        price,
                        "leadTimeHours",
                        70,
                        "efficiencyPercent",
                        93.0,
                        "expectedLifeYears",
                        10)));
    }

    @Test
    void aFigureIsOneNumberOrThreeAndEachIsBlamedAtItsPlace() {
        assertThat(RecordReader.read(OddsQuestion.class, input(4000, 100)).runHoursPerYear())
                .isEqualTo(Triangular.exactly(4000));
        assertThat(Refusals.fields(() -> RecordReader.read(
                        OddsQuestion.class, input(Map.of("low", 5000, "likely", 4000, "high", 3000), 1))))
                .containsExactly("runHoursPerYear.low");
        assertThat(Refusals.fields(() -> RecordReader.read(
                        OddsQuestion.class, input(Map.of("low", 1000, "likely", 9000, "high", 8000), 1))))
                .containsExactly("runHoursPerYear.likely");
        assertThat(Refusals.fields(() -> RecordReader.read(
                        OddsQuestion.class, input(Map.of("low", 1000, "likely", 8000, "high", 9000), -1))))
                .containsExactlyInAnyOrder("runHoursPerYear.high", "options[0].price");
        assertThat(Refusals.fields(
                        () -> RecordReader.read(OddsQuestion.class, input(9000, Map.of("low", 1, "high", 3)))))
                .containsExactlyInAnyOrder("runHoursPerYear", "options[0].price.likely");
        assertThat(Refusals.fields(() -> RecordReader.read(OddsQuestion.class, input("4000", 1))))
                .containsExactly("runHoursPerYear");
    }
}
