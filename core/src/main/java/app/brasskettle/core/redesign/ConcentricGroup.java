package app.brasskettle.core.redesign;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;

/**
 * A concentric winding, and the lap winding that is to take its place.
 *
 * @param slots number of slots, a multiple of 3·poles
 * @param poles number of poles
 * @param groupsPerPhase groups of a phase: as many as poles, or half of it
 * @param parallelCircuits circuits side by side, dividing the groups of a phase
 * @param coils coils of one group, about one axis
 * @param lapSpanSlots pitch of the lap coils
 * @param lapParallelCircuits circuits of the lap winding, dividing the poles
 */
public record ConcentricGroup(
        int slots,
        int poles,
        int groupsPerPhase,
        int parallelCircuits,
        List<ConcentricCoil> coils,
        int lapSpanSlots,
        int lapParallelCircuits) {

    private static final int MAX_SLOTS = 720;
    private static final int MAX_POLES = 120;

    /**
     * A coil of a concentric group.
     *
     * @param spanSlots slots from its one side to the other
     * @param turns its turns, to 10,000
     */
    public record ConcentricCoil(int spanSlots, int turns) {

        private static final int MAX_TURNS = 10_000;

        public ConcentricCoil {
            Problems problems = new Problems();
            problems.whole("spanSlots", spanSlots, 1, MAX_SLOTS, "slots");
            problems.whole("turns", turns, 1, MAX_TURNS, "turns");
            problems.throwIfAny();
        }
    }

    public ConcentricGroup {
        coils = Problems.copy(coils);
        Problems problems = new Problems();
        problems.whole("slots", slots, 1, MAX_SLOTS, "");
        if (problems.whole("poles", poles, 2, MAX_POLES, "") && poles % 2 != 0) {
            problems.add("poles", Problem.Code.RANGE, "poles is " + poles + "; poles come in pairs");
        }
        problems.whole("groupsPerPhase", groupsPerPhase, 1, Integer.MAX_VALUE, "");
        problems.whole("parallelCircuits", parallelCircuits, 1, Integer.MAX_VALUE, "");
        problems.whole("lapSpanSlots", lapSpanSlots, 1, Integer.MAX_VALUE, "slots");
        problems.whole("lapParallelCircuits", lapParallelCircuits, 1, Integer.MAX_VALUE, "");
        boolean listed = problems.size("coils", coils, 1, MAX_SLOTS);
        if (problems.clear("slots", "poles")) {
            if (slots % (3 * poles) != 0) {
                problems.add(
                        "slots",
                        Problem.Code.CONTRADICTION,
                        "slots is " + slots + "; lap groups alike need a multiple of " + 3 * poles);
            }
            span("lapSpanSlots", lapSpanSlots, slots, poles, problems);
            for (int i = 0; listed && i < coils.size(); i++) {
                span("coils[" + i + "].spanSlots", coils.get(i).spanSlots(), slots, poles, problems);
            }
        }
        if (listed) {
            oneAxis(coils, problems);
        }
        circuits(poles, groupsPerPhase, parallelCircuits, lapParallelCircuits, problems);
        problems.throwIfAny();
    }

    private static void span(String field, int span, int slots, int poles, Problems problems) {
        if (problems.clear(field) && 2L * span * poles > 3L * slots) {
            problems.add(
                    field,
                    Problem.Code.CONTRADICTION,
                    field + " is " + span + "; with " + slots + " slots and " + poles + " poles it is at most "
                            + 3L * slots / (2L * poles) + " slots");
        }
    }

    /** Checks that coils lie about one axis: their spans differ from one another, all even or all odd. */
    public static void oneAxis(List<ConcentricCoil> coils, Problems problems) {
        problems.distinct(coils.stream().map(ConcentricCoil::spanSlots).toList(), i -> "coils[" + i + "].spanSlots");
        for (int i = 1; i < coils.size(); i++) {
            String field = "coils[" + i + "].spanSlots";
            if ((coils.get(i).spanSlots() - coils.get(0).spanSlots()) % 2 != 0 && problems.clear(field)) {
                problems.add(
                        field,
                        Problem.Code.CONTRADICTION,
                        field + " is " + coils.get(i).spanSlots() + "; beside a span of "
                                + coils.get(0).spanSlots() + " it has another axis");
            }
        }
    }

    private static void circuits(
            int poles, int groupsPerPhase, int parallelCircuits, int lapParallelCircuits, Problems problems) {
        groups(poles, groupsPerPhase, problems);
        circuits(groupsPerPhase, parallelCircuits, problems);
        if (problems.clear("poles", "lapParallelCircuits") && poles % lapParallelCircuits != 0) {
            problems.add(
                    "lapParallelCircuits",
                    Problem.Code.CONTRADICTION,
                    "lapParallelCircuits is " + lapParallelCircuits + "; it must divide " + poles);
        }
    }

    /** Checks that a phase has as many groups as poles, or half of it. */
    public static void groups(int poles, int groupsPerPhase, Problems problems) {
        if (problems.clear("poles", "groupsPerPhase") && groupsPerPhase != poles && 2 * groupsPerPhase != poles) {
            problems.add(
                    "groupsPerPhase",
                    Problem.Code.CONTRADICTION,
                    "groupsPerPhase is " + groupsPerPhase + "; " + poles + " poles have " + poles + " or " + poles / 2);
        }
    }

    /** Checks that the circuits of a phase divide its groups. */
    public static void circuits(int groupsPerPhase, int parallelCircuits, Problems problems) {
        if (problems.clear("groupsPerPhase", "parallelCircuits") && groupsPerPhase % parallelCircuits != 0) {
            problems.add(
                    "parallelCircuits",
                    Problem.Code.CONTRADICTION,
                    "parallelCircuits is " + parallelCircuits + "; it must divide the " + groupsPerPhase
                            + " groups of a phase");
        }
    }
}
