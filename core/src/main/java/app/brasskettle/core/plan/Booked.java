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

    /** The same as it looks so many minutes later; what is over then lies before minute 0. */
    public Booked seenLater(int minutes) {
        return new Booked(
                task,
                worker,
                place,
                work.stream()
                        .map(w -> new Span(w.from() - minutes, w.to() - minutes))
                        .toList(),
                end - minutes);
    }

    /** Whether it is as {@code told}: by the same person, at the same time but for what nobody notices. */
    boolean keeps(Booked told) {
        return worker.equals(told.worker()) && Math.abs(start() - told.start()) <= PlanRule.SAME_MINUTES;
    }

    /** Minute it begins. */
    public int start() {
        return work.isEmpty() ? end - task.runMinutes() : work.get(0).from();
    }

    /** Minute from which it runs alone. */
    public int runs() {
        return end - task.runMinutes();
    }
}
