package app.brasskettle.core.pricing;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.choice.ChoiceSheet;
import app.brasskettle.core.choice.Offer;
import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.choice.PriceLine;
import app.brasskettle.core.worksheet.Triangular;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class OfferBuilderTest {

    private static ChoiceSheet built(double watts) {
        return OfferBuilder.build(PricingFacts.rating(watts, 4), ShopPrices.shipped());
    }

    private static double price(ChoiceSheet sheet, OptionKind kind) {
        return sheet.offers().stream()
                .filter(o -> o.kind() == kind)
                .findFirst()
                .orElseThrow()
                .price()
                .doubleValue();
    }

    /**
     * The trade's own ratio, read at both ends: new against rewind. A new motor of 0.75 kW costs less than its rewind, one of
     * 250 kW a multiple, and they cross between 15 and 55 kW.
     */
    @ParameterizedTest
    @CsvSource({"750, 0.2, 0.8", "4000, 0.4, 0.95", "30000, 0.8, 1.5", "90000, 1.3, 2.5", "250000, 2.5, 5"})
    void theShippedListIsPlausible(double watts, double least, double most) {
        ChoiceSheet sheet = built(watts);
        assertThat(price(sheet, OptionKind.REPLACE) / price(sheet, OptionKind.REWIND))
                .isBetween(least, most);
        assertThat(price(sheet, OptionKind.RECONDITION)).isLessThan(price(sheet, OptionKind.REWIND));
    }

    @Test
    void aBiggerMotorCostsMoreInEveryWay() {
        double[] steps = {370, 750, 1500, 4000, 7500, 15_000, 30_000, 55_000, 90_000, 160_000, 250_000, 400_000};
        for (int i = 1; i < steps.length; i++) {
            for (OptionKind kind : OptionKind.values()) {
                assertThat(price(built(steps[i]), kind)).isGreaterThan(price(built(steps[i - 1]), kind));
            }
        }
    }

    @Test
    void whatIsOnRecordMakesTheLines() {
        ChoiceSheet sheet = OfferBuilder.build(
                new PricingFacts(
                        30_000,
                        2,
                        Optional.of(180.0),
                        Optional.of(91.7),
                        Optional.of(14.72),
                        List.of("6310-2RS", "NU 9999"),
                        true,
                        2,
                        true),
                ShopPrices.shipped());
        Offer rewind = sheet.offers().get(1);
        PriceLine wire = line(rewind, "Winding wire");
        assertThat(wire.quantity().likely()).as("14.72 kg ÷ 0.92").isEqualTo(16);
        assertThat(wire.basis().orElseThrow()).contains("winding data");
        assertThat(line(rewind, "Bearing 6310-2RS").basis().orElseThrow()).contains("price list", "findings");
        assertThat(line(rewind, "Bearing NU 9999").basis().orElseThrow()).contains("not on the list");
        assertThat(line(rewind, "Machining of worn seats").basis().orElseThrow())
                .contains("2 outside");
        double labour = rewind.lines().stream()
                .filter(l -> l.unit().equals("h"))
                .mapToDouble(l -> l.amount().doubleValue())
                .sum();
        assertThat(line(rewind, "Rush").amount().doubleValue())
                .isCloseTo(labour / 4, org.assertj.core.api.Assertions.within(0.01));
        assertThat(rewind.efficiencyPercent().likely()).as("the plate’s").isEqualTo(91.7);
        Offer replace = sheet.offers().get(2);
        assertThat(line(replace, "Adapt base and coupling").amount()).isPositive();
        assertThat(line(replace, "Scrap value").amount()).isEqualTo(new BigDecimal("-95.68"));
    }

    @Test
    void aMotorNobodyListsHasNoPriceAndIsSaidSo() {
        Offer replace = built(2_000_000).offers().get(2);
        assertThat(replace.lines()).isEmpty();
        assertThat(replace.notIncluded().orElseThrow()).contains("ask for it");
    }

    private static PriceLine line(Offer offer, String task) {
        return offer.lines().stream()
                .filter(l -> l.task().startsWith(task))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aBuiltLineIsChangedWithAReasonOnly() {
        PriceLine built = PriceLine.built("Wind", 12, "h", 62, "task table");
        assertThat(Refusals.fields(() -> changed(built, 15, 62, ""))).containsExactly("reason");
        assertThat(Refusals.fields(() -> changed(built, 12, 70, " "))).containsExactly("reason");
        assertThat(changed(built, 15, 62, "form-wound coils to fit").amount()).isEqualTo(new BigDecimal("930.00"));
        assertThat(Refusals.fields(() -> PriceLine.typed("x", 1, "h", -5))).containsExactly("rate");
        PriceLine scrap = PriceLine.built("Scrap", 10, "kg", -6, "");
        assertThat(Refusals.fields(() -> changed(scrap, 10, 6, "a slip"))).containsExactly("rate");
    }

    private static PriceLine changed(PriceLine line, double quantity, double rate, String reason) {
        return new PriceLine(
                line.task(),
                Triangular.exactly(quantity),
                line.unit(),
                Triangular.exactly(rate),
                line.basis(),
                line.builtQuantity(),
                line.builtRate(),
                Optional.of(reason));
    }

    /** Lines sum to their total in any order, and rounding moves a line by half a unit of the last place at most. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void totalsAreTheSumOfTheLinesInAnyOrder(int seed) {
        Random random = new Random(seed);
        List<PriceLine> lines = new ArrayList<>();
        BigDecimal exact = BigDecimal.ZERO;
        for (int i = 0; i < 40; i++) {
            double quantity = random.nextInt(100_000) / 1000.0;
            double rate = random.nextInt(1_000_000) / 1000.0;
            PriceLine line = PriceLine.typed("line " + i, quantity, "piece", rate);
            BigDecimal product = BigDecimal.valueOf(quantity).multiply(BigDecimal.valueOf(rate));
            assertThat(line.amount().subtract(product).abs()).isLessThanOrEqualTo(new BigDecimal("0.005"));
            exact = exact.add(product.setScale(2, RoundingMode.HALF_UP));
            lines.add(line);
        }
        BigDecimal total = Offer.plain(OptionKind.REWIND, lines, 0, 90, 1).price();
        assertThat(total).isEqualTo(exact);
        Collections.shuffle(lines, random);
        assertThat(Offer.plain(OptionKind.REWIND, lines, 0, 90, 1).price()).isEqualTo(total);
    }
}
