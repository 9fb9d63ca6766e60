package app.brasskettle.core.figures;

import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.release.EarlierRelease;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** The figures of the shop, table by table, of the jobs of a period. */
public final class ShopFigures {

    private static final String OPEN = "not concluded";
    private static final double HOUR_S = 3600;
    private static final double SMALL_W = 7500;
    private static final double BIG_W = 45_000;
    private static final double PERCENT = 100;

    /**
     * Hours of a station over all jobs of the period on which any were tapped.
     *
     * @param station its name
     * @param tableHours by the task table
     * @param takenHours by the taps
     */
    public record StationHours(String station, double tableHours, double takenHours) {}

    private final List<JobFacts> jobs;
    private final double warrantyS;

    private ShopFigures(List<JobFacts> jobs, double warrantyMonths) {
        this.jobs = jobs;
        this.warrantyS = warrantyMonths * EarlierRelease.SECONDS_OF_A_MONTH;
    }

    /**
     * Counts them.
     *
     * @param jobs jobs received in the period
     * @param hours hours by station
     * @param warrantyMonths how long the shop stands by its work
     * @param month words for the month of a moment in seconds of the epoch, in the shop's own time
     */
    public static List<FigureTable> of(
            List<JobFacts> jobs, List<StationHours> hours, double warrantyMonths, Function<Double, String> month) {
        ShopFigures f = new ShopFigures(jobs, warrantyMonths);
        return List.of(
                f.causes(),
                f.customers(),
                f.kinds(),
                f.returns(),
                f.advice(),
                f.promises(month),
                hours(hours),
                f.detection());
    }

    private static Map<String, List<JobFacts>> by(List<JobFacts> jobs, Function<JobFacts, String> key) {
        Map<String, List<JobFacts>> groups = new LinkedHashMap<>();
        jobs.forEach(j ->
                groups.computeIfAbsent(key.apply(j), k -> new ArrayList<>()).add(j));
        Map<String, List<JobFacts>> sorted = new LinkedHashMap<>();
        groups.entrySet().stream()
                .sorted(Comparator.<Map.Entry<String, List<JobFacts>>>comparingInt(
                                e -> -e.getValue().size())
                        .thenComparing(Map.Entry::getKey))
                .forEach(e -> sorted.put(e.getKey(), e.getValue()));
        return sorted;
    }

    private static double percent(int part, int all) {
        return all == 0 ? 0 : PERCENT * part / all;
    }

    private static FigureTable.Row row(List<String> words, double... figures) {
        List<Double> list = new ArrayList<>();
        for (double f : figures) {
            list.add(f);
        }
        return new FigureTable.Row(words, list);
    }

    private FigureTable causes() {
        List<FigureTable.Row> rows = new ArrayList<>();
        by(jobs, j -> j.cause().orElse(OPEN) + "\n" + j.root().orElse("–")).forEach((key, of) -> {
            String[] words = key.split("\n");
            rows.add(row(List.of(words[0], words[1]), of.size(), percent(of.size(), jobs.size())));
        });
        long open = jobs.stream().filter(j -> j.cause().isEmpty()).count();
        return new FigureTable(
                "causes",
                "Causes and roots",
                jobs.size() + " jobs, " + (jobs.size() - open) + " concluded",
                List.of("cause", "root"),
                List.of("jobs", "share, %"),
                rows,
                0);
    }

    private static int ways(List<JobFacts> jobs, OptionKind kind) {
        return (int) jobs.stream()
                .filter(j -> j.way().filter(kind.code()::equals).isPresent())
                .count();
    }

    private FigureTable customers() {
        return counted("customers", "Customers", "customer", JobFacts::customer);
    }

    private FigureTable kinds() {
        return counted("kinds", "Kinds of motor", "kind", ShopFigures::kind);
    }

    private FigureTable counted(String code, String title, String heading, Function<JobFacts, String> key) {
        List<FigureTable.Row> rows = new ArrayList<>();
        by(jobs, key)
                .forEach((name, of) -> rows.add(row(
                        List.of(name),
                        of.size(),
                        ways(of, OptionKind.RECONDITION),
                        ways(of, OptionKind.REWIND),
                        ways(of, OptionKind.REPLACE),
                        of.stream().filter(j -> j.way().isEmpty()).count())));
        return new FigureTable(
                code,
                title,
                rows.size() + " in all",
                List.of(heading),
                List.of("jobs", "reconditioned", "rewound", "replaced", "not chosen"),
                rows,
                0);
    }

    private static String kind(JobFacts j) {
        if (j.phases().isEmpty() || j.powerW().isEmpty()) {
            return "plate not read";
        }
        if (j.phases().get() == 1) {
            return "single-phase";
        }
        double w = j.powerW().get();
        return w <= SMALL_W ? "to 7.5 kW" : w <= BIG_W ? "7.5 to 45 kW" : "over 45 kW";
    }

    private FigureTable returns() {
        List<FigureTable.Row> rows = new ArrayList<>();
        int same = 0;
        for (JobFacts j : jobs) {
            Optional<Double> since = j.earlier().flatMap(JobFacts.Visit::leftAt).map(left -> j.receivedAt() - left);
            if (since.isEmpty() || since.get() < 0 || since.get() > warrantyS) {
                continue;
            }
            JobFacts.Visit before = j.earlier().orElseThrow();
            same += before.cause().isPresent() && before.cause().equals(j.cause()) ? 1 : 0;
            rows.add(row(
                    List.of(
                            j.tag(),
                            before.tag(),
                            before.cause().orElse(OPEN),
                            j.cause().orElse(OPEN)),
                    since.get() / EarlierRelease.SECONDS_OF_A_MONTH));
        }
        return new FigureTable(
                "returns",
                "Returns within the warranty",
                rows.size() + " of " + jobs.size() + " jobs came back within it, " + same
                        + " with the cause it had then",
                List.of("job", "job before", "cause then", "cause now"),
                List.of("months since"),
                rows,
                0);
    }

    private FigureTable advice() {
        List<FigureTable.Row> rows = new ArrayList<>();
        int advised = 0;
        for (JobFacts j : jobs) {
            if (j.advised().isEmpty() || j.option().isEmpty()) {
                continue;
            }
            advised++;
            if (j.advised().equals(j.option())) {
                continue;
            }
            double months = j.later()
                    .filter(v -> j.leftAt().isPresent())
                    .map(v -> (v.receivedAt() - j.leftAt().get()) / EarlierRelease.SECONDS_OF_A_MONTH)
                    .orElse(0.0);
            String came = j.later().isPresent()
                    ? "came back: " + j.later().get().cause().orElse(OPEN)
                    : j.leftAt().isPresent() ? "not back so far" : "in the shop";
            rows.add(row(List.of(j.tag(), j.advised().get(), j.option().get(), came), months));
        }
        return new FigureTable(
                "advice",
                "Chosen against the advice",
                rows.size() + " of " + advised + " that were advised",
                List.of("job", "advised", "chosen", "what came of it"),
                List.of("months until it came back"),
                rows,
                0);
    }

    private FigureTable promises(Function<Double, String> month) {
        List<JobFacts> promised = jobs.stream()
                .filter(j -> j.promisedAt().isPresent() && j.leftAt().isPresent())
                .sorted(Comparator.comparingDouble(j -> j.promisedAt().get()))
                .toList();
        Map<String, List<JobFacts>> months = new LinkedHashMap<>();
        promised.forEach(j -> months.computeIfAbsent(month.apply(j.promisedAt().get()), k -> new ArrayList<>())
                .add(j));
        List<FigureTable.Row> rows = new ArrayList<>();
        months.forEach((m, of) -> {
            int kept = (int) of.stream().filter(ShopFigures::kept).count();
            double late = of.stream()
                    .filter(j -> !kept(j))
                    .mapToDouble(j -> (j.leftAt().get() - j.promisedAt().get()) / HOUR_S)
                    .average()
                    .orElse(0);
            rows.add(row(List.of(m), of.size(), kept, percent(kept, of.size()), late));
        });
        long kept = promised.stream().filter(ShopFigures::kept).count();
        return new FigureTable(
                "promises",
                "Promised and kept",
                kept + " of " + promised.size() + " promises kept",
                List.of("month promised for"),
                List.of("promised", "kept", "kept, %", "late on average, h"),
                rows,
                2);
    }

    private static boolean kept(JobFacts j) {
        return j.leftAt().orElseThrow() <= j.promisedAt().orElseThrow();
    }

    private static FigureTable hours(List<StationHours> hours) {
        double table = hours.stream().mapToDouble(StationHours::tableHours).sum();
        double taken = hours.stream().mapToDouble(StationHours::takenHours).sum();
        return new FigureTable(
                "hours",
                "Hours against the task table",
                table == 0
                        ? "No hours tapped"
                        : Figures.significant(taken, 3) + " h taken where the table has "
                                + Figures.significant(table, 3) + " h",
                List.of("station"),
                List.of("by the table, h", "taken, h", "taken in one of the table"),
                hours.stream()
                        .map(h -> row(
                                List.of(h.station()),
                                h.tableHours(),
                                h.takenHours(),
                                h.tableHours() == 0 ? 0 : h.takenHours() / h.tableHours()))
                        .toList(),
                2);
    }

    private FigureTable detection() {
        List<JobFacts> found =
                jobs.stream().filter(j -> j.foundBy().isPresent()).toList();
        List<FigureTable.Row> rows = new ArrayList<>();
        by(found, j -> j.foundBy().orElseThrow())
                .forEach((test, of) -> rows.add(row(List.of(test), of.size(), percent(of.size(), found.size()))));
        return new FigureTable(
                "detection",
                "Which test stopped it first",
                found.size() + " of " + jobs.size() + " jobs were stopped by a test",
                List.of("test"),
                List.of("jobs", "share, %"),
                rows,
                0);
    }
}
