package app.brasskettle.core.quote;

import app.brasskettle.core.choice.ChoiceAssessment;
import app.brasskettle.core.choice.ChosenOption;
import app.brasskettle.core.choice.ComparedOption;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.math.BigDecimal;
import java.util.Optional;

/** The price a customer approved, held against what the option comes to now. */
public final class ApprovedPrice {

    private static final String SOURCE = "The approved version of the quote";

    private ApprovedPrice() {}

    /** Says when the work comes to more than was approved; empty while it does not, or no price was. */
    public static Optional<Judgement> exceeded(ChosenOption chosen, Optional<ChoiceAssessment> now) {
        Optional<BigDecimal> approved = chosen.price();
        Optional<ComparedOption> option = now.flatMap(c -> c.option(chosen.name()));
        if (approved.isEmpty()
                || option.filter(o -> o.price().compareTo(approved.get()) > 0).isEmpty()) {
            return Optional.empty();
        }
        BigDecimal price = option.get().price();
        return Optional.of(new Judgement(
                Verdict.WATCH,
                chosen.name() + " comes to " + price.toPlainString() + ", approved are "
                        + approved.get().toPlainString(),
                price.subtract(approved.get()).toPlainString() + " more than the customer agreed to",
                SOURCE,
                "Issue another quote and ask before this work goes on."));
    }
}
