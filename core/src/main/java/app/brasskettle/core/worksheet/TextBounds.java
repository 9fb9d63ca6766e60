package app.brasskettle.core.worksheet;

import java.util.Map;
import java.util.Optional;

/**
 * How long a text may be, and what may stand in it: one table for every door through which a text comes in.
 *
 * <p>A field may ask for less than its bound here; none may take more. Control characters (but for line ends and tabs),
 * characters that Unicode reserves for no use, and halves of a pair are refused: they break what is printed and stored.
 */
public final class TextBounds {

    /** Characters that a text may have where the table below says nothing else. */
    public static final int USUAL = 500;

    /** Longest name of a field. */
    public static final int FIELD_NAME = 100;

    private static final int NOTES = 2000;
    private static final int TABLE = 2_000_000;

    /** By the field's own name, the last of its path. */
    private static final Map<String, Integer> LONGER = Map.ofEntries(
            Map.entry("notes", NOTES),
            Map.entry("note", NOTES),
            Map.entry("complaint", NOTES),
            Map.entry("words", NOTES),
            Map.entry("terms", NOTES),
            Map.entry("address", NOTES),
            Map.entry("explanation", NOTES),
            Map.entry("conclusion", NOTES),
            Map.entry("csv", TABLE));

    private TextBounds() {}

    /** Characters that a text in the field at {@code path} may have. */
    public static int of(String path) {
        return LONGER.getOrDefault(name(path), USUAL);
    }

    private static String name(String path) {
        String name = path.substring(path.lastIndexOf('.') + 1);
        int index = name.indexOf('[');
        return index < 0 ? name : name.substring(0, index);
    }

    /** What is wrong with {@code text} in {@code field}; nothing where it can be kept and printed. */
    public static Optional<Problem> fault(String field, String text) {
        int most = of(field);
        if (text.length() > most) {
            return Optional.of(new Problem(
                    field,
                    Problem.Code.RANGE,
                    shown(field) + " has " + text.length() + " characters; at most " + most + " fit"));
        }
        return unprintable(field, text);
    }

    /** The first character of {@code text} that cannot be printed, named by its number and place; nothing where all can. */
    public static Optional<Problem> unprintable(String field, String text) {
        for (int i = 0; i < text.length(); ) {
            int c = text.codePointAt(i);
            if (!printable(c)) {
                return Optional.of(new Problem(
                        field,
                        Problem.Code.SYNTAX,
                        String.format(
                                "%s holds U+%04X at place %d, which no page can print; take it out",
                                shown(field), c, i + 1)));
            }
            i += Character.charCount(c);
        }
        return Optional.empty();
    }

    private static String shown(String field) {
        return field.isEmpty() ? "The text" : field;
    }

    /** Whether a page can print {@code codePoint}; a half of a pair standing alone is none. */
    public static boolean printable(int codePoint) {
        if (codePoint == '\n' || codePoint == '\r' || codePoint == '\t') {
            return true;
        }
        boolean reserved = (codePoint & 0xFFFE) == 0xFFFE || codePoint >= 0xFDD0 && codePoint <= 0xFDEF;
        return !reserved && !Character.isISOControl(codePoint) && Character.getType(codePoint) != Character.SURROGATE;
    }
}
