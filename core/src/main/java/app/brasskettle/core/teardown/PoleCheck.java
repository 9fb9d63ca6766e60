package app.brasskettle.core.teardown;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;

/**
 * Poles of an open stator felt with a steel blade, a few volts of alternating current on one phase after the other.
 *
 * @param poles of the winding
 * @param felt what the blade felt at each pole, in their order round the bore
 */
public record PoleCheck(int poles, List<Pull> felt) {

    /** What a blade feels at a pole. */
    public enum Pull implements Coded {
        PULLS,
        WEAK,
        NONE
    }

    private static final int MAX_POLES = 120;

    public PoleCheck {
        felt = Problems.copy(felt);
        Problems problems = new Problems();
        if (problems.whole("poles", poles, 2, MAX_POLES, "") && poles % 2 != 0) {
            problems.add("poles", Problem.Code.RANGE, "poles is " + poles + "; poles come in pairs");
        }
        if (problems.size("felt", felt, 1, MAX_POLES) && problems.clear("poles") && felt.size() != poles) {
            problems.add(
                    "felt",
                    Problem.Code.CONTRADICTION,
                    "felt has " + felt.size() + " entries; the winding has " + poles + " poles");
        }
        problems.throwIfAny();
    }
}
