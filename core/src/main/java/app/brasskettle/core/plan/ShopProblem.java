package app.brasskettle.core.plan;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Everything a plan is made of.
 *
 * @param jobs motors in the shop
 * @param tasks what is still to be done on them
 * @param workers people
 * @param places places
 * @param told what people were told last, by the id of the task: a plan keeps to it where it begins soon
 * @param underWay ids of tasks that have begun and are not set down: each stays with whom and where it was told
 */
public record ShopProblem(
        List<PlanJob> jobs,
        List<PlanTask> tasks,
        List<Worker> workers,
        List<Place> places,
        Map<String, Booked> told,
        Set<String> underWay) {

    public ShopProblem {
        jobs = List.copyOf(jobs);
        tasks = List.copyOf(tasks);
        workers = List.copyOf(workers);
        places = List.copyOf(places);
        told = Map.copyOf(told);
        underWay = Set.copyOf(underWay);
        Map<String, Integer> seen = new HashMap<>();
        for (String id : underWay) {
            if (!told.containsKey(id)) {
                throw new IllegalArgumentException(id + " is under way, and nobody was told of it");
            }
        }
        for (PlanTask t : tasks) {
            if (seen.merge(t.id(), 1, Integer::sum) > 1) {
                throw new IllegalArgumentException("Two tasks are called " + t.id());
            }
        }
    }

    /** A shop in which nothing has begun. */
    public ShopProblem(
            List<PlanJob> jobs,
            List<PlanTask> tasks,
            List<Worker> workers,
            List<Place> places,
            Map<String, Booked> told) {
        this(jobs, tasks, workers, places, told, Set.of());
    }

    /** The motor a task belongs to. */
    PlanJob job(PlanTask task) {
        return jobs.stream()
                .filter(j -> j.tag().equals(task.job()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No motor " + task.job() + " is in the plan"));
    }

    /** Tasks of one motor, in their order. */
    List<PlanTask> of(String job) {
        return tasks.stream()
                .filter(t -> t.job().equals(job))
                .sorted(Comparator.comparingInt(PlanTask::order))
                .toList();
    }
}
