package app.brasskettle.core.worksheet;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;

/** A term of the trade as it is written in records and messages: lower case, hyphens between its parts. */
public interface Word {

    /** The term as written, for example {@code random-wound}. */
    default String word() {
        return ((Enum<?>) this).name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }

    /** The constant of {@code type} written as {@code text}; empty when no constant is written so. */
    static <E extends Enum<E> & Word> Optional<E> parse(Class<E> type, String text) {
        return Arrays.stream(type.getEnumConstants())
                .filter(c -> c.word().equals(text))
                .findFirst();
    }

    /** All terms of {@code type}, in order, as one line for a message. */
    static String choices(Class<?> type) {
        return Arrays.stream(type.getEnumConstants())
                .map(c -> ((Word) c).word())
                .collect(Collectors.joining(", "));
    }
}
