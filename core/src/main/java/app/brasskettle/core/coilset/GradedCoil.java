package app.brasskettle.core.coilset;

import app.brasskettle.core.worksheet.Problems;

/**
 * One coil of a group, about the group's axis.
 *
 * @param spanSlots slots from its one side to the other
 * @param turns its turns
 */
public record GradedCoil(int spanSlots, int turns) {

    private static final int MAX_SLOTS = 720;
    private static final int MAX_TURNS = 10_000;

    public GradedCoil {
        Problems problems = new Problems();
        problems.whole("spanSlots", spanSlots, 1, MAX_SLOTS, "slots");
        problems.whole("turns", turns, 1, MAX_TURNS, "turns");
        problems.throwIfAny();
    }
}
