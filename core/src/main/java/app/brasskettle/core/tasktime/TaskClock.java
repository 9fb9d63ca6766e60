package app.brasskettle.core.tasktime;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Who worked on which task for how long, by taps. A person works on one task of a motor at a time: the next start ends the one
 * before. A clock that ran for more than half a day was forgotten, and counts nothing.
 *
 * @param taps in the order of time
 */
public record TaskClock(List<TaskTap> taps) {

    /** No shift is longer. */
    public static final double FORGOTTEN_S = 12 * 3600;

    private static final double HOUR_S = 3600;

    /**
     * A stretch of work.
     *
     * @param task code of the task
     * @param by who
     * @param from seconds of the epoch
     * @param to seconds of the epoch; empty while it runs
     */
    public record Stretch(String task, String by, double from, Optional<Double> to) {

        double seconds(double now) {
            return to.orElse(now) - from;
        }

        boolean forgotten(double now) {
            return seconds(now) > FORGOTTEN_S;
        }
    }

    public TaskClock {
        taps = taps.stream().sorted(Comparator.comparingDouble(TaskTap::at)).toList();
    }

    /** Every stretch of work, in the order in which they began. */
    public List<Stretch> stretches() {
        List<Stretch> all = new ArrayList<>();
        Map<String, Integer> running = new LinkedHashMap<>();
        for (TaskTap tap : taps) {
            if (tap.by().isEmpty()) {
                running.values().forEach(i -> end(all, i, tap.at()));
                running.clear();
                continue;
            }
            Integer before = running.get(tap.by());
            if (before != null && (tap.starts() || all.get(before).task().equals(tap.task()))) {
                end(all, before, tap.at());
                running.remove(tap.by());
            }
            if (tap.starts()) {
                running.put(tap.by(), all.size());
                all.add(new Stretch(tap.task(), tap.by(), tap.at(), Optional.empty()));
            }
        }
        return List.copyOf(all);
    }

    /** Hours by the code of the task; forgotten clocks count nothing. */
    public Map<String, Double> hoursByTask(double now) {
        Map<String, Double> hours = new LinkedHashMap<>();
        stretches().stream()
                .filter(s -> !s.forgotten(now))
                .forEach(s -> hours.merge(s.task(), s.seconds(now) / HOUR_S, Double::sum));
        return hours;
    }

    private static void end(List<Stretch> all, int index, double at) {
        Stretch s = all.get(index);
        all.set(index, new Stretch(s.task(), s.by(), s.from(), Optional.of(at)));
    }

    /**
     * Refuses a tap that changes nothing: a task started twice by one person, one stopped that does not run.
     *
     * @throws app.brasskettle.core.worksheet.InvalidInputException at {@code task}
     */
    public void mayTap(TaskTap tap) {
        boolean runs = stretches().stream()
                .anyMatch(s -> s.to().isEmpty()
                        && s.by().equals(tap.by())
                        && s.task().equals(tap.task())
                        && !s.forgotten(tap.at()));
        Problems problems = new Problems();
        if (tap.starts() && runs) {
            problems.add(
                    "task", Problem.Code.DUPLICATE, "task is " + tap.task() + ", which " + tap.by() + " has running");
        } else if (!tap.starts() && !runs) {
            problems.add(
                    "task",
                    Problem.Code.CONTRADICTION,
                    "task is " + tap.task() + ", which " + tap.by() + " has not running");
        }
        problems.throwIfAny();
    }
}
