package app.brasskettle.core.worksheet;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** A term of the trade with the code that stands for it in records, files and messages. */
public interface Coded {

    /** Returns the term as records hold it, lower case with hyphens between its parts: {@code random-wound}. */
    default String code() {
        return ((Enum<?>) this).name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Returns the term as running text has it: {@code random wound}, {@code non-drive end}. */
    default String label() {
        return code().replace('-', ' ').replace("non ", "non-");
    }

    /**
     * Reads a code.
     *
     * @param type the terms there can be
     * @param text code of one of them
     * @return the constant of {@code type}; empty when none has that code
     */
    static <E extends Enum<E> & Coded> Optional<E> parse(Class<E> type, String text) {
        return Arrays.stream(type.getEnumConstants())
                .filter(c -> c.code().equals(text))
                .findFirst();
    }

    /** Returns the codes of all terms of {@code type}, in order, as one line for a message. */
    static String choices(Class<?> type) {
        return Arrays.stream(type.getEnumConstants())
                .map(c -> ((Coded) c).code())
                .collect(Collectors.joining(", "));
    }
}
