package app.brasskettle.core.cause;

import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.teardown.CoilMap;
import app.brasskettle.core.teardown.GroupState;
import app.brasskettle.core.teardown.Spot;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;

/**
 * Everything known about a failed motor that bears on its cause.
 *
 * @param connection how the phases are joined
 * @param poles number of poles
 * @param groups state of each group of coils, clockwise from lead 1; none while unpainted
 * @param spots single burns
 * @param evidence pieces from complaint, findings and tests, none twice
 */
public record FailurePattern(
        Connection connection, int poles, List<GroupState> groups, List<Spot> spots, List<Evidence> evidence) {

    private static final int MAX_EVIDENCE = 1000;

    public FailurePattern {
        groups = Problems.copy(groups);
        spots = Problems.copy(spots);
        evidence = Problems.copy(evidence);
        Problems problems = new Problems();
        CoilMap.check(connection, poles, groups, spots, problems);
        if (problems.size("evidence", evidence, 0, MAX_EVIDENCE)) {
            problems.distinct(evidence, i -> "evidence[" + i + "]");
        }
        problems.throwIfAny();
    }

    CoilMap map() {
        return new CoilMap(connection, poles, groups, spots);
    }
}
