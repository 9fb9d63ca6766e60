package app.brasskettle.core.worksheet;

import java.util.List;
import java.util.stream.Collectors;

/** Refusal of an input, carrying every problem found in it. */
public final class InvalidInputException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient List<Problem> problems;

    public InvalidInputException(List<Problem> problems) {
        super(problems.stream().map(Problem::message).collect(Collectors.joining("; ")));
        this.problems = List.copyOf(problems);
    }

    /** Every problem found, in the order of the fields. */
    public List<Problem> problems() {
        return problems;
    }
}
