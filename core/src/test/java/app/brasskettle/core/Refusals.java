package app.brasskettle.core;

import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import java.util.List;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;

/** What an input is refused for. */
public final class Refusals {

    private Refusals() {}

    /** Every problem that {@code building} is refused with; fails when it is not refused. */
    public static List<Problem> of(ThrowingCallable building) {
        InvalidInputException refused = catchThrowableOfType(InvalidInputException.class, building);
        if (refused == null) {
            throw new AssertionError("expected a refusal, and it was accepted");
        }
        return refused.problems();
    }

    /** The fields that {@code building} is refused for. */
    public static List<String> fields(ThrowingCallable building) {
        return of(building).stream().map(Problem::field).toList();
    }
}
