package app.brasskettle.server.planning;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * What people were told.
 *
 * @param id number of the plan
 * @param acceptedAt when somebody accepted it
 * @param acceptedBy who
 * @param tasks in the order in which they begin
 */
public record ToldPlan(long id, OffsetDateTime acceptedAt, String acceptedBy, List<Task> tasks) {

    /**
     * A task.
     *
     * @param id of the task
     * @param job tag of its motor
     * @param words whose motor it is and what it drives
     * @param name what is done
     * @param worker who; empty where it runs alone
     * @param place where
     * @param work when somebody is at it
     * @param from when the place is taken
     * @param to when the place is free again
     */
    public record Task(
            String id,
            String job,
            String words,
            String name,
            String worker,
            String place,
            List<Stretch> work,
            OffsetDateTime from,
            OffsetDateTime to) {}

    /** From a time to another. */
    public record Stretch(OffsetDateTime from, OffsetDateTime to) {}

    static ToldPlan of(PlanView.Shown plan) {
        Map<String, String> words =
                plan.motors().stream().collect(Collectors.toMap(PlanView.Motor::tag, PlanView.Motor::words));
        return new ToldPlan(
                plan.id(),
                plan.decidedAt().orElseThrow(),
                plan.decidedBy().orElseThrow(),
                plan.items().stream()
                        .map(i -> new Task(
                                i.task(),
                                i.job(),
                                words.getOrDefault(i.job(), ""),
                                i.name(),
                                i.worker(),
                                i.place(),
                                i.work().stream()
                                        .map(s -> new Stretch(s.from(), s.to()))
                                        .toList(),
                                i.start(),
                                i.end()))
                        .toList());
    }
}
