package app.brasskettle.core.plan;

import app.brasskettle.core.worksheet.Coded;

/** Where a task is done. */
public enum PlaceKind implements Coded {
    BENCH,
    WINDER,
    BURNOUT_OVEN,
    BAKE_OVEN,
    DIP_TANK,
    LATHE,
    BALANCER,
    TEST_BAY,
    OUTSIDE;

    /** Whether several motors share one run of it, at one temperature. */
    public boolean batches() {
        return this == BURNOUT_OVEN || this == BAKE_OVEN;
    }
}
