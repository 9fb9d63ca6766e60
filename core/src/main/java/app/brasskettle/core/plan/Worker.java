package app.brasskettle.core.plan;

import java.util.List;
import java.util.Set;

/**
 * Somebody who works.
 *
 * @param name who
 * @param skills codes of tasks this person can do
 * @param hours when at work, in order and apart
 */
public record Worker(String name, Set<String> skills, List<Span> hours) {

    public Worker {
        skills = Set.copyOf(skills);
        hours = List.copyOf(hours);
    }

    boolean can(PlanTask task) {
        return skills.contains(task.code());
    }
}
