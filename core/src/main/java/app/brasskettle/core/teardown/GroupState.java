package app.brasskettle.core.teardown;

import app.brasskettle.core.worksheet.Coded;

/** Look of a group of coils, from sound to ruined. */
public enum GroupState implements Coded {
    BRIGHT,
    WARM,
    DULL,
    DARK,
    BURST;

    /** How far heat has gone, 0 to 3; a burst coil counts as dark in a pattern. */
    int heat() {
        return Math.min(ordinal(), 3);
    }
}
