package app.brasskettle.core.tasktime;

import app.brasskettle.core.pricing.TaskTable;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Hours of a job, task by task.
 *
 * @param rows in the order of the task table
 * @param takenHours all of them
 * @param quotedHours hours in the quote that was accepted; empty where none was
 * @param forgotten clocks that nobody stopped, which count nothing
 * @param judgement hours against the quote
 */
public record TaskHours(
        List<Row> rows, double takenHours, Optional<Double> quotedHours, List<String> forgotten, Judgement judgement) {

    /**
     * A task.
     *
     * @param code its code
     * @param task in words
     * @param tableHours by the shop's task table
     * @param quotedHours by the accepted quote, where a line of it is this task
     * @param takenHours by the taps
     * @param running who works on it now
     */
    public record Row(
            String code,
            String task,
            double tableHours,
            Optional<Double> quotedHours,
            double takenHours,
            List<String> running) {}

    private static final double NEAR = 0.9;
    private static final double HOUR_S = 3600;
    private static final String SOURCE = "The accepted quote; taps of those who worked";

    /**
     * Adds up the hours of a job.
     *
     * @param planned tasks of the way that was chosen, with their hours by the table
     * @param quoted hours of the accepted quote by the words of its lines; empty where none was accepted
     * @param now seconds of the epoch
     */
    public static TaskHours of(
            List<TaskTable.Planned> planned, Optional<Map<String, Double>> quoted, TaskClock clock, double now) {
        List<TaskClock.Stretch> stretches = clock.stretches();
        List<Row> rows = new ArrayList<>();
        double taken = 0;
        for (TaskTable.Planned p : planned) {
            double seconds = 0;
            Set<String> running = new LinkedHashSet<>();
            for (TaskClock.Stretch s : stretches) {
                if (s.task().equals(p.code()) && !s.forgotten(now)) {
                    seconds += s.seconds(now);
                    if (s.to().isEmpty()) {
                        running.add(s.by());
                    }
                }
            }
            taken += seconds / HOUR_S;
            rows.add(new Row(
                    p.code(),
                    p.task(),
                    p.hours(),
                    quoted.flatMap(q -> Optional.ofNullable(q.get(p.task()))),
                    seconds / HOUR_S,
                    List.copyOf(running)));
        }
        List<String> forgotten = stretches.stream()
                .filter(s -> s.forgotten(now))
                .map(s -> s.by() + ", " + s.task() + ": ran for " + Figures.significant(s.seconds(now) / HOUR_S, 3)
                        + " h, not counted")
                .toList();
        Optional<Double> all =
                quoted.map(q -> q.values().stream().mapToDouble(h -> h).sum());
        return new TaskHours(List.copyOf(rows), taken, all, forgotten, judge(taken, all));
    }

    private static Judgement judge(double taken, Optional<Double> quoted) {
        String hours = Figures.significant(taken, 3) + " h taken";
        if (quoted.filter(q -> q > 0).isEmpty()) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    hours + ", no hours quoted",
                    "No quote was accepted, or its price is not by the hour",
                    SOURCE,
                    "");
        }
        double q = quoted.get();
        String headline = hours + " of " + Figures.significant(q, 3) + " h quoted";
        if (Limit.over(taken, q)) {
            return new Judgement(
                    Verdict.STOP,
                    headline,
                    Figures.significant(taken - q, 2) + " h over",
                    SOURCE,
                    "Say so to the office before it goes on: the customer hears it before the bill.");
        }
        return Limit.over(taken, NEAR * q)
                ? new Judgement(
                        Verdict.WATCH,
                        headline,
                        Figures.significant(q - taken, 2) + " h are left",
                        SOURCE,
                        "Look at what is left to do; ask the customer before the hours are gone.")
                : new Judgement(Verdict.HOLDS, headline, Figures.significant(q - taken, 3) + " h are left", SOURCE, "");
    }
}
