package app.brasskettle.core.choice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Verdict;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChoiceTest {

    private static final MotorCondition UNKNOWN = condition(false, null, null, null);

    private static MotorCondition condition(
            boolean hazardous, Verdict insulation, Verdict resistance, Verdict surge, String... facts) {
        List<MotorCondition.Test> tests = new ArrayList<>();
        test(MotorCondition.Aspect.INSULATION, insulation, tests);
        test(MotorCondition.Aspect.RESISTANCE, resistance, tests);
        test(MotorCondition.Aspect.TURNS, surge, tests);
        return new MotorCondition(
                hazardous, tests, facts.length == 0 ? Optional.empty() : Optional.of(Set.of(facts)), false);
    }

    private static void test(MotorCondition.Aspect aspect, Verdict verdict, List<MotorCondition.Test> tests) {
        if (verdict != null) {
            tests.add(new MotorCondition.Test(aspect, aspect.name(), verdict, "a figure"));
        }
    }

    @Test
    void coilsNobodyLookedAtAreNotCalledUnburnt() {
        assertThat(standing(condition(false, Verdict.STOP, Verdict.HOLDS, null), OptionKind.RECONDITION)
                        .reason())
                .contains("nobody has looked")
                .doesNotContain("no coil is burnt");
    }

    @Test
    void aCoreThatStopsRulesOutWhateverIsDoneToTheCopper() {
        MotorCondition core = new MotorCondition(
                false,
                List.of(new MotorCondition.Test(
                        MotorCondition.Aspect.CORE, "Core loop", Verdict.STOP, "20 W/kg, limit 13.2")),
                Optional.empty(),
                false);
        for (OptionKind kind : List.of(OptionKind.RECONDITION, OptionKind.REWIND)) {
            assertThat(standing(core, kind).open()).isFalse();
            assertThat(standing(core, kind).reason()).contains("20 W/kg, limit 13.2");
        }
        assertThat(standing(core, OptionKind.REPLACE).open()).isTrue();
    }

    @Test
    void anAirGapThatStopsRulesOutUntilItIsMachinedAndMeasuredAgain() {
        MotorCondition gap = new MotorCondition(
                false,
                List.of(new MotorCondition.Test(
                        MotorCondition.Aspect.AIR_GAP, "Air gap", Verdict.STOP, "22 % off the mean, limit 10 %")),
                Optional.empty(),
                false);
        for (OptionKind kind : List.of(OptionKind.RECONDITION, OptionKind.REWIND)) {
            assertThat(standing(gap, kind).open()).isFalse();
            assertThat(standing(gap, kind).reason()).contains("22 % off the mean", "measure again");
        }
    }

    @Test
    void aMeltedCageLeavesReplacementWhateverTheWindingSays() {
        MotorCondition melted = new MotorCondition(
                false,
                condition(false, Verdict.HOLDS, Verdict.HOLDS, Verdict.STOP).tests(),
                Optional.empty(),
                true);
        for (OptionKind kind : List.of(OptionKind.RECONDITION, OptionKind.REWIND)) {
            assertThat(standing(melted, kind).open()).isFalse();
            assertThat(standing(melted, kind).reason()).contains("aluminium", "another rotor");
        }
        assertThat(standing(melted, OptionKind.REPLACE).open()).isTrue();
    }

    @Test
    void nothingIsAdvisedFromNothingAndAGapIsSaid() {
        ChoiceSheet two =
                sheet(offer(OptionKind.REWIND, 2000, 0, 92, 10), offer(OptionKind.REPLACE, 90_000, 0, 92, 15));
        assertThat(ChoiceAssessment.of(two, 30_000, 0, UNKNOWN).advice()).satisfies(a -> {
            assertThat(a.verdict()).isEqualTo(Verdict.UNPROVEN);
            assertThat(a.headline()).contains("nothing is known");
            assertThat(a.because()).startsWith("Rewind costs least");
        });
        assertThat(ChoiceAssessment.of(two, 30_000, 0, condition(false, null, null, Verdict.STOP))
                        .advice())
                .satisfies(a -> {
                    assertThat(a.verdict()).isEqualTo(Verdict.WATCH);
                    assertThat(a.because()).contains("Not known yet: insulation, resistance");
                });
        assertThat(ChoiceAssessment.of(
                                two,
                                30_000,
                                0,
                                condition(false, Verdict.HOLDS, Verdict.HOLDS, Verdict.STOP, "map-all-bright"))
                        .advice()
                        .verdict())
                .isEqualTo(Verdict.HOLDS);
    }

    @Test
    void whatIsUnprovenIsNotKnown() {
        assertThat(standing(condition(false, Verdict.UNPROVEN, Verdict.HOLDS, Verdict.HOLDS), OptionKind.REWIND))
                .satisfies(s -> {
                    assertThat(s.open()).isTrue();
                    assertThat(s.reason()).contains("Not known yet: insulation");
                });
    }

    private static MotorCondition.Standing standing(MotorCondition condition, OptionKind kind) {
        return condition.standings().stream()
                .filter(s -> s.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    private static Offer offer(OptionKind kind, double price, double lead, double efficiency, double life) {
        return new Offer(kind, List.of(new Offer.Line("all of it", 1, "piece", price)), lead, efficiency, life);
    }

    private static ChoiceSheet sheet(Offer... offers) {
        return new ChoiceSheet(6, 0.15, 75, 4000, List.of(offers));
    }

    /** Annuity factors of 6 % from tables: 10 years 0.135868, 15 years 0.102963. */
    @ParameterizedTest
    @CsvSource({"0.06, 10, 0.135868", "0.06, 15, 0.102963", "0, 8, 0.125", "1e-9, 8, 0.125"})
    void spreadsAPriceOverItsLife(double rate, double years, double share) {
        assertThat(DecisionWorksheet.annuity(rate, years)).isCloseTo(share, within(1e-6));
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

    /** Money is decimal: three lines of a third each do not lose a cent, and half a cent goes up. */
    @Test
    void linesAreRoundedHalfUpAndThenSummed() {
        assertThat(new Offer.Line("copper", 0.335, "kg", 1).amount()).isEqualTo(new BigDecimal("0.34"));
        assertThat(new Offer.Line("labour", 0.1, "h", 0.7).amount()).isEqualTo(new BigDecimal("0.07"));
        Offer offer = new Offer(
                OptionKind.REWIND,
                List.of(
                        new Offer.Line("a", 1.1, "h", 62),
                        new Offer.Line("b", 2.2, "kg", 14.5),
                        new Offer.Line("c", 3, "set", 0.005)),
                24,
                90,
                10);
        assertThat(offer.price()).isEqualTo(new BigDecimal("100.12"));
        assertThat(new Offer(OptionKind.REPLACE, List.of(), 0, 90, 1).price()).isEqualTo(new BigDecimal("0.00"));
    }

    @Test
    void whatConditionRulesOutStaysInTheListWithItsReason() {
        MotorCondition shorted = condition(false, Verdict.HOLDS, Verdict.HOLDS, Verdict.STOP);
        assertThat(standing(shorted, OptionKind.RECONDITION).open()).isFalse();
        assertThat(standing(shorted, OptionKind.RECONDITION).reason()).contains("shorted turns");
        assertThat(standing(shorted, OptionKind.REWIND).open()).isTrue();

        MotorCondition burnt = condition(false, Verdict.STOP, Verdict.HOLDS, null, "map-all-dark");
        assertThat(standing(burnt, OptionKind.RECONDITION).open()).isFalse();

        MotorCondition wet = condition(false, Verdict.STOP, Verdict.HOLDS, null, "map-all-bright");
        assertThat(standing(wet, OptionKind.RECONDITION).open()).isTrue();
        assertThat(standing(wet, OptionKind.RECONDITION).reason()).contains("dry");

        MotorCondition sound = condition(false, Verdict.HOLDS, Verdict.HOLDS, Verdict.HOLDS, "map-all-bright");
        assertThat(standing(sound, OptionKind.REWIND).open()).isFalse();
        assertThat(standing(sound, OptionKind.RECONDITION).open()).isTrue();

        assertThat(standing(UNKNOWN, OptionKind.REWIND).reason()).contains("insulation, resistance, surge");
    }

    @Test
    void anExplosionProtectedMotorGetsNoWorkHere() {
        MotorCondition ex = condition(true, Verdict.HOLDS, Verdict.HOLDS, Verdict.HOLDS);
        assertThat(standing(ex, OptionKind.RECONDITION).open()).isFalse();
        assertThat(standing(ex, OptionKind.REWIND).open()).isFalse();
        assertThat(standing(ex, OptionKind.REPLACE).open()).isTrue();
        assertThat(standing(ex, OptionKind.REWIND).reason()).contains("certified repairer");
    }

    @Test
    void adviceGoesByGatesBeforeMoney() {
        Offer cheapButRuledOut = offer(OptionKind.RECONDITION, 100, 0, 92, 6);
        Offer rewind = offer(OptionKind.REWIND, 2000, 0, 92, 10);
        Offer replace = offer(OptionKind.REPLACE, 9000, 0, 92, 15);
        MotorCondition shorted = condition(false, Verdict.HOLDS, Verdict.HOLDS, Verdict.STOP);
        ChoiceAssessment reading = ChoiceAssessment.of(sheet(cheapButRuledOut, rewind, replace), 30_000, 0, shorted);
        assertThat(reading.options()).hasSize(3);
        assertThat(reading.advice().headline()).startsWith("Rewind");
        ChoiceAssessment none = ChoiceAssessment.of(sheet(cheapButRuledOut), 30_000, 0, shorted);
        assertThat(none.advice().verdict()).isEqualTo(Verdict.STOP);
    }

    @Test
    void sayWhenADearerOptionHasPaidForItself() {
        Offer rewind = offer(OptionKind.REWIND, 1000, 0, 85, 20);
        Offer replace = offer(OptionKind.REPLACE, 3000, 0, 95, 20);
        ChoiceAssessment reading = ChoiceAssessment.of(sheet(rewind, replace), 30_000, 0, UNKNOWN);
        // 30 kW · 0.75 · 4000 h · (1/0.85 − 1/0.95) · 0.15 = 1671.8 a year: level in the second year.
        assertThat(reading.crossings()).singleElement().asString().contains("by year 2");
        List<Double> costly = reading.options().get(0).costByYear();
        assertThat(costly.get(1) - costly.get(0)).isCloseTo(1671.8, within(0.1));
        assertThat(reading.options().get(1).costByYear().get(10))
                .as("the most frugal one has no energy of its own on the curve")
                .isEqualTo(3000);
    }

    @Test
    void aLifeThatIsOverCostsItsPriceAndOutageAgain() {
        ChoiceAssessment reading =
                ChoiceAssessment.of(sheet(offer(OptionKind.REWIND, 1000, 10, 90, 5)), 30_000, 20, UNKNOWN);
        List<Double> spent = reading.options().get(0).costByYear();
        assertThat(spent.get(0)).isEqualTo(1200);
        assertThat(spent.get(5)).isEqualTo(1200);
        assertThat(spent.get(6)).isEqualTo(2400);
        assertThat(spent.get(15)).isEqualTo(3600);
    }

    @Test
    void sheetRefusesTheSameOptionTwiceAndEmptySheets() {
        Offer rewind = offer(OptionKind.REWIND, 1, 1, 90, 1);
        assertThat(Refusals.fields(() -> sheet(rewind, rewind))).containsExactly("offers[1].kind");
        assertThat(Refusals.fields(ChoiceTest::sheet)).containsExactly("offers");
        assertThat(Refusals.fields(() -> new ChoiceSheet(100, -1, 0, 0, List.of(rewind))))
                .containsExactlyInAnyOrder(
                        "discountRatePercent", "energyPricePerKwh", "loadPercent", "runHoursPerYear");
    }

    @ParameterizedTest
    @CsvSource({"370", "7500", "45000", "250000"})
    void theEstimateIsASheetThatComputes(double watts) {
        ChoiceAssessment reading = ChoiceAssessment.of(PriceBook.estimate(watts, Rates.usual()), watts, 50, UNKNOWN);
        assertThat(reading.options()).hasSize(3).allMatch(o -> o.price().signum() > 0 && o.equivalentAnnualCost() > 0);
        assertThat(PriceBook.estimate(2 * watts, Rates.usual()).offers().get(1).price())
                .isGreaterThan(
                        PriceBook.estimate(watts, Rates.usual()).offers().get(1).price());
    }
}
