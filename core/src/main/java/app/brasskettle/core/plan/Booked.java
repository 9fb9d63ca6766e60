package app.brasskettle.core.plan;

import java.util.List;

/**
 * A task with its people, place and time.
 *
 * @param task what
 * @param worker who, by name; empty for what nobody here does
 * @param place where, by name
 * @param work when somebody is at it: one stretch, or several where it is set down over the end of a shift
 * @param end minute the place is free again
 */
public record Booked(PlanTask task, String worker, String place, List<Span> work, int end) {

    public Booked {
        work = List.copyOf(work);
    }

    /** Minute it begins. */
    public int start() {
        return work.isEmpty() ? end - task.runMinutes() : work.get(0).from();
    }

    /** Minute from which it runs alone. */
    int runs() {
        return end - task.runMinutes();
    }
}
