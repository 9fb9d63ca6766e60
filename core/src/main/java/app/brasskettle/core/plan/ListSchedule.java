package app.brasskettle.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Makes a plan of an order: motor after motor as the order names them, each time its next task, as early as people and place allow
 * (serial schedule generation). Whatever the order, no rule is broken.
 */
public final class ListSchedule {

    private static final Worker NOBODY = new Worker("", Set.of(), List.of());

    private ListSchedule() {}

    /**
     * A plan, and what could not be planned.
     *
     * @param plan what could
     * @param unplanned tasks that nobody can do, or no hours are left for; and those that follow them
     */
    public record Made(ShopPlan plan, List<PlanTask> unplanned) {}

    /**
     * Makes a plan.
     *
     * @param order tags of motors, each as often as it has tasks; what is missing in it comes last
     */
    public static Made of(ShopProblem problem, List<String> order) {
        Map<String, List<PlanTask>> open = new HashMap<>();
        Map<String, Integer> free = new HashMap<>();
        problem.jobs().forEach(j -> {
            open.put(j.tag(), new ArrayList<>(problem.of(j.tag())));
            free.put(j.tag(), j.ready());
        });
        List<String> whole = new ArrayList<>(order);
        problem.jobs().forEach(j -> problem.of(j.tag()).forEach(t -> whole.add(j.tag())));
        Timetable timetable = new Timetable();
        List<Booked> booked = new ArrayList<>();
        List<PlanTask> unplanned = new ArrayList<>();
        for (String tag : whole) {
            List<PlanTask> rest = open.getOrDefault(tag, List.of());
            if (rest.isEmpty()) {
                continue;
            }
            PlanTask task = rest.remove(0);
            Optional<Booked> best = best(problem, timetable, task, free.get(tag));
            if (best.isEmpty()) {
                unplanned.add(task);
                unplanned.addAll(rest);
                rest.clear();
                continue;
            }
            booked.add(best.get());
            free.put(tag, best.get().end());
        }
        return new Made(new ShopPlan(booked), List.copyOf(unplanned));
    }

    /** The booking that ends first; of those, by who was told so, then as early as can be. */
    private static Optional<Booked> best(ShopProblem problem, Timetable timetable, PlanTask task, int from) {
        List<Worker> can = task.workMinutes() == 0
                ? List.of(NOBODY)
                : problem.workers().stream().filter(w -> w.can(task)).toList();
        String told = Optional.ofNullable(problem.told().get(task.id()))
                .map(Booked::worker)
                .orElse("");
        Booked best = null;
        Place where = null;
        Comparator<Booked> better = Comparator.comparingInt(Booked::end)
                .thenComparing(b -> b.worker().equals(told) ? 0 : 1)
                .thenComparing(Comparator.comparingInt(Booked::start).reversed());
        for (Place place : problem.places()) {
            if (place.kind() != task.place()) {
                continue;
            }
            for (Worker worker : can) {
                Optional<Booked> b = timetable.earliest(task, worker, place, from);
                if (b.isPresent() && (best == null || better.compare(b.get(), best) < 0)) {
                    best = b.get();
                    where = place;
                }
            }
        }
        if (best != null) {
            timetable.keep(best, where);
        }
        return Optional.ofNullable(best);
    }
}
