package app.brasskettle.core.cause;

import java.util.List;

/**
 * What a person concluded when the same motor was here before.
 *
 * @param tag the job of that stay
 * @param explanation what had started it
 * @param root what lay under it; blank where nobody said
 * @param recommendations what the customer was told keeps it away
 */
public record EarlierFailure(String tag, Explanation explanation, String root, List<String> recommendations) {

    /** Start of the codes of such pieces in the evidence table. */
    static final String RECURRENCE = "again-";

    public EarlierFailure {
        recommendations = List.copyOf(recommendations);
    }

    /** Its piece in the evidence table. */
    public String code() {
        return code(explanation);
    }

    static String code(Explanation explanation) {
        return RECURRENCE + explanation.code();
    }

    /** Whether {@code code} is such a piece. */
    public static boolean isCode(String code) {
        return code.startsWith(RECURRENCE);
    }

    /** The piece in running text. */
    public String label() {
        return label(explanation) + ", as " + tag + (root.isBlank() ? "" : ", " + root);
    }

    static String label(Explanation explanation) {
        return "failed so before: " + explanation.label();
    }

    /** What it was, and what the customer was told then. */
    public String told() {
        return explanation.label() + (root.isBlank() ? "" : ", " + root) + ". "
                + (recommendations.isEmpty()
                        ? "Nothing was advised then."
                        : "Advised then: " + String.join(" ", recommendations));
    }

    /** What to do about it now. */
    public String next() {
        return recommendations.isEmpty() ? "Settle it with the customer this time." : "Ask whether it was done.";
    }
}
