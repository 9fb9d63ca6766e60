package app.brasskettle.server.jobrecord;

import app.brasskettle.core.choice.ChosenOption;
import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.quote.QuoteAnswer;
import app.brasskettle.core.quote.QuoteReply;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.events.EventKind;
import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** What a job's events say of its customer's answers. */
final class CustomerAnswers {

    private static final Set<EventKind> ABOUT_QUOTES =
            EnumSet.of(EventKind.QUOTE_ISSUED, EventKind.QUOTE_ANSWERED, EventKind.CHOSEN);

    private CustomerAnswers() {}

    /** A question or a no, unless a quote or an answer came after it. */
    static Optional<QuoteReply> reply(RecordedJob job) {
        return job.events().stream()
                .filter(e -> !e.imported() && ABOUT_QUOTES.contains(e.kind()))
                .reduce((earlier, later) -> later)
                .filter(e -> e.kind() == EventKind.QUOTE_ANSWERED)
                .flatMap(e -> Coded.parse(QuoteAnswer.class, e.text("answer"))
                        .map(answer -> new QuoteReply(answer, e.text("who"), e.text("words"))));
    }

    /** What was chosen; an older record names the option by its kind alone, and a price from a file is no promise of this shop. */
    static Optional<ChosenOption> chosen(RecordedJob job) {
        return job.last(EventKind.CHOSEN).flatMap(e -> {
            String name = e.text("option");
            String kind = e.text("kind").isEmpty() ? name.toLowerCase(Locale.ROOT) : e.text("kind");
            return Coded.parse(OptionKind.class, kind)
                    .map(k -> new ChosenOption(
                            k,
                            name,
                            Optional.of(e.text("price"))
                                    .filter(p -> !e.imported() && !p.isEmpty())
                                    .map(BigDecimal::new)));
        });
    }
}
