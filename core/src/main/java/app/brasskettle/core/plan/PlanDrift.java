package app.brasskettle.core.plan;

import app.brasskettle.core.worksheet.Coded;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Where the shop has left its plan: what took longer, what came in, who is away. Any of it is a reason to plan anew.
 *
 * @param kind what happened
 * @param job motor it is about; empty where it is about somebody
 * @param what the task in words, or who
 * @param minute minute it was planned for
 */
public record PlanDrift(Kind kind, String job, String what, int minute) {

    /** What can come between. */
    public enum Kind implements Coded {
        /** Planned to be over, and not done. */
        NOT_DONE,
        /** Planned to have begun a while ago, and nothing of it done. */
        NOT_BEGUN,
        /** Work nobody planned. */
        NOT_IN_PLAN,
        /** Planned, and the motor waits or has left. */
        NOT_READY,
        /** Planned for somebody who is away then. */
        AWAY
    }

    /** Later than this a task that has not begun is told. */
    public static final int LATE_MINUTES = 30;

    /**
     * Compares a plan with the shop as it is.
     *
     * @param now the shop now, what was told seen from now
     */
    public static List<PlanDrift> of(ShopProblem now) {
        List<PlanDrift> drifts = new ArrayList<>();
        Map<String, Booked> told = now.told();
        Set<String> open = new HashSet<>();
        for (PlanTask t : now.tasks()) {
            open.add(t.id());
            Booked b = told.get(t.id());
            if (b == null) {
                drifts.add(new PlanDrift(Kind.NOT_IN_PLAN, t.job(), t.name(), 0));
            } else if (b.end() < 0) {
                drifts.add(new PlanDrift(Kind.NOT_DONE, t.job(), t.name(), b.end()));
            } else if (b.start() < -LATE_MINUTES && !now.underWay().contains(t.id())) {
                drifts.add(new PlanDrift(Kind.NOT_BEGUN, t.job(), t.name(), b.start()));
            }
        }
        Set<String> here = new HashSet<>();
        now.jobs().forEach(j -> here.add(j.tag()));
        Set<String> said = new HashSet<>();
        told.values().stream()
                .filter(b -> b.end() > 0 && !here.contains(b.task().job()))
                .filter(b -> said.add(b.task().job()))
                .forEach(b -> drifts.add(
                        new PlanDrift(Kind.NOT_READY, b.task().job(), b.task().name(), b.start())));
        for (Booked b : told.values()) {
            if (open.contains(b.task().id()) && b.end() > 0 && away(now, b) && said.add(b.worker())) {
                drifts.add(new PlanDrift(Kind.AWAY, b.task().job(), b.worker(), b.start()));
            }
        }
        return List.copyOf(drifts);
    }

    private static boolean away(ShopProblem now, Booked b) {
        List<Span> hours = now.workers().stream()
                .filter(w -> w.name().equals(b.worker()))
                .flatMap(w -> w.hours().stream())
                .toList();
        return b.work().stream()
                .filter(w -> w.from() > 0)
                .anyMatch(w -> hours.stream().noneMatch(h -> h.from() <= w.from() && w.to() <= h.to()));
    }
}
