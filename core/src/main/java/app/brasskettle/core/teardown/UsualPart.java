package app.brasskettle.core.teardown;

import app.brasskettle.core.teardown.TeardownLog.PartEnd;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.ShippedTable;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;

/**
 * A part that a usual motor has, in the order they come off; read from {@code parts.csv} and {@code methods.csv}.
 *
 * @param part its name
 * @param end where it sits
 * @param joint whether match marks belong across it
 * @param small whether it is easily lost
 * @param fasteners what holds it, in a word; empty for nothing
 * @param off how it comes off
 * @param care what hurts people or parts
 * @param back what to mind when it goes on again
 * @param methods ways to get it off, the proper ones first
 */
public record UsualPart(
        String part,
        PartEnd end,
        boolean joint,
        boolean small,
        String fasteners,
        String off,
        String care,
        String back,
        List<Method> methods) {

    /**
     * A way to get a part off.
     *
     * @param way the way in running text
     * @param after what to look for afterwards; empty where it leaves nothing behind
     */
    public record Method(String way, String after) {

        /** Whether it may have left something behind. */
        boolean rough() {
            return !after.isEmpty();
        }
    }

    private static final Map<String, List<Method>> METHODS = ShippedTable.rows(UsualPart.class, "methods.csv").stream()
            .collect(Collectors.groupingBy(
                    r -> r.get("part"),
                    Collectors.mapping(r -> new Method(r.get("way"), r.get("after")), Collectors.toList())));

    private record Row(Set<String> in, UsualPart part) {}

    private static final List<Row> ROWS = ShippedTable.rows(UsualPart.class, "parts.csv").stream()
            .map(UsualPart::row)
            .toList();

    static {
        METHODS.keySet().stream().filter(name -> named(name).isEmpty()).forEach(name -> {
            throw new IllegalStateException("methods.csv names a part that parts.csv has not: " + name);
        });
    }

    /** The parts of {@code build} in the order they come off. */
    public static List<UsualPart> of(MotorBuild build) {
        return ROWS.stream()
                .filter(r -> r.in().contains("all") || r.in().contains(build.code()))
                .map(Row::part)
                .toList();
    }

    /** What is known of a part called {@code name}, in whatever motor. */
    static Optional<UsualPart> named(String name) {
        return ROWS.stream()
                .map(Row::part)
                .filter(p -> p.part().equalsIgnoreCase(name.strip()))
                .findFirst();
    }

    /** What is known of getting a part called {@code name} off by {@code way}. */
    static Optional<Method> method(String name, String way) {
        return named(name).stream()
                .flatMap(p -> p.methods().stream())
                .filter(m -> m.way().equalsIgnoreCase(way.strip()))
                .findFirst();
    }

    /** Whether this is the part {@code name} at {@code where}. */
    boolean is(String name, PartEnd where) {
        return part.equalsIgnoreCase(name.strip()) && end == where;
    }

    /** The part with its place, in running text. */
    public String label() {
        return end.with(part);
    }

    private static Row row(CSVRecord row) {
        return new Row(
                Set.of(row.get("in").split(" ")),
                new UsualPart(
                        row.get("part"),
                        Coded.parse(PartEnd.class, row.get("end")).orElseThrow(),
                        row.get("joint").equals("yes"),
                        row.get("small").equals("yes"),
                        row.get("fasteners"),
                        row.get("off"),
                        row.get("care"),
                        row.get("back"),
                        METHODS.getOrDefault(row.get("part"), List.of())));
    }
}
