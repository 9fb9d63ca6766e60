package app.brasskettle.core.connection;

import app.brasskettle.core.worksheet.Problems;
import java.util.List;

/**
 * What is done with the leads outside the winding.
 *
 * @param lines leads on each line
 * @param joined leads joined with one another and with no line
 * @param poles poles this connection is asked for, even, 2 to 120
 */
public record OutsideConnection(Lines lines, List<List<String>> joined, int poles) {

    public OutsideConnection {
        joined = Problems.copy(joined);
    }
}
