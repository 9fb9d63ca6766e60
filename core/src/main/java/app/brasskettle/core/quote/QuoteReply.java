package app.brasskettle.core.quote;

/**
 * What a customer said last, while nothing has been done about it: a question, or a no.
 *
 * @param answer a question, or declined
 * @param who said it
 * @param words what was said
 */
public record QuoteReply(QuoteAnswer answer, String who, String words) {

    /** What is to be done about it. */
    public String next() {
        return answer == QuoteAnswer.QUESTION
                ? who + " asks: “" + words + "”"
                : who + " declined the quote: offer another, or send the motor back";
    }
}
