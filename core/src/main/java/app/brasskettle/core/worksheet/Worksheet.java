package app.brasskettle.core.worksheet;

import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * One pure computation of the trade.
 *
 * @param name name by which scripts call it, for example {@code winding-resistance}
 * @param title name by which people call it
 * @param inputType record of what it needs; its constructor refuses bad figures, all at once
 * @param sources standards and rules the computation rests on
 * @param work the computation
 * @param <I> what it needs
 * @param <R> what it answers
 */
public record Worksheet<I extends Record, R extends Record>(
        String name, String title, Class<I> inputType, List<String> sources, Function<I, R> work) {

    public Worksheet {
        sources = List.copyOf(sources);
    }

    /**
     * The answer to an input given as plain maps, lists, strings, numbers and booleans.
     *
     * @throws InvalidInputException with all problems when the input cannot be used
     */
    public R answer(Map<String, ?> input) {
        return work.apply(read(input));
    }

    /**
     * The input record read from plain maps, lists, strings, numbers and booleans.
     *
     * @throws InvalidInputException with all problems when it cannot be read
     */
    public I read(Map<String, ?> input) {
        return RecordReader.read(inputType, input);
    }
}
