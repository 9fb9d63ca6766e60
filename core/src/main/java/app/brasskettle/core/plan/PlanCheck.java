package app.brasskettle.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Proves a plan without whatever made it: every rule it may not break is looked at on its own. */
public final class PlanCheck {

    /** A rule that is broken, and where. */
    public record Broken(PlanRule rule, String where) {}

    private final ShopProblem problem;
    private final ShopPlan plan;
    private final List<Broken> broken = new ArrayList<>();

    private PlanCheck(ShopProblem problem, ShopPlan plan) {
        this.problem = problem;
        this.plan = plan;
    }

    /** Lists what a plan breaks; nothing for one that may be shown. */
    public static List<Broken> of(ShopProblem problem, ShopPlan plan) {
        PlanCheck check = new PlanCheck(problem, plan);
        check.everyTask();
        plan.booked().forEach(check::alone);
        check.order();
        check.people();
        check.places();
        check.underWay();
        return List.copyOf(check.broken);
    }

    /**
     * A plan that breaks no rule; what could not be planned is the only thing that may be missing in it.
     *
     * @throws IllegalStateException where it breaks one: then whatever made it is wrong, and nobody may see it
     */
    public static ShopPlan proved(ShopProblem problem, ListSchedule.Made made) {
        List<Broken> broken = of(problem, made.plan());
        if (broken.size() != made.unplanned().size()) {
            throw new IllegalStateException("A plan that breaks a rule: " + broken);
        }
        return made.plan();
    }

    private void blame(PlanRule rule, String where) {
        broken.add(new Broken(rule, where));
    }

    private void everyTask() {
        Set<String> seen = new HashSet<>();
        plan.booked().forEach(b -> {
            if (!seen.add(b.task().id())) {
                blame(PlanRule.EVERY_TASK, b.task().id() + " twice");
            }
        });
        problem.tasks().stream()
                .filter(t -> !seen.contains(t.id()))
                .forEach(t -> blame(PlanRule.EVERY_TASK, t.id() + " is missing"));
    }

    /** What can be seen of one task: ready, skill, hours, its length, its place. */
    private void alone(Booked b) {
        PlanTask t = b.task();
        if (b.start() < problem.job(t).ready()) {
            blame(PlanRule.READY, t.id());
        }
        int worked = b.work().stream().mapToInt(Span::minutes).sum();
        if (worked != t.workMinutes()) {
            blame(PlanRule.EVERY_TASK, t.id() + " has " + worked + " of " + t.workMinutes() + " min");
        }
        if (b.work().size() > 1 && !t.setDown()) {
            blame(PlanRule.IN_ONE_GO, t.id());
        }
        for (int i = 1; i < b.work().size(); i++) {
            if (b.work().get(i).from() < b.work().get(i - 1).to()) {
                blame(PlanRule.ONE_AT_A_TIME, t.id() + " with itself");
            }
        }
        if (!b.work().isEmpty() && b.work().get(b.work().size() - 1).to() > b.runs()) {
            blame(PlanRule.PLACE, t.id() + " runs before it is loaded");
        }
        problem.workers().stream()
                .filter(w -> w.name().equals(b.worker()))
                .findFirst()
                .ifPresentOrElse(w -> atWork(b, w), () -> {
                    if (t.workMinutes() > 0) {
                        blame(PlanRule.SKILL, t.id() + " by nobody");
                    }
                });
        if (problem.places().stream().noneMatch(p -> p.name().equals(b.place()) && p.kind() == t.place())) {
            blame(PlanRule.PLACE, t.id() + " at " + b.place());
        }
    }

    private void atWork(Booked b, Worker worker) {
        if (!worker.can(b.task())) {
            blame(PlanRule.SKILL, b.task().id() + " by " + worker.name());
        }
        for (Span work : b.work()) {
            if (worker.hours().stream().noneMatch(h -> h.from() <= work.from() && work.to() <= h.to())) {
                blame(PlanRule.AT_WORK, b.task().id() + " by " + worker.name());
            }
        }
    }

    private void order() {
        Map<String, Booked> by = new HashMap<>();
        plan.booked().forEach(b -> by.put(b.task().id(), b));
        for (PlanJob job : problem.jobs()) {
            Booked before = null;
            for (PlanTask t : problem.of(job.tag())) {
                Booked now = by.get(t.id());
                if (before != null && now != null && now.start() < before.end()) {
                    blame(
                            PlanRule.ORDER,
                            t.id() + " before the end of " + before.task().id());
                }
                before = now == null ? before : now;
            }
        }
    }

    private void people() {
        for (int i = 0; i < plan.booked().size(); i++) {
            for (int k = i + 1; k < plan.booked().size(); k++) {
                Booked a = plan.booked().get(i);
                Booked b = plan.booked().get(k);
                boolean same = a.worker().equals(b.worker()) && !a.worker().isEmpty();
                if (same && a.work().stream().anyMatch(x -> b.work().stream().anyMatch(x::overlaps))) {
                    blame(
                            PlanRule.ONE_AT_A_TIME,
                            a.worker() + ": " + a.task().id() + " and "
                                    + b.task().id());
                }
            }
        }
    }

    /** What has begun and cannot be set down: with whom and where it was, and nothing else there before it. */
    private void underWay() {
        for (Booked b : plan.booked()) {
            if (b.task().setDown() || !problem.underWay().contains(b.task().id())) {
                continue;
            }
            Booked told = problem.told().get(b.task().id());
            boolean elsewhere = !b.place().equals(told.place());
            boolean another = b.task().workMinutes() > 0 && !b.worker().equals(told.worker());
            boolean later = plan.booked().stream()
                    .filter(o -> !problem.underWay().contains(o.task().id()))
                    .anyMatch(o -> o.start() < b.start()
                            && (o.place().equals(b.place())
                                            && places(b)
                                                    .filter(p -> p.capacity() > 1
                                                            && !p.kind().batches())
                                                    .isEmpty()
                                    || !b.worker().isEmpty() && o.worker().equals(b.worker())));
            if (elsewhere || another || later) {
                blame(PlanRule.UNDER_WAY, b.task().id());
            }
        }
    }

    private Optional<Place> places(Booked b) {
        return problem.places().stream().filter(p -> p.name().equals(b.place())).findFirst();
    }

    private void places() {
        for (Place place : problem.places()) {
            List<Booked> there = plan.booked().stream()
                    .filter(b -> b.place().equals(place.name()))
                    .toList();
            for (Booked b : there) {
                long together = there.stream()
                        .filter(o -> o.start() <= b.start() && b.start() < o.end())
                        .count();
                if (together > place.capacity()) {
                    blame(
                            PlanRule.PLACE,
                            together + " at " + place.name() + " as " + b.task().id() + " begins");
                }
                if (place.kind().batches()) {
                    there.stream()
                            .filter(o -> o != b && !together(b, o))
                            .forEach(o -> blame(
                                    PlanRule.ONE_TEMPERATURE,
                                    place.name() + ": " + b.task().id() + " and "
                                            + o.task().id()));
                }
            }
        }
    }

    /** Two motors in one oven: apart in time, or loaded for one run of one temperature. */
    private static boolean together(Booked a, Booked b) {
        boolean apart = a.end() <= b.start() || b.end() <= a.start();
        return apart
                || a.runs() == b.runs()
                        && a.end() == b.end()
                        && a.task().temperatureC().equals(b.task().temperatureC());
    }
}
