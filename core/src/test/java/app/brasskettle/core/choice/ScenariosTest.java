package app.brasskettle.core.choice;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.losses.EfficiencyWorksheet;
import app.brasskettle.core.losses.RepairLosses;
import app.brasskettle.core.pricing.OfferBuilder;
import app.brasskettle.core.pricing.PricingFacts;
import app.brasskettle.core.pricing.ShopPrices;
import app.brasskettle.core.resistance.Conductor;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Triangular;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Twelve motors, each with the advice that a shop would give and why. Prices are built from the shipped tables where nothing else is said. */
class ScenariosTest {

    private static final double DAY = 24;

    private static MotorCondition.Test test(MotorCondition.Aspect aspect, Verdict verdict, String headline) {
        return new MotorCondition.Test(aspect, aspect.name(), verdict, headline);
    }

    private static MotorCondition condition(
            boolean hazardous, Verdict insulation, Verdict surge, String map, MotorCondition.Test... more) {
        List<MotorCondition.Test> tests = new ArrayList<>(List.of(
                test(MotorCondition.Aspect.INSULATION, insulation, "insulation"),
                test(MotorCondition.Aspect.RESISTANCE, Verdict.HOLDS, "resistance"),
                test(MotorCondition.Aspect.TURNS, surge, "surge")));
        tests.addAll(List.of(more));
        return new MotorCondition(hazardous, tests, Optional.of(Set.of(map)), Optional.empty(), false);
    }

    private static final MotorCondition SHORTED = condition(false, Verdict.HOLDS, Verdict.STOP, "map-spot-in-slot");

    private static ChoiceFacts facts(MotorCondition condition, double outage) {
        return facts(condition, outage, Optional.of("turn short"), List.of());
    }

    private static ChoiceFacts facts(
            MotorCondition condition, double outage, Optional<String> concluded, List<String> before) {
        return new ChoiceFacts(
                condition,
                outage,
                Optional.of(93.0),
                Optional.of(2015),
                2026,
                Optional.of("200L"),
                Optional.of(true),
                concluded,
                before,
                Optional.empty());
    }

    private static ChoiceSheet built(double powerW, double efficiency, double hours) {
        ChoiceSheet sheet = OfferBuilder.build(
                new PricingFacts(
                        powerW,
                        4,
                        Optional.empty(),
                        Optional.of(efficiency),
                        Optional.empty(),
                        List.of(),
                        false,
                        0,
                        false),
                ShopPrices.shipped());
        return at(sheet, hours, sheet.offers());
    }

    private static ChoiceSheet at(ChoiceSheet sheet, double hours, List<Offer> offers) {
        return new ChoiceSheet(
                sheet.discountRatePercent(),
                sheet.energyPricePerKwh(),
                sheet.loadPercent(),
                Triangular.exactly(hours),
                Optional.empty(),
                offers);
    }

    private static ChoiceSheet plus(ChoiceSheet sheet, Offer... more) {
        List<Offer> offers = new ArrayList<>(sheet.offers());
        offers.addAll(List.of(more));
        return at(sheet, sheet.runHoursPerYear().likely(), offers);
    }

    private static Offer offer(
            OptionKind kind,
            OptionSource source,
            String name,
            double price,
            double leadHours,
            double efficiency,
            double life) {
        return new Offer(
                kind,
                Optional.of(source),
                Optional.of(name),
                price < 0 ? List.of() : List.of(PriceLine.typed("all of it", 1, "piece", price)),
                Triangular.exactly(leadHours),
                Triangular.exactly(efficiency),
                Triangular.exactly(life),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static String advised(ChoiceAssessment a) {
        return a.advised().orElse("nothing");
    }

    /** Labour alone is more than a new one off the shelf. */
    @Test
    void aSmallMotorIsReplaced() {
        ChoiceAssessment a = ChoiceAssessment.of(built(750, 78, 4000), 750, facts(SHORTED, 0));
        assertThat(advised(a)).startsWith("New motor");
        assertThat(a.advice().verdict()).isEqualTo(Verdict.HOLDS);
    }

    /** By the shipped lists small motors are replaced and big ones rewound, as in any shop; the fewer hours, the smaller. */
    @ParameterizedTest
    @CsvSource({
        "750, 4000, New",
        "2200, 4000, New",
        "5500, 1000, New",
        "75000, 1000, Rewind",
        "132000, 2500, Rewind",
        "200000, 4000, Rewind",
        "250000, 4000, Rewind"
    })
    void theShippedListsReplaceSmallMotorsAndRewindBigOnes(double watts, double hours, String way) {
        ChoiceSheet sheet = OfferBuilder.build(PricingFacts.rating(watts, 4), ShopPrices.shipped());
        assertThat(advised(ChoiceAssessment.of(at(sheet, hours, sheet.offers()), watts, facts(SHORTED, 0))))
                .startsWith(way);
    }

    /** Fourteen weeks for a special frame against twelve days, and three times the price. */
    @Test
    void aBigSpecialIsRewound() {
        ChoiceSheet sheet = plus(
                at(
                        built(250_000, 95.5, 6000),
                        6000,
                        built(250_000, 95.5, 6000).offers().subList(0, 2)),
                offer(OptionKind.REPLACE, OptionSource.NEW, "New motor to drawing", 31_000, 14 * 7 * DAY, 96.5, 20));
        ChoiceAssessment a = ChoiceAssessment.of(sheet, 250_000, facts(SHORTED, 25));
        assertThat(advised(a)).isEqualTo("Rewind");
        assertThat(a.advice().verdict()).isEqualTo(Verdict.HOLDS);
    }

    /** At 300 hours a year energy is nothing: the cheapest life counts, and that is the rewind's or the new one's price alone. */
    @Test
    void aStandbyPumpDoesNotPayForEfficiency() {
        ChoiceAssessment a = ChoiceAssessment.of(built(30_000, 92, 300), 30_000, facts(SHORTED, 0));
        ComparedOption ie3 = a.option("New motor, IE3").orElseThrow();
        ComparedOption ie4 = a.option("New motor, IE4").orElseThrow();
        assertThat(ie4.equivalentAnnualCost())
                .as("the better class does not earn its price")
                .isGreaterThan(ie3.equivalentAnnualCost());
        assertThat(advised(a)).isNotEqualTo("New motor, IE4");
        assertThat(ie4.payback().orElseThrow()).contains("not paid back");
    }

    /** The same motor round the clock: a point of efficiency is worth more than its price. */
    @Test
    void aFanRoundTheClockPaysForEfficiency() {
        ChoiceAssessment a = ChoiceAssessment.of(built(30_000, 92, 8000), 30_000, facts(SHORTED, 0));
        assertThat(advised(a)).isEqualTo("New motor, IE4");
        assertThat(a.option("New motor, IE4").orElseThrow().payback().orElse(""))
                .contains("at 8000 hours a year");
    }

    /** A new winding in a burnt core burns again. */
    @Test
    void aBurntCoreIsNotRewound() {
        MotorCondition core = condition(
                false,
                Verdict.STOP,
                Verdict.STOP,
                "map-all-dark",
                test(MotorCondition.Aspect.CORE, Verdict.STOP, "21 W/kg, limit 13.2"));
        ChoiceAssessment a = ChoiceAssessment.of(built(75_000, 94, 4000), 75_000, facts(core, 10));
        ComparedOption rewind = a.option("Rewind").orElseThrow();
        assertThat(rewind.open()).isFalse();
        assertThat(rewind.reason()).contains("21 W/kg");
        assertThat(rewind.bringsBack()).contains("Restack");
        assertThat(rewind.odds()).isEmpty();
        assertThat(advised(a)).startsWith("New motor");
    }

    /** Failed so before, and nobody knows why: nothing is firm until the cause is found. */
    @Test
    void aRepeatedFailureUnexplainedIsNoFirmAdvice() {
        ChoiceSheet sheet = built(132_000, 94, 4000);
        ChoiceAssessment firm = ChoiceAssessment.of(sheet, 132_000, facts(SHORTED, 0));
        ChoiceAssessment again = ChoiceAssessment.of(
                sheet,
                132_000,
                facts(SHORTED, 0, Optional.empty(), List.of("turn short in 2024. Nothing was advised then.")));
        assertThat(firm.advice().verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(again.advice().verdict()).isEqualTo(Verdict.WATCH);
        assertThat(again.firmness()).isNotEqualTo(ChoiceAssessment.Firmness.FIRM);
        assertThat(ChoiceAssessment.of(sheet, 132_000, facts(SHORTED, 0, Optional.empty(), List.of()))
                        .firmness())
                .as("the same figures, the cause not concluded")
                .isEqualTo(ChoiceAssessment.Firmness.DOUBTED);
        assertThat(ChoiceAssessment.of(sheet, 132_000, facts(SHORTED, 0, Optional.empty(), List.of()))
                        .reasons())
                .filteredOn(r -> r.words().startsWith("Nobody has said why"))
                .singleElement()
                .satisfies(r -> assertThat(r.moves()).isTrue());
        assertThat(again.advice().next()).contains("why it failed");
        assertThat(again.reasons())
                .extracting(ChoiceReason::words)
                .anyMatch(w -> w.contains("failed of the same before"));
        assertThat(again.option("Rewind").orElseThrow().expectedLifeYears().likely())
                .isEqualTo(
                        firm.option("Rewind").orElseThrow().expectedLifeYears().likely() / 2);
    }

    /** The line stands at 400 an hour: the spare runs tonight, whatever it costs to buy the next one. */
    @Test
    void aSpareOnTheShelfIsUsed() {
        ChoiceSheet sheet = plus(
                built(45_000, 93, 4000), offer(OptionKind.REPLACE, OptionSource.SPARE, "Spare", 3400, 5, 93.9, 12));
        ChoiceAssessment a = ChoiceAssessment.of(sheet, 45_000, facts(SHORTED, 400));
        assertThat(advised(a)).isEqualTo("Spare");
        assertThat(a.advice().verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(a.reasons()).extracting(ChoiceReason::words).anyMatch(w -> w.contains("spare is at hand"));
        assertThat(a.flips()).anyMatch(f -> f.figure().equals("Cost of an hour of outage") && !f.above());
    }

    /** Not a bolt of an explosion-protected motor is turned here; a certified repairer may. */
    @Test
    void anExplosionProtectedMotorGoesToACertifiedRepairer() {
        ChoiceSheet sheet = plus(
                built(55_000, 93.5, 5000),
                offer(
                        OptionKind.REWIND,
                        OptionSource.SENT_OUT,
                        "Rewind by a certified repairer",
                        4200,
                        15 * DAY,
                        93.5,
                        10));
        MotorCondition ex = condition(true, Verdict.HOLDS, Verdict.STOP, "map-spot-in-slot");
        ChoiceAssessment a = ChoiceAssessment.of(sheet, 55_000, facts(ex, 0));
        assertThat(a.option("Rewind").orElseThrow().open()).isFalse();
        assertThat(a.option("Rewind by a certified repairer").orElseThrow().open())
                .isTrue();
        assertThat(advised(a)).isNotEqualTo("Rewind").isNotEqualTo("Recondition");
    }

    /** Bright coils, water: washing and drying is a third of a rewind and brings the same motor back. */
    @Test
    void aWetSoundMotorIsReconditioned() {
        MotorCondition wet = condition(false, Verdict.STOP, Verdict.HOLDS, "map-all-bright");
        ChoiceAssessment a = ChoiceAssessment.of(built(90_000, 94.5, 3000), 90_000, facts(wet, 20));
        assertThat(advised(a)).isEqualTo("Recondition");
        assertThat(a.option("Recondition").orElseThrow().reason()).contains("wash, dry, test again");
    }

    /** Two offers alike: a close call, and the first of equals is named. */
    @Test
    void twoEqualOffersAreACloseCall() {
        ChoiceSheet sheet = at(
                built(30_000, 93, 4000),
                4000,
                List.of(
                        offer(OptionKind.REWIND, OptionSource.HERE, "Rewind here", 2400, 8 * DAY, 93, 10),
                        offer(OptionKind.REWIND, OptionSource.SENT_OUT, "Rewind elsewhere", 2400, 8 * DAY, 93, 10)));
        ChoiceAssessment a = ChoiceAssessment.of(sheet, 30_000, facts(SHORTED, 30));
        assertThat(advised(a)).isEqualTo("Rewind here");
        assertThat(a.advice().verdict()).isEqualTo(Verdict.WATCH);
        assertThat(a.firmness()).isEqualTo(ChoiceAssessment.Firmness.CLOSE);
        assertThat(a.advice().because()).contains("within 5 %");
    }

    /** Nobody knows what a new one costs: it takes no part, and what it may cost to win is said. */
    @Test
    void anUnknownPriceTakesNoPartAndItsBreakEvenIsSaid() {
        ChoiceSheet sheet = at(
                built(200_000, 95, 5000),
                5000,
                List.of(
                        offer(OptionKind.REWIND, OptionSource.HERE, "Rewind", 6500, 12 * DAY, 95, 10),
                        offer(OptionKind.REPLACE, OptionSource.NEW, "New motor", -1, 60 * DAY, 96.3, 15)));
        ChoiceAssessment a = ChoiceAssessment.of(sheet, 200_000, facts(SHORTED, 0));
        assertThat(advised(a)).isEqualTo("Rewind");
        assertThat(a.advice().verdict()).isEqualTo(Verdict.WATCH);
        assertThat(a.advice().because()).contains("New motor has no price; it wins at under");
        assertThat(a.option("New motor").orElseThrow().levelPrice().orElseThrow())
                .isGreaterThan(6500);
    }

    /** Where even a gift would cost more a year, by its energy, no price is named at which it would be level. */
    @Test
    void whatIsDearerThanAGiftHasNoLevelPrice() {
        ChoiceSheet sheet = at(
                built(200_000, 95, 8000),
                8000,
                List.of(
                        offer(OptionKind.REWIND, OptionSource.HERE, "Rewind", 100, DAY, 95, 10),
                        offer(OptionKind.REPLACE, OptionSource.USED, "Used motor", -1, DAY, 85, 7)));
        assertThat(ChoiceAssessment.of(sheet, 200_000, facts(SHORTED, 0))
                        .option("Used motor")
                        .orElseThrow()
                        .levelPrice())
                .isEmpty();
    }

    /** The customer's own hour costs a hundred times the job's figure: the faster option wins, by their figure and not ours. */
    @Test
    void theCustomersOwnFiguresDecide() {
        List<Offer> offers = List.of(
                offer(OptionKind.REWIND, OptionSource.HERE, "Rewind", 4000, 12 * DAY, 94.5, 10),
                offer(OptionKind.REPLACE, OptionSource.USED, "Used motor", 9500, 2 * DAY, 93.5, 7));
        ChoiceSheet ours = at(built(75_000, 94, 4000), 4000, offers);
        ChoiceSheet theirs = new ChoiceSheet(
                12,
                ours.energyPricePerKwh(),
                ours.loadPercent(),
                ours.runHoursPerYear(),
                Optional.of(new Triangular(200, 300, 500)),
                offers);
        assertThat(advised(ChoiceAssessment.of(ours, 75_000, facts(SHORTED, 3))))
                .isEqualTo("Rewind");
        ChoiceAssessment a = ChoiceAssessment.of(theirs, 75_000, facts(SHORTED, 3));
        assertThat(advised(a)).isEqualTo("Used motor");
        assertThat(a.option("Used motor").orElseThrow().reason()).contains("Take all tests");
    }

    /** What is computed for a winding not yet wound is no measurement, and does not count before somebody enters it. */
    @Test
    void anEfficiencyComputedForANewWindingIsNotCalledMeasured() {
        ChoiceFacts known = facts(SHORTED, 0);
        ChoiceFacts designed = new ChoiceFacts(
                known.condition(),
                known.outageCostPerHour(),
                known.plateEfficiencyPercent(),
                known.yearMade(),
                known.thisYear(),
                known.frame(),
                known.standardFrame(),
                known.concluded(),
                known.before(),
                Optional.of(EfficiencyWorksheet.create()
                        .work()
                        .apply(new RepairLosses(30_000, 93, 56, Conductor.COPPER, 95, 0.21, 0.25, 0, 0))));
        ChoiceSheet sheet = built(30_000, 93, 4000);
        ChoiceAssessment a = ChoiceAssessment.of(sheet, 30_000, designed);
        assertThat(a.reasons())
                .filteredOn(r -> r.words().contains("92."))
                .singleElement()
                .satisfies(r -> {
                    assertThat(r.words()).startsWith("Computed").doesNotContain("easured");
                    assertThat(r.moves()).isFalse();
                });
        assertThat(a.advised())
                .isEqualTo(ChoiceAssessment.of(sheet, 30_000, known).advised());
    }
}
