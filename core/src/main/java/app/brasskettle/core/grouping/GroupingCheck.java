package app.brasskettle.core.grouping;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/** What no grouping of a three-phase lap winding can be, refused field by field under the same names on every sheet. */
public final class GroupingCheck {

    private static final int MAX_SLOTS = 720;
    private static final int MAX_POLES = 120;

    private GroupingCheck() {}

    /**
     * Refuses {@code slots}, {@code poles}, {@code spanSlots} and {@code groupPattern} that cannot be together.
     *
     * @param slots number of slots: a multiple of three, 3·poles/2 to 720
     * @param poles number of poles: even, 2 to 120
     * @param spanSlots coil pitch, 1 to one and a half pole pitches
     * @param groupPattern coils of each group: 3·poles of them, adding up to the slots
     * @return whether slots and poles can be believed, so that more can be asked of them
     */
    public static boolean check(
            int slots, int poles, int spanSlots, Optional<List<Integer>> groupPattern, Problems problems) {
        if (problems.whole("slots", slots, 1, MAX_SLOTS, "") && slots % 3 != 0) {
            problems.add(
                    "slots", Problem.Code.RANGE, "slots is " + slots + "; three phases need a multiple of three slots");
        }
        if (problems.whole("poles", poles, 2, MAX_POLES, "") && poles % 2 != 0) {
            problems.add("poles", Problem.Code.RANGE, "poles is " + poles + "; poles come in pairs");
        }
        problems.whole("spanSlots", spanSlots, 1, Integer.MAX_VALUE, "slots");
        boolean ring = problems.clear("slots", "poles");
        if (ring) {
            span(slots, poles, spanSlots, problems);
            if (2 * slots < 3 * poles) {
                problems.add(
                        "slots",
                        Problem.Code.CONTRADICTION,
                        "slots is " + slots + "; " + poles + " poles need " + 3 * poles / 2 + " slots or more");
            }
        }
        groupPattern.ifPresent(groups -> groups(slots, poles, groups, ring, problems));
        return ring;
    }

    private static void span(int slots, int poles, int spanSlots, Problems problems) {
        if (problems.clear("spanSlots") && 2L * spanSlots * poles > 3L * slots) {
            problems.add(
                    "spanSlots",
                    Problem.Code.CONTRADICTION,
                    "spanSlots is " + spanSlots + "; with " + slots + " slots and " + poles
                            + " poles it lies from 1 to " + 3L * slots / (2L * poles) + " slots");
        }
    }

    /** Refuses {@code parallelCircuits} that do not divide what the grouping allows; slots and poles are believed. */
    public static void circuits(int slots, int poles, int parallelCircuits, Problems problems) {
        int most = GroupRing.mostCircuits(slots, poles);
        if (problems.whole("parallelCircuits", parallelCircuits, 1, Integer.MAX_VALUE, "")
                && most % parallelCircuits != 0) {
            problems.add(
                    "parallelCircuits",
                    Problem.Code.CONTRADICTION,
                    "parallelCircuits is " + parallelCircuits + "; with " + slots + " slots and " + poles
                            + " poles it must divide " + most);
        }
    }

    private static void groups(int slots, int poles, List<Integer> groups, boolean ring, Problems problems) {
        for (int i = 0; i < groups.size(); i++) {
            String field = "groupPattern[" + i + "]";
            if (problems.present(field, groups.get(i))) {
                problems.whole(field, groups.get(i), 0, MAX_SLOTS, "coils");
            }
        }
        if (!ring || !problems.clear("groupPattern")) {
            return;
        }
        int sum = groups.stream().mapToInt(Integer::intValue).sum();
        if (groups.size() != 3 * poles) {
            problems.add(
                    "groupPattern",
                    Problem.Code.COUNT,
                    "groupPattern has " + groups.size() + " groups; " + poles + " poles need " + 3 * poles);
        } else if (sum != slots) {
            problems.add(
                    "groupPattern",
                    Problem.Code.CONTRADICTION,
                    "groupPattern adds up to " + sum + " coils; " + slots + " slots hold " + slots);
        }
    }
}
