package app.brasskettle.core.extension;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;

/**
 * A dial gauge on a shaft extension over a turn.
 *
 * @param extensionMm diameter of the extension
 * @param dialReadingsMm readings round one turn, signs as the dial gives them; four or more
 */
public record ShaftRunout(double extensionMm, List<Double> dialReadingsMm) {

    private static final int FEWEST = 4;
    private static final int MOST = 72;

    public ShaftRunout {
        dialReadingsMm = Problems.copy(dialReadingsMm);
        Problems problems = new Problems();
        if (problems.positive("extensionMm", extensionMm, "mm")
                && ShaftRunoutWorksheet.limitMm(extensionMm).isEmpty()) {
            problems.add(
                    "extensionMm",
                    Problem.Code.RANGE,
                    "extensionMm is " + extensionMm + " mm; the table of IEC 60072-1 used here ends at 120 mm");
        }
        if (problems.size("dialReadingsMm", dialReadingsMm, FEWEST, MOST)) {
            for (int i = 0; i < dialReadingsMm.size(); i++) {
                problems.number("dialReadingsMm[" + i + "]", dialReadingsMm.get(i), "mm");
            }
        }
        problems.throwIfAny();
    }
}
