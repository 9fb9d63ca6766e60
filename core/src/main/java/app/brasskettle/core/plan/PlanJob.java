package app.brasskettle.core.plan;

import java.util.Optional;

/**
 * A motor in the shop.
 *
 * @param tag its tag
 * @param ready minute from which it can be worked on
 * @param promised minute it is promised for; empty where nothing was
 * @param costPerHour what an hour of outage costs its customer
 * @param rush whether it is a rush job
 */
public record PlanJob(String tag, int ready, Optional<Integer> promised, double costPerHour, boolean rush) {

    /** From when on it is late: its promise; a rush job that was promised nothing is late from when it came. */
    Optional<Integer> due() {
        return promised.isEmpty() && rush ? Optional.of(ready) : promised;
    }
}
