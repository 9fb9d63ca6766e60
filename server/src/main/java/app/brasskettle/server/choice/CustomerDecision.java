package app.brasskettle.server.choice;

import app.brasskettle.core.choice.ChoiceAssessment;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.problems.RefusedException;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** CustomerDecision of customers as they are kept, with exactly what they were shown. */
public final class CustomerDecision {

    private static final List<String> WAYS = List.of("signature", "e-mail", "telephone", "in person");

    private CustomerDecision() {}

    /**
     * What a customer answered.
     *
     * @param option recondition, rewind or replace
     * @param customer who answered
     * @param how signature, e-mail, telephone or in person
     * @param reason why
     */
    public record Answer(String option, String customer, String how, String reason) {}

    /**
     * The record of an answer to {@code offered}.
     *
     * @throws RefusedException when nothing is offered
     * @throws app.brasskettle.core.worksheet.InvalidInputException when a word is missing, or condition rules the option out
     */
    public static Map<String, Object> detail(Optional<ChoiceAssessment> offered, Answer answer) {
        ChoiceAssessment shown =
                offered.orElseThrow(() -> RefusedException.gated("Nothing is offered yet: price the options first"));
        Problems problems = new Problems();
        problems.name("customer", answer.customer());
        problems.name("reason", answer.reason());
        if (answer.how() == null || !WAYS.contains(answer.how())) {
            problems.add("how", Problem.Code.WORD, "how must be one of " + String.join(", ", WAYS));
        }
        Optional<ChoiceAssessment.Option> option = shown.options().stream()
                .filter(o -> o.kind().code().equals(answer.option()))
                .findFirst();
        if (option.isEmpty()) {
            problems.add("option", Problem.Code.WORD, "option is not among those offered");
        } else if (!option.get().open()) {
            problems.add("option", Problem.Code.CONTRADICTION, option.get().reason());
        }
        problems.throwIfAny();
        return Map.of(
                "option", option.orElseThrow().name(),
                "customer", answer.customer().strip(),
                "how", answer.how(),
                "reason", answer.reason().strip(),
                "shown", shown);
    }
}
