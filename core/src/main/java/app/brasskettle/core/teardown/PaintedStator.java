package app.brasskettle.core.teardown;

import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * A coil map with the place of each spot, as a technician paints it.
 *
 * @param connection how the phases are joined
 * @param poles number of poles
 * @param groups state of each group, clockwise from lead 1; none while unpainted
 * @param spots burns with the group they sit in
 * @param groupCoils coils in each group, where they are not alike
 * @param circuits parallel circuits of each phase
 * @param worseEnd end on which the winding looks worse
 */
public record PaintedStator(
        Connection connection,
        int poles,
        List<GroupState> groups,
        List<PlacedSpot> spots,
        Optional<List<Integer>> groupCoils,
        Optional<Integer> circuits,
        Optional<WorseEnd> worseEnd) {

    /** End of the stator. */
    public enum WorseEnd implements Coded {
        DRIVE_END,
        NON_DRIVE_END,
        BOTH_ALIKE
    }

    /**
     * A burn in its place.
     *
     * @param group number of the group, from 1
     * @param spot what kind of place
     */
    public record PlacedSpot(int group, Spot spot) {

        public PlacedSpot {
            Problems problems = new Problems();
            problems.whole("group", group, 1, 360, "");
            problems.present("spot", spot);
            problems.throwIfAny();
        }
    }

    private static final int MAX_COILS = 60;

    public PaintedStator {
        groups = Problems.copy(groups);
        spots = Problems.copy(spots);
        groupCoils = Problems.orEmpty(groupCoils).map(Problems::copy).filter(c -> !c.isEmpty());
        circuits = Problems.orEmpty(circuits);
        worseEnd = Problems.orEmpty(worseEnd);
        Problems problems = new Problems();
        CoilMap.check(connection, poles, groups, List.of(), problems);
        if (problems.size("spots", spots, 0, 360) && problems.clear("poles", "groups")) {
            int count = groups.isEmpty() ? 3 * poles : groups.size();
            for (int i = 0; i < spots.size(); i++) {
                if (spots.get(i).group() > count) {
                    problems.add(
                            "spots[" + i + "].group",
                            Problem.Code.CONTRADICTION,
                            "spots[" + i + "].group is " + spots.get(i).group() + "; this stator has " + count
                                    + " groups");
                }
            }
        }
        if (problems.clear("groups")) {
            int there = groups.size();
            groupCoils.ifPresent(coils -> uneven(coils, there, problems));
        }
        circuits.ifPresent(c -> problems.whole("circuits", c, 1, Math.max(1, poles), ""));
        problems.throwIfAny();
    }

    private static void uneven(List<Integer> coils, int groups, Problems problems) {
        if (!problems.size("groupCoils", coils, 0, 360)) {
            return;
        }
        if (coils.size() != groups) {
            problems.add(
                    "groupCoils",
                    Problem.Code.COUNT,
                    "groupCoils has " + coils.size() + " entries; this stator has " + groups + " groups");
        }
        for (int i = 0; i < coils.size(); i++) {
            problems.whole("groupCoils[" + i + "]", coils.get(i), 1, MAX_COILS, "");
        }
    }

    public CoilMap map() {
        return new CoilMap(
                connection, poles, groups, spots.stream().map(PlacedSpot::spot).toList(), circuits);
    }
}
