package app.brasskettle.core.worksheet;

/**
 * One thing wrong with an input.
 *
 * @param field path of the blamed field, for example {@code readings[0].megohm}; empty for the whole input
 * @param code kind of fault
 * @param message sentence naming field, value, bound and unit
 */
public record Problem(String field, Code code, String message) {

    /** Kinds of fault an input can have. */
    public enum Code implements Coded {
        SYNTAX,
        MISSING,
        UNKNOWN,
        TYPE,
        WORD,
        RANGE,
        COUNT,
        DUPLICATE,
        CONTRADICTION
    }

    /** The same problem seen from an object that holds the blamed one under {@code path}. */
    Problem under(String path) {
        String joined = field.isEmpty() ? path : field.startsWith("[") ? path + field : path + "." + field;
        return new Problem(joined, code, message);
    }
}
