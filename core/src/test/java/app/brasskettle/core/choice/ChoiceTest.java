package app.brasskettle.core.choice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Triangular;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ChoiceTest {

    private static final MotorCondition UNKNOWN = condition(false, null, null, null);

    private static MotorCondition condition(
            boolean hazardous, Verdict insulation, Verdict resistance, Verdict surge, String... facts) {
        List<MotorCondition.Test> tests = new ArrayList<>();
        test(MotorCondition.Aspect.INSULATION, insulation, tests);
        test(MotorCondition.Aspect.RESISTANCE, resistance, tests);
        test(MotorCondition.Aspect.TURNS, surge, tests);
        return new MotorCondition(
                hazardous,
                tests,
                facts.length == 0 ? Optional.empty() : Optional.of(Set.of(facts)),
                Optional.empty(),
                false);
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
                Optional.empty(),
                false);
        for (OptionKind kind : List.of(OptionKind.RECONDITION, OptionKind.REWIND)) {
            assertThat(standing(gap, kind).open()).isFalse();
            assertThat(standing(gap, kind).reason()).contains("22 % off the mean");
            assertThat(standing(gap, kind).bringsBack()).contains("measure again");
        }
    }

    @Test
    void aMeltedCageLeavesReplacementWhateverTheWindingSays() {
        MotorCondition melted = new MotorCondition(
                false,
                condition(false, Verdict.HOLDS, Verdict.HOLDS, Verdict.STOP).tests(),
                Optional.empty(),
                Optional.empty(),
                true);
        for (OptionKind kind : List.of(OptionKind.RECONDITION, OptionKind.REWIND)) {
            assertThat(standing(melted, kind).open()).isFalse();
            assertThat(standing(melted, kind).reason()).contains("aluminium");
            assertThat(standing(melted, kind).bringsBack()).isEqualTo("Another rotor.");
        }
        assertThat(standing(melted, OptionKind.REPLACE).open()).isTrue();
    }

    @Test
    void nothingIsAdvisedFromNothingAndAGapIsSaid() {
        ChoiceSheet two =
                sheet(offer(OptionKind.REWIND, 2000, 0, 92, 10), offer(OptionKind.REPLACE, 90_000, 0, 92, 15));
        assertThat(reading(two, 30_000, 0, UNKNOWN).advice()).satisfies(a -> {
            assertThat(a.verdict()).isEqualTo(Verdict.UNPROVEN);
            assertThat(a.headline()).contains("nothing is known");
            assertThat(a.because()).startsWith("Rewind costs least");
        });
        assertThat(reading(two, 30_000, 0, condition(false, null, null, Verdict.STOP))
                        .advice())
                .satisfies(a -> {
                    assertThat(a.verdict()).isEqualTo(Verdict.WATCH);
                    assertThat(a.because()).contains("Not known yet: insulation, resistance");
                });
        assertThat(reading(
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
        return condition.standing(kind, OptionSource.usual(kind));
    }

    private static ChoiceAssessment reading(
            ChoiceSheet sheet, double ratedPowerW, double outage, MotorCondition condition) {
        ChoiceFacts only = ChoiceFacts.only(condition, outage);
        return ChoiceAssessment.of(
                sheet,
                ratedPowerW,
                new ChoiceFacts(
                        condition,
                        outage,
                        only.plateEfficiencyPercent(),
                        only.yearMade(),
                        2026,
                        only.frame(),
                        only.standardFrame(),
                        Optional.of("overload"),
                        List.of(),
                        only.afterRepair()));
    }

    private static Offer offer(OptionKind kind, double price, double lead, double efficiency, double life) {
        return Offer.plain(kind, List.of(PriceLine.typed("all of it", 1, "piece", price)), lead, efficiency, life);
    }

    private static ChoiceSheet sheet(Offer... offers) {
        return new ChoiceSheet(
                6,
                Triangular.exactly(0.15),
                Triangular.exactly(75),
                Triangular.exactly(4000),
                Optional.empty(),
                List.of(offers));
    }

    /** Money is decimal: three lines of a third each do not lose a cent, and half a cent goes up. */
    @Test
    void linesAreRoundedHalfUpAndThenSummed() {
        assertThat(PriceLine.typed("copper", 0.335, "kg", 1).amount()).isEqualTo(new BigDecimal("0.34"));
        assertThat(PriceLine.typed("labour", 0.1, "h", 0.7).amount()).isEqualTo(new BigDecimal("0.07"));
        Offer offer = Offer.plain(
                OptionKind.REWIND,
                List.of(
                        PriceLine.typed("a", 1.1, "h", 62),
                        PriceLine.typed("b", 2.2, "kg", 14.5),
                        PriceLine.typed("c", 3, "set", 0.005)),
                24,
                90,
                10);
        assertThat(offer.price()).isEqualTo(new BigDecimal("100.12"));
        assertThat(Offer.plain(OptionKind.REPLACE, List.of(), 0, 90, 1).price()).isEqualTo(new BigDecimal("0.00"));
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
        ChoiceAssessment reading = reading(sheet(cheapButRuledOut, rewind, replace), 30_000, 0, shorted);
        assertThat(reading.options()).hasSize(3);
        assertThat(reading.advice().headline()).startsWith("Rewind");
        ChoiceAssessment none = reading(sheet(cheapButRuledOut), 30_000, 0, shorted);
        assertThat(none.advice().verdict()).isEqualTo(Verdict.STOP);
    }

    @Test
    void sayWhenADearerOptionHasPaidForItself() {
        Offer rewind = offer(OptionKind.REWIND, 1000, 0, 85, 20);
        Offer replace = offer(OptionKind.REPLACE, 3000, 0, 95, 20);
        ChoiceAssessment reading = reading(sheet(rewind, replace), 30_000, 0, UNKNOWN);
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
        ChoiceAssessment reading = reading(sheet(offer(OptionKind.REWIND, 1000, 10, 90, 5)), 30_000, 20, UNKNOWN);
        List<Double> spent = reading.options().get(0).costByYear();
        assertThat(spent.get(0)).isEqualTo(1200);
        assertThat(spent.get(5)).isEqualTo(1200);
        assertThat(spent.get(6)).isEqualTo(2400);
        assertThat(spent.get(15)).isEqualTo(3600);
    }

    @Test
    void sheetRefusesTheSameOptionTwiceAndEmptySheets() {
        Offer rewind = offer(OptionKind.REWIND, 1, 1, 90, 1);
        assertThat(Refusals.fields(() -> sheet(rewind, rewind))).containsExactly("offers[1].name");
        assertThat(Refusals.fields(ChoiceTest::sheet)).containsExactly("offers");
        assertThat(Refusals.fields(() -> new ChoiceSheet(
                        100,
                        Triangular.exactly(-1),
                        Triangular.exactly(0),
                        Triangular.exactly(0),
                        Optional.empty(),
                        List.of(rewind))))
                .containsExactlyInAnyOrder(
                        "discountRatePercent", "energyPricePerKwh", "loadPercent", "runHoursPerYear");
    }
}
