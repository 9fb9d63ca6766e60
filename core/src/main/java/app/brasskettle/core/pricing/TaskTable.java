package app.brasskettle.core.pricing;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.ShippedTable;
import java.util.Arrays;
import java.util.List;
import java.util.TreeMap;
import org.apache.commons.csv.CSVRecord;

/**
 * Hours of work by task and shaft height, linear between the heights of the table, at its ends beyond them.
 *
 * @param tasks in the order of the work
 */
public record TaskTable(List<Task> tasks) {

    private static final List<String> COLUMNS = List.of("code", "task", "station", "for");
    private static final List<String> PATHS = List.of("recondition", "rewind", "replace", "replace-other-frame");
    private static final String HEIGHT = "h\\d+";
    private static final double MOST_HOURS = 10_000;
    private static final TaskTable SHIPPED = new TaskTable(ShippedTable.rows(TaskTable.class, "tasks.csv").stream()
            .map(TaskTable::row)
            .toList());

    /** What a motor of other than four poles takes more for winding it: longer overhangs, or more groups. */
    private static final double TWO_POLE_SHARE = 1.15;

    private static final double SIX_POLE_SHARE = 1.05;
    private static final double MANY_POLE_SHARE = 1.12;

    /**
     * One task.
     *
     * @param code its code
     * @param task in words
     * @param station where it is done
     * @param paths the ways forward that need it
     * @param hours by shaft height in mm
     */
    public record Task(String code, String task, String station, List<String> paths, TreeMap<Double, Double> hours) {

        /** Hours at a shaft height. */
        public double at(double shaftHeightMm) {
            var below = hours.floorEntry(shaftHeightMm);
            var above = hours.ceilingEntry(shaftHeightMm);
            if (below == null || above == null) {
                return (below == null ? above : below).getValue();
            }
            if (below.getKey().equals(above.getKey())) {
                return below.getValue();
            }
            double share = (shaftHeightMm - below.getKey()) / (above.getKey() - below.getKey());
            return below.getValue() + share * (above.getValue() - below.getValue());
        }
    }

    public TaskTable {
        tasks = List.copyOf(tasks);
    }

    /** The example that ships with the product. */
    public static TaskTable shipped() {
        return SHIPPED;
    }

    /**
     * Reads a shop's table: the columns of the shipped one, hours under h and a shaft height.
     *
     * @throws app.brasskettle.core.worksheet.InvalidInputException with what is wrong by line
     */
    public static TaskTable read(String csv) {
        return new TaskTable(PricedTable.read(csv, COLUMNS, TaskTable::check).stream()
                .map(TaskTable::row)
                .toList());
    }

    /** The table in a text that {@link #read} took once. */
    public static TaskTable stored(String csv) {
        return new TaskTable(
                PricedTable.stored(csv).stream().map(TaskTable::row).toList());
    }

    /** The table as {@link #read} takes it. */
    public String csv() {
        List<Double> heights = List.copyOf(tasks.get(0).hours().keySet());
        StringBuilder out = new StringBuilder(String.join(",", COLUMNS));
        heights.forEach(h -> out.append(",h").append(PricedTable.plain(h)));
        for (Task task : tasks) {
            out.append('\n')
                    .append(task.code())
                    .append(",\"")
                    .append(task.task().replace("\"", "\"\""))
                    .append("\",")
                    .append(task.station())
                    .append(',')
                    .append(String.join(" ", task.paths()));
            heights.forEach(h -> out.append(',').append(PricedTable.plain(task.at(h))));
        }
        return out.append('\n').toString();
    }

    private static void check(CSVRecord row, Problems problems) {
        String line = PricedTable.line(row);
        problems.name(line + " code", row.get("code"));
        problems.name(line + " task", row.get("task"));
        for (String path : row.get("for").split(" ")) {
            if (!PATHS.contains(path)) {
                problems.add(
                        line + " for",
                        Problem.Code.WORD,
                        line + ": for is “" + path + "”; it must be of " + String.join(", ", PATHS));
            }
        }
        List<String> heights =
                row.toMap().keySet().stream().filter(c -> c.matches(HEIGHT)).toList();
        if (heights.isEmpty()) {
            problems.add(line, Problem.Code.MISSING, line + " has no hours: columns such as h132 are wanted");
        }
        heights.forEach(column -> PricedTable.figure(row, column, MOST_HOURS, problems));
    }

    /**
     * A task of one motor.
     *
     * @param code its code
     * @param task in words
     * @param station where it is done
     * @param hours how long it takes by the table
     * @param byPoles whether its poles change that
     */
    public record Planned(String code, String task, String station, double hours, boolean byPoles) {}

    /** Tasks of a way forward for one motor, in the order of the work. */
    public List<Planned> planned(String path, double shaftHeightMm, int poles) {
        return tasks.stream()
                .filter(t -> t.paths().contains(path))
                .map(t -> {
                    boolean winding = t.code().equals("wind");
                    return new Planned(
                            t.code(),
                            t.task(),
                            t.station(),
                            t.at(shaftHeightMm) * (winding ? windingShare(poles) : 1),
                            winding);
                })
                .toList();
    }

    /** What winding takes more or less than with four poles. */
    private static double windingShare(int poles) {
        return switch (poles) {
            case 2 -> TWO_POLE_SHARE;
            case 4 -> 1;
            case 6 -> SIX_POLE_SHARE;
            default -> MANY_POLE_SHARE;
        };
    }

    private static Task row(CSVRecord row) {
        TreeMap<Double, Double> hours = new TreeMap<>();
        row.toMap().forEach((column, value) -> {
            if (column.matches(HEIGHT)) {
                hours.put(Double.valueOf(column.substring(1)), Double.valueOf(value));
            }
        });
        return new Task(
                row.get("code"),
                row.get("task"),
                row.get("station"),
                Arrays.asList(row.get("for").split(" ")),
                hours);
    }
}
