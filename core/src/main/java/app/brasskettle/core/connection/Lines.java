package app.brasskettle.core.connection;

import app.brasskettle.core.worksheet.Problems;
import java.util.Arrays;
import java.util.List;

/**
 * Leads on the three lines of the supply.
 *
 * @param a leads on line a
 * @param b leads on line b
 * @param c leads on line c
 */
public record Lines(List<String> a, List<String> b, List<String> c) {

    public Lines {
        a = Problems.copy(a);
        b = Problems.copy(b);
        c = Problems.copy(c);
    }

    /** Returns the leads line by line. */
    List<List<String>> all() {
        // A line that is missing is blamed by whoever checks them.
        return Arrays.asList(a, b, c);
    }
}
