package app.brasskettle.core.quote;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * What decides whether a quote takes an answer.
 *
 * @param version its number
 * @param newestVersion the number of the newest quote of its job
 * @param validUntil when it ends, seconds of the epoch
 * @param settled the answer that settled it, with who gave it
 * @param options what it offers, in its order
 */
public record QuoteStanding(
        int version, int newestVersion, double validUntil, Optional<Settled> settled, List<QuotedOption> options) {

    private static final int MAX_WORDS = 2000;
    private static final int MAX_NAME = 120;

    /** An answer that settled a quote. */
    public record Settled(QuoteAnswer answer, String by) {}

    /**
     * An option of a quote.
     *
     * @param name its name
     * @param open whether it can be chosen
     * @param reason why it cannot
     */
    public record QuotedOption(String name, boolean open, String reason) {}

    /**
     * An answer as it was given.
     *
     * @param answer accepted, declined or a question
     * @param option the option accepted
     * @param who gives it
     * @param words what was said; a question needs them
     */
    public record Given(QuoteAnswer answer, Optional<String> option, String who, Optional<String> words) {}

    public QuoteStanding {
        options = List.copyOf(options);
    }

    /** The state at {@code now}, seconds of the epoch. An answer stays what it was when a later quote or the calendar passes it. */
    public QuoteState state(double now) {
        if (settled.isPresent()) {
            return settled.get().answer() == QuoteAnswer.ACCEPTED ? QuoteState.ACCEPTED : QuoteState.DECLINED;
        }
        if (newestVersion > version) {
            return QuoteState.SUPERSEDED;
        }
        return now > validUntil ? QuoteState.EXPIRED : QuoteState.OPEN;
    }

    /** Why it takes no answer of that kind at {@code now}; empty where it does. A question may always be asked. */
    public Optional<String> closed(QuoteAnswer answer, double now) {
        if (answer == QuoteAnswer.QUESTION) {
            return Optional.empty();
        }
        return switch (state(now)) {
            case OPEN -> Optional.empty();
            case ACCEPTED, DECLINED ->
                Optional.of(
                        "Quote " + version + " was " + settled.get().answer().label() + " already, by "
                                + settled.get().by());
            case SUPERSEDED ->
                Optional.of("Quote " + version + " is no longer offered: quote " + newestVersion + " took its place");
            case EXPIRED -> Optional.of("Quote " + version + " is no longer valid: ask for a new one");
        };
    }

    /**
     * Refuses an answer that says too little or takes what is not offered.
     *
     * @throws app.brasskettle.core.worksheet.InvalidInputException with all problems
     */
    public void check(Given given) {
        Problems problems = new Problems();
        problems.present("answer", given.answer());
        if (problems.name("who", given.who()) && given.who().length() > MAX_NAME) {
            problems.add(
                    "who", Problem.Code.RANGE, "who has " + given.who().length() + " characters; at most " + MAX_NAME);
        }
        given.words()
                .filter(w -> w.length() > MAX_WORDS)
                .ifPresent(w -> problems.add(
                        "words", Problem.Code.RANGE, "words has " + w.length() + " characters; at most " + MAX_WORDS));
        if (given.answer() == QuoteAnswer.QUESTION
                && given.words().filter(w -> !w.isBlank()).isEmpty()) {
            problems.add("words", Problem.Code.MISSING, "words is missing: what is the question?");
        }
        if (given.answer() == QuoteAnswer.ACCEPTED) {
            Optional<QuotedOption> option = given.option().flatMap(this::option);
            if (option.isEmpty()) {
                problems.add("option", Problem.Code.WORD, "option is not among those offered");
            } else if (!option.get().open()) {
                problems.add("option", Problem.Code.CONTRADICTION, option.get().reason());
            }
        }
        problems.throwIfAny();
    }

    /** The option called {@code name}, in whatever capitals. */
    public Optional<QuotedOption> option(String name) {
        return options.stream()
                .filter(o -> o.name().equalsIgnoreCase(name.strip()))
                .findFirst();
    }
}
