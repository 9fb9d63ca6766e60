package app.brasskettle.core.cause;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.ShippedTable;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A root that can lie under an explanation: what to ask about it, and what keeps it from coming back.
 *
 * @param explanation what it starts
 * @param root its code
 * @param words the root in running text
 * @param shown words of the evidence that speaks for it
 * @param question what to ask the customer
 * @param advice what keeps it from coming back
 */
public record Prevention(
        String explanation, String root, String words, List<String> shown, String question, String advice) {

    private record Row(
            Explanation explanation, String root, String words, List<String> codes, String question, String advice) {}

    private static final Pattern BLANK = Pattern.compile("\\{(\\w+)}");

    private static final List<Row> ROWS = ShippedTable.rows(Prevention.class, "prevention.csv").stream()
            .map(r -> new Row(
                    Coded.parse(Explanation.class, r.get("explanation")).orElseThrow(),
                    r.get("root"),
                    r.get("words"),
                    r.get("shown").isBlank()
                            ? List.of()
                            : List.of(r.get("shown").split(" ")),
                    r.get("question"),
                    r.get("advice")))
            .toList();

    /**
     * Roots of {@code explanation}, those that evidence speaks for first.
     *
     * @param codes evidence held
     * @param plate figures of the nameplate by the names the table uses; what is missing is said in words
     */
    public static List<Prevention> of(
            Explanation explanation, Collection<String> codes, Map<String, String> plate, EvidenceTable table) {
        return ROWS.stream()
                .filter(r -> r.explanation() == explanation)
                .map(r -> new Prevention(
                        explanation.code(),
                        r.root(),
                        r.words(),
                        r.codes().stream()
                                .filter(codes::contains)
                                .map(c -> table.entry(c).orElseThrow().words())
                                .toList(),
                        r.question(),
                        filled(r.advice(), plate)))
                .sorted((a, b) -> b.shown().size() - a.shown().size())
                .toList();
    }

    private static String filled(String advice, Map<String, String> plate) {
        Matcher blank = BLANK.matcher(advice);
        StringBuilder filled = new StringBuilder();
        while (blank.find()) {
            blank.appendReplacement(
                    filled, Matcher.quoteReplacement(plate.getOrDefault(blank.group(1), unknown(blank.group(1)))));
        }
        return blank.appendTail(filled).toString();
    }

    private static String unknown(String figure) {
        return switch (figure) {
            case "current" -> "the rated current";
            case "voltage" -> "the rated voltage";
            case "bearings" -> "Bearings";
            case "grease" -> "grease by the bearing maker’s table";
            default -> throw new IllegalStateException("The prevention table asks for " + figure);
        };
    }

    /** Every code and every blank the table names, for whoever checks it. */
    static List<String> codes() {
        return ROWS.stream().flatMap(r -> r.codes().stream()).toList();
    }
}
