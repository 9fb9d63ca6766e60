package app.brasskettle.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
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

    /** A task of the next hours stays as it was told where nothing would end it by so much earlier. */
    private static final int KEEPS_IT_MINUTES = 30;

    private final ShopProblem problem;
    private final Map<String, List<PlanTask>> byJob = new HashMap<>();
    private final Map<String, List<Worker>> able = new HashMap<>();
    private final Map<PlaceKind, List<Place>> places = new EnumMap<>(PlaceKind.class);

    /** Makes plans of one shop. */
    public ListSchedule(ShopProblem problem) {
        this.problem = problem;
        problem.jobs().forEach(j -> byJob.put(j.tag(), problem.of(j.tag())));
        problem.places()
                .forEach(p ->
                        places.computeIfAbsent(p.kind(), k -> new ArrayList<>()).add(p));
        problem.tasks()
                .forEach(t -> able.computeIfAbsent(
                        t.code(),
                        c -> problem.workers().stream().filter(w -> w.can(t)).toList()));
    }

    /**
     * A plan, and what could not be planned.
     *
     * @param plan what could
     * @param unplanned tasks that nobody can do, or no hours are left for; and those that follow them
     */
    public record Made(ShopPlan plan, List<PlanTask> unplanned) {}

    /** Makes a plan of a shop once. */
    public static Made of(ShopProblem problem, List<String> order) {
        return new ListSchedule(problem).make(order);
    }

    /**
     * Makes a plan. What is under way comes first, whatever the order.
     *
     * @param order tags of motors, each as often as it has tasks; what is missing in it comes last
     */
    public Made make(List<String> order) {
        Map<String, Integer> next = new HashMap<>();
        Map<String, Integer> free = new HashMap<>();
        Timetable timetable = new Timetable();
        List<Booked> booked = new ArrayList<>();
        List<PlanTask> unplanned = new ArrayList<>();
        List<String> whole = new ArrayList<>();
        for (PlanJob j : problem.jobs()) {
            List<PlanTask> tasks = byJob.get(j.tag());
            free.put(j.tag(), j.ready());
            if (!tasks.isEmpty() && problem.underWay().contains(tasks.get(0).id())) {
                whole.add(j.tag());
            }
        }
        whole.addAll(order);
        problem.jobs().forEach(j -> byJob.get(j.tag()).forEach(t -> whole.add(j.tag())));
        for (String tag : whole) {
            List<PlanTask> tasks = byJob.getOrDefault(tag, List.of());
            int turn = next.getOrDefault(tag, 0);
            if (turn >= tasks.size()) {
                continue;
            }
            PlanTask task = tasks.get(turn);
            Optional<Booked> best = best(timetable, task, free.get(tag));
            if (best.isEmpty()) {
                unplanned.addAll(tasks.subList(turn, tasks.size()));
                next.put(tag, tasks.size());
                continue;
            }
            next.put(tag, turn + 1);
            booked.add(best.get());
            free.put(tag, best.get().end());
        }
        return new Made(new ShopPlan(booked), List.copyOf(unplanned));
    }

    /** The booking that ends first; of those, by who was told so, then as early as can be. */
    private Optional<Booked> best(Timetable timetable, PlanTask task, int from) {
        Optional<Booked> told = Optional.ofNullable(problem.told().get(task.id()));
        Optional<Booked> held = told.filter(t -> problem.underWay().contains(task.id()) && !task.setDown());
        List<Worker> can = task.workMinutes() == 0 ? List.of(NOBODY) : able.get(task.code());
        Optional<Booked> soon = told.filter(t -> t.start() < PlanRule.TOLD_MINUTES);
        String who = told.map(Booked::worker).orElse("");
        Booked best = null;
        Place where = null;
        Comparator<Booked> better = Comparator.<Booked>comparingInt(
                        b -> b.end() - (soon.filter(b::keeps).isPresent() ? KEEPS_IT_MINUTES : 0))
                .thenComparing(b -> b.worker().equals(who) ? 0 : 1)
                .thenComparing(Comparator.comparingInt(Booked::start).reversed());
        for (Place place : places.getOrDefault(task.place(), List.of())) {
            if (held.filter(h -> !h.place().equals(place.name())).isPresent()) {
                continue;
            }
            for (Worker worker : can) {
                if (task.workMinutes() > 0
                        && held.filter(h -> !h.worker().equals(worker.name())).isPresent()) {
                    continue;
                }
                List<Integer> begins = new ArrayList<>(List.of(from));
                soon.filter(t -> t.worker().equals(worker.name()) && t.start() > from)
                        .ifPresent(t -> begins.add(t.start()));
                for (int begin : begins) {
                    Optional<Booked> b = timetable.earliest(task, worker, place, begin);
                    if (b.isPresent() && (best == null || better.compare(b.get(), best) < 0)) {
                        best = b.get();
                        where = place;
                    }
                }
            }
        }
        if (best != null) {
            timetable.keep(best, where);
        }
        return Optional.ofNullable(best);
    }
}
