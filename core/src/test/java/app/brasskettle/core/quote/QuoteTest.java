package app.brasskettle.core.quote;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuoteTest {

    private static final double ENDS = 1000;

    private static QuoteStanding quote(int version, int newest, QuoteAnswer settled) {
        return new QuoteStanding(
                version,
                newest,
                ENDS,
                Optional.ofNullable(settled).map(a -> new QuoteStanding.Settled(a, "R. Ashe")),
                List.of(
                        new QuoteStanding.QuotedOption("Rewind", true, ""),
                        new QuoteStanding.QuotedOption("Recondition", false, "The core stops.")));
    }

    /** An answer outlives later quotes and the calendar; without one, a later quote counts before the calendar does. */
    @ParameterizedTest
    @CsvSource({
        "1, 1, , 1000, OPEN",
        "1, 1, , 1000.5, EXPIRED",
        "1, 2, , 10, SUPERSEDED",
        "1, 2, , 2000, SUPERSEDED",
        "1, 3, ACCEPTED, 2000, ACCEPTED",
        "1, 1, DECLINED, 10, DECLINED",
    })
    void standsUntilItIsAnsweredReplacedOrOver(
            int version, int newest, QuoteAnswer settled, double now, QuoteState state) {
        QuoteStanding quote = quote(version, newest, settled);
        assertThat(quote.state(now)).isEqualTo(state);
        for (QuoteAnswer answer : QuoteAnswer.values()) {
            boolean takes = state == QuoteState.OPEN || answer == QuoteAnswer.QUESTION;
            assertThat(quote.closed(answer, now).isEmpty()).isEqualTo(takes);
        }
    }

    @Test
    void whoWasFirstIsSaid() {
        assertThat(quote(2, 2, QuoteAnswer.ACCEPTED).closed(QuoteAnswer.DECLINED, 0))
                .contains("Quote 2 was accepted already, by R. Ashe");
    }

    private static QuoteStanding.Given given(QuoteAnswer answer, String option, String who, String words) {
        return new QuoteStanding.Given(answer, Optional.ofNullable(option), who, Optional.ofNullable(words));
    }

    @Test
    void anAnswerSaysWhoAndWhat() {
        QuoteStanding quote = quote(1, 1, null);
        quote.check(given(QuoteAnswer.ACCEPTED, " rewind", "R. Ashe", null));
        quote.check(given(QuoteAnswer.DECLINED, null, "R. Ashe", null));
        assertThat(Refusals.fields(() -> quote.check(given(QuoteAnswer.ACCEPTED, null, " ", null))))
                .containsExactlyInAnyOrder("option", "who");
        assertThat(Refusals.fields(() -> quote.check(given(QuoteAnswer.ACCEPTED, "Recondition", "R. Ashe", null))))
                .containsExactly("option");
        assertThat(Refusals.fields(() -> quote.check(given(QuoteAnswer.QUESTION, null, "R. Ashe", " "))))
                .containsExactly("words");
        assertThat(Refusals.fields(() -> quote.check(given(null, null, "x".repeat(121), "x".repeat(2001)))))
                .containsExactlyInAnyOrder("answer", "who", "words");
    }

    /** Net and tax make gross to the last place, and the tax is within half a unit of the exact one. */
    @Test
    void taxIsRoundedOnce() {
        Random random = new Random(9);
        for (int i = 0; i < 2_000; i++) {
            BigDecimal net = BigDecimal.valueOf(random.nextInt(10_000_000), 2);
            double percent = random.nextInt(3000) / 100.0;
            TaxedPrice price = TaxedPrice.of(net, Optional.of(percent));
            assertThat(price.net().add(price.tax())).isEqualByComparingTo(price.gross());
            BigDecimal exact = net.multiply(BigDecimal.valueOf(percent)).movePointLeft(2);
            assertThat(price.tax().subtract(exact).abs()).isLessThanOrEqualTo(new BigDecimal("0.005"));
        }
        assertThat(TaxedPrice.of(new BigDecimal("0.50"), Optional.of(1.0)).tax())
                .isEqualTo(new BigDecimal("0.01"));
        assertThat(TaxedPrice.of(new BigDecimal("12.34"), Optional.empty()).gross())
                .isEqualTo(new BigDecimal("12.34"));
    }
}
