package app.brasskettle.core.pricing;

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

    /** Tasks of a way forward, in the order of the work. */
    List<Task> of(String path) {
        return tasks.stream().filter(t -> t.paths().contains(path)).toList();
    }

    /** What winding takes more or less than with four poles. */
    static double windingShare(int poles) {
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
            if (column.matches("h\\d+")) {
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
