package app.brasskettle.core.teardown;

import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * The stator seen from the connection end: the state of each group, clockwise from the one that holds lead 1's first
 * coil. Phases follow each other in the order A, C, B.
 *
 * @param connection how the phases are joined
 * @param poles number of poles
 * @param groups state of each group: 3·poles of them, half as many for consequent poles, or none while unpainted
 * @param spots single burns
 * @param circuits parallel circuits of each phase, where they are known
 */
public record CoilMap(
        Connection connection, int poles, List<GroupState> groups, List<Spot> spots, Optional<Integer> circuits) {

    private static final String[] ORDER = {"A", "C", "B"};

    public CoilMap {
        groups = Problems.copy(groups);
        spots = Problems.copy(spots);
        Problems problems = new Problems();
        check(connection, poles, groups, spots, problems);
        problems.throwIfAny();
    }

    /** A map whose circuits nobody has counted. */
    public CoilMap(Connection connection, int poles, List<GroupState> groups, List<Spot> spots) {
        this(connection, poles, groups, spots, Optional.empty());
    }

    /** Everything wrong with these as a coil map, added to {@code problems}. */
    public static void check(
            Connection connection, int poles, List<GroupState> groups, List<Spot> spots, Problems problems) {
        problems.present("connection", connection);
        if (problems.whole("poles", poles, 2, 120, "") && poles % 2 != 0) {
            problems.add("poles", Problem.Code.RANGE, "poles is " + poles + "; poles come in pairs");
        }
        problems.size("groups", groups, 0, 360);
        problems.size("spots", spots, 0, 10_000);
        if (problems.clear("poles", "groups") && !fits(groups.size(), poles)) {
            problems.add(
                    "groups",
                    Problem.Code.COUNT,
                    "groups has " + groups.size() + " entries; " + poles + " poles have " + 3 * poles + " groups, or "
                            + 3 * poles / 2 + " with consequent poles");
        }
    }

    private static boolean fits(int groups, int poles) {
        return groups == 0 || groups == 3 * poles || 2 * groups == 3 * poles;
    }

    /** Letter of the phase that group {@code index} (from 0) belongs to. */
    public static String phaseOf(int index) {
        return ORDER[index % 3];
    }

    /** What the map says, most telling fact first; empty while nothing is painted. */
    public List<MapFact> facts() {
        return new CoilMapAssessment(this).facts();
    }
}
