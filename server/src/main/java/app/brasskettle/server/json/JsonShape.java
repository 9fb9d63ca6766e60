package app.brasskettle.server.json;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.TextBounds;
import java.util.List;
import java.util.Optional;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;

/**
 * A walk through JSON before any of it becomes an object: how much there is, how deep, how long its texts and figures, and
 * whether a page can print it. What is refused is named by its path.
 */
final class JsonShape {

    private static final int DEEPEST = 32;
    private static final int MOST_FIELDS = 1000;
    private static final int MOST_FIGURES = 100;
    private static final int LARGEST_EXPONENT = 9999;

    /**
     * What a body may hold.
     *
     * @param values texts, figures and words in all
     * @param entries entries of one list
     * @param text characters of a text whose field has no longer bound of its own
     */
    record Limits(int values, int entries, int text) {

        /** A call: the largest carries three surge traces of 100,000 samples. */
        static final Limits CALL = new Limits(400_000, 300_000, TextBounds.USUAL);

        /** A file of readings, with the longest traces a test can hold. */
        static final Limits READINGS = new Limits(700_000, 300_000, TextBounds.USUAL);

        /** The record of a whole job of twenty mebibytes; its sentences are longer than anything that is typed. */
        static final Limits JOB = new Limits(4_000_000, 300_000, 4000);

        /** A bank: fifty thousand windings, read one at a time. */
        static final Limits BANK = new Limits(6_000_000, 50_001, TextBounds.USUAL);
    }

    private final Limits limits;
    private final String[] names = new String[DEEPEST + 1];
    private final int[] counts = new int[DEEPEST + 1];
    private final boolean[] lists = new boolean[DEEPEST + 1];
    private int depth;
    private int values;

    private JsonShape(Limits limits) {
        this.limits = limits;
    }

    /**
     * Walks to the end of {@code parser}.
     *
     * @throws InvalidInputException at the first thing that is too much
     */
    static void check(JsonParser parser, Limits limits) {
        new JsonShape(limits).walk(parser);
    }

    private void walk(JsonParser parser) {
        for (JsonToken token = parser.nextToken(); token != null; token = parser.nextToken()) {
            switch (token) {
                case START_OBJECT, START_ARRAY -> {
                    entry();
                    if (depth == DEEPEST) {
                        throw refused(path(), Problem.Code.RANGE, "is nested deeper than " + DEEPEST + " levels");
                    }
                    depth++;
                    counts[depth] = 0;
                    names[depth] = null;
                    lists[depth] = token == JsonToken.START_ARRAY;
                }
                case END_OBJECT, END_ARRAY -> depth--;
                case PROPERTY_NAME -> name(parser.currentName());
                default -> value(parser, token);
            }
        }
    }

    private void name(String name) {
        if (name.length() > TextBounds.FIELD_NAME) {
            throw refused(
                    path(),
                    Problem.Code.RANGE,
                    "has a name of " + name.length() + " characters; at most " + TextBounds.FIELD_NAME + " fit");
        }
        TextBounds.unprintable("", name).ifPresent(p -> {
            throw refused(path(), Problem.Code.SYNTAX, "has a name with a character no page can print");
        });
        names[depth] = name;
        if (++counts[depth] > MOST_FIELDS) {
            names[depth] = null;
            throw refused(path(), Problem.Code.COUNT, "has more than " + MOST_FIELDS + " fields");
        }
    }

    private void value(JsonParser parser, JsonToken token) {
        entry();
        if (token == JsonToken.VALUE_STRING) {
            text(parser.getString());
        } else if (token == JsonToken.VALUE_NUMBER_INT || token == JsonToken.VALUE_NUMBER_FLOAT) {
            figure(parser.getString());
        }
    }

    /** Counts what stands at this place: a value of its own, or an entry of the list around it. */
    private void entry() {
        if (++values > limits.values()) {
            throw refused("", Problem.Code.COUNT, "holds more than " + limits.values() + " values");
        }
        if (depth > 0 && lists[depth] && ++counts[depth] > limits.entries()) {
            depth--;
            throw refused(path(), Problem.Code.COUNT, "has more than " + limits.entries() + " entries");
        }
    }

    private void text(String text) {
        if (text.isEmpty()) {
            return;
        }
        String last = last();
        int most = Math.max(limits.text(), TextBounds.of(last));
        if (text.length() > most) {
            throw refused(path(), Problem.Code.RANGE, "has " + text.length() + " characters; at most " + most + " fit");
        }
        if (TextBounds.unprintable(last, text).isPresent()) {
            Optional<Problem> named = TextBounds.unprintable(path(), text);
            throw new InvalidInputException(List.of(named.orElseThrow()));
        }
    }

    private void figure(String figure) {
        int e = Math.max(figure.indexOf('e'), figure.indexOf('E'));
        if (figure.length() > MOST_FIGURES) {
            throw refused(path(), Problem.Code.RANGE, "is a figure of " + figure.length() + " characters");
        }
        if (e >= 0 && Math.abs(exponent(figure.substring(e + 1))) > LARGEST_EXPONENT) {
            throw refused(path(), Problem.Code.RANGE, "is " + figure + "; a figure lies between 1e-12 and 1e12");
        }
    }

    private static long exponent(String text) {
        return text.length() > 9 ? Long.MAX_VALUE : Long.parseLong(text.startsWith("+") ? text.substring(1) : text);
    }

    /** The name of the field that holds what is read now. */
    private String last() {
        for (int i = depth; i > 0; i--) {
            if (!lists[i] && names[i] != null) {
                return names[i];
            }
        }
        return "";
    }

    private String path() {
        StringBuilder path = new StringBuilder();
        for (int i = 1; i <= depth; i++) {
            if (lists[i]) {
                path.append('[').append(Math.max(0, counts[i] - 1)).append(']');
            } else if (names[i] != null) {
                path.append(path.isEmpty() ? "" : ".").append(names[i]);
            }
        }
        return path.toString();
    }

    private static InvalidInputException refused(String path, Problem.Code code, String what) {
        return new InvalidInputException(
                List.of(new Problem(path, code, (path.isEmpty() ? "The body" : path) + " " + what)));
    }
}
