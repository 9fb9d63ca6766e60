package app.brasskettle.core.oven;

import app.brasskettle.core.worksheet.Asked;
import app.brasskettle.core.worksheet.Problems;

/**
 * Temperature of the part at one moment.
 *
 * @param minutes since the log began
 * @param partC of the part itself, never of the oven's air
 */
public record OvenReading(
        @Asked("since the start") double minutes,
        @Asked("the part") double partC) {

    public OvenReading {
        Problems problems = new Problems();
        problems.number("minutes", minutes, "min");
        problems.temperature("partC", partC);
        problems.throwIfAny();
    }
}
