package app.brasskettle.core.decision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DecisionTest {

    /** Annuity factors of 6 % from tables: 10 years 0.135868, 15 years 0.102963. */
    @ParameterizedTest
    @CsvSource({"0.06, 10, 0.135868", "0.06, 15, 0.102963", "0, 8, 0.125", "1e-9, 8, 0.125"})
    void spreadsAPriceOverItsLife(double rate, double years, double share) {
        assertThat(AnnualCost.annuity(rate, years)).isCloseTo(share, within(1e-6));
    }

    @Test
    void atItsBreakEvenPriceALoserDrawsLevel() {
        Decision decision = new Decision(
                0.06,
                0.15,
                0.75,
                4000,
                30_000,
                40,
                List.of(
                        new Decision.Option("a", 2000, 200, 92, 10),
                        new Decision.Option("b", 5000, 300, 93, 15),
                        new Decision.Option("c", 900_000, 10, 80, 2)));
        DecisionResult result = DecisionWorksheet.create().work().apply(decision);
        assertThat(result.cheapest()).isEqualTo("a");
        double level = result.breakEvenPrices().get("b").orElseThrow();
        DecisionResult again = DecisionWorksheet.create()
                .work()
                .apply(new Decision(
                        0.06,
                        0.15,
                        0.75,
                        4000,
                        30_000,
                        40,
                        List.of(
                                new Decision.Option("a", 2000, 200, 92, 10),
                                new Decision.Option("b", level, 300, 93, 15))));
        assertThat(again.options().get(1).equivalentAnnualCost())
                .isCloseTo(again.options().get(0).equivalentAnnualCost(), within(1e-6));
        assertThat(again.cheapest()).as("first of equals").isEqualTo("a");
        assertThat(result.breakEvenPrices().get("c")).as("not even free").isEmpty();
    }

    @Test
    void energyFollowsLoadHoursAndEfficiency() {
        DecisionResult result = DecisionWorksheet.create()
                .work()
                .apply(new Decision(0, 0.2, 0.5, 1000, 10_000, 0, List.of(new Decision.Option("x", 0, 0, 80, 1))));
        assertThat(result.options().get(0).annualEnergyKwh()).isCloseTo(6250, within(1e-9));
        assertThat(result.options().get(0).annualEnergyCost()).isCloseTo(1250, within(1e-9));
    }

    @Test
    void decisionRefusesNamesTwiceAndImpossibleConditions() {
        assertThat(Refusals.fields(() -> new Decision(
                        1,
                        -1,
                        1.6,
                        8761,
                        0,
                        -1,
                        List.of(new Decision.Option("a", 1, 1, 90, 1), new Decision.Option("a", 1, 1, 90, 1)))))
                .containsExactlyInAnyOrder(
                        "discountRate",
                        "energyPricePerKwh",
                        "loadFraction",
                        "runHoursPerYear",
                        "ratedPowerW",
                        "outageCostPerHour",
                        "options[1].name");
        assertThat(Refusals.fields(() -> new Decision.Option(" ", -1, -1, 100.1, 0)))
                .containsExactlyInAnyOrder("name", "price", "leadTimeHours", "efficiencyPercent", "expectedLifeYears");
    }
}
