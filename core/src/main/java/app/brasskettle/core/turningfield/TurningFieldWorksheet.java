package app.brasskettle.core.turningfield;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The turning field of a bare stator judged as a pattern: a dead arc, a pull that runs backward, lines that are unequal, one group
 * that warms alone or stays cold, a span that is not the design's.
 */
public final class TurningFieldWorksheet {

    private static final double UNBALANCE_WATCH_PERCENT = 3;
    private static final double UNBALANCE_STOP_PERCENT = 6;
    private static final double PREDICTED_WATCH_PERCENT = 15;
    private static final double PREDICTED_STOP_PERCENT = 30;
    private static final double GROUP_SHARE = 0.4;
    private static final double GROUP_K = 3;
    private static final String SOURCE = "Shop practice: turning field of a bare stator at low voltage";
    private static final String OPEN_IT = "Open the connection and put it right now, while nothing is varnished.";

    private TurningFieldWorksheet() {}

    /** Creates the worksheet {@code turning-field}. */
    public static Worksheet<FieldReading, FieldResult> create() {
        return new Worksheet<>(
                "turning-field",
                "Turning field",
                FieldReading.class,
                List.of("Shop practice"),
                TurningFieldWorksheet::work);
    }

    private static FieldResult work(FieldReading r) {
        double mean = r.lineCurrentsA().stream().mapToDouble(a -> a).sum() / 3;
        double unbalance = mean == 0
                ? 100
                : 100
                        * r.lineCurrentsA().stream()
                                .mapToDouble(a -> Math.abs(a - mean))
                                .max()
                                .orElse(0)
                        / mean;
        List<Judgement> findings = new ArrayList<>();
        findings.add(places(r.places().stream().map(FieldReading.Place::turned).toList()));
        findings.add(lines(mean, unbalance));
        Optional<Double> off = r.predictedCurrentA().map(p -> 100 * (mean / p - 1));
        off.map(o -> predicted(mean, r.predictedCurrentA().orElseThrow(), o)).ifPresent(findings::add);
        r.groupRisesK().map(TurningFieldWorksheet::groups).ifPresent(findings::add);
        span(r).ifPresent(findings::add);
        return new FieldResult(
                mean,
                unbalance,
                off,
                r.groupRisesK()
                        .map(rises -> IntStream.range(0, rises.size())
                                        .reduce((a, b) -> rises.get(a) >= rises.get(b) ? a : b)
                                        .orElse(0)
                                + 1),
                List.copyOf(findings),
                Judgement.worst(findings).orElseThrow());
    }

    private static Judgement places(List<FieldReading.Turned> places) {
        List<String> back = numbers(places, FieldReading.Turned.BACKWARD);
        List<String> dead = numbers(places, FieldReading.Turned.NOT_AT_ALL);
        List<String> weak = numbers(places, FieldReading.Turned.WEAKLY);
        if (back.size() == places.size()) {
            return judged(
                    Verdict.STOP,
                    "The field turns the wrong way all round",
                    "All " + places.size() + " places turn against the lines",
                    "Two leads are marked for each other: mark them anew, then test once more.");
        }
        if (!back.isEmpty()) {
            return judged(
                    Verdict.STOP,
                    "The dummy rotor turns backward at " + named(back),
                    "A group the wrong way round, or two circuits exchanged, turns part of the bore backward",
                    OPEN_IT);
        }
        if (!dead.isEmpty()) {
            return judged(
                    Verdict.STOP,
                    "Dead arc: the dummy rotor does not turn at " + named(dead),
                    "A joint left open, or groups that work against each other",
                    OPEN_IT);
        }
        return weak.isEmpty()
                ? judged(
                        Verdict.HOLDS,
                        "The dummy rotor turns with the lines at all " + places.size() + " places",
                        "",
                        "")
                : judged(
                        Verdict.WATCH,
                        "The dummy rotor turns weakly at " + named(weak),
                        "A field as strong all round turns it alike everywhere",
                        "Try the places between, and feel the groups there.");
    }

    private static Judgement lines(double mean, double unbalance) {
        Verdict word = Limit.ceiling(unbalance, UNBALANCE_WATCH_PERCENT, UNBALANCE_STOP_PERCENT);
        return judged(
                word,
                "Lines " + Figures.significant(mean, 3) + " A, unequal by " + Figures.significant(unbalance, 2) + " %",
                "Watch over " + Figures.plain(UNBALANCE_WATCH_PERCENT) + " %, stop over "
                        + Figures.plain(UNBALANCE_STOP_PERCENT) + " %; without a rotor the phases are alike",
                word == Verdict.HOLDS ? "" : "Measure the three voltages beside them; then read the joints again.");
    }

    private static Judgement predicted(double mean, double predicted, double off) {
        Verdict word = Limit.ceiling(Math.abs(off), PREDICTED_WATCH_PERCENT, PREDICTED_STOP_PERCENT);
        return judged(
                word,
                "Lines " + Figures.significant(mean, 3) + " A, predicted " + Figures.significant(predicted, 3) + " A: "
                        + Figures.significant(off, 2) + " %",
                "Watch beyond " + Figures.plain(PREDICTED_WATCH_PERCENT) + " % either way, stop beyond "
                        + Figures.plain(PREDICTED_STOP_PERCENT) + " %",
                word == Verdict.HOLDS ? "" : "Count turns, circuits and span again; is the other speed’s star closed?");
    }

    private static Judgement groups(List<Double> rises) {
        double mean = rises.stream().mapToDouble(r -> r).average().orElse(0);
        double most = Math.max(GROUP_K, GROUP_SHARE * mean);
        List<String> warm = new ArrayList<>();
        List<String> cold = new ArrayList<>();
        for (int g = 0; g < rises.size(); g++) {
            if (Limit.over(rises.get(g) - mean, most)) {
                warm.add(String.valueOf(g + 1));
            } else if (Limit.over(mean - rises.get(g), most)) {
                cold.add(String.valueOf(g + 1));
            }
        }
        String limit = "Mean " + Figures.significant(mean, 2) + " K; " + Figures.significant(most, 2)
                + " K off it either way is too much";
        if (!warm.isEmpty()) {
            return judged(
                    Verdict.STOP,
                    "Group " + String.join(", ", warm) + " warms alone",
                    limit,
                    "A coil shorted in itself, or a circuit that carries more than its share: change it now.");
        }
        return cold.isEmpty()
                ? judged(Verdict.HOLDS, "All " + rises.size() + " groups warm alike", limit, "")
                : judged(
                        Verdict.STOP,
                        "Group " + String.join(", ", cold) + " stays cold",
                        limit,
                        "No current gets there: look for the open joint.");
    }

    private static Optional<Judgement> span(FieldReading r) {
        return r.countedSpansSlots()
                .flatMap(counted -> r.spanSlots().map(asked -> {
                    List<String> wrong = counted.stream()
                            .filter(s -> !s.equals(asked))
                            .distinct()
                            .map(s -> "1 to " + (s + 1))
                            .toList();
                    return wrong.isEmpty()
                            ? judged(Verdict.HOLDS, "Span 1 to " + (asked + 1) + " on all coils counted", "", "")
                            : judged(
                                    Verdict.STOP,
                                    "Span " + String.join(" and ", wrong) + ", the design says 1 to " + (asked + 1),
                                    "Counted on " + counted.size() + " coils",
                                    "Lay the coils in again with the right span.");
                }));
    }

    private static List<String> numbers(List<FieldReading.Turned> places, FieldReading.Turned turned) {
        return IntStream.range(0, places.size())
                .filter(i -> places.get(i) == turned)
                .mapToObj(i -> String.valueOf(i + 1))
                .collect(Collectors.toList());
    }

    private static String named(List<String> places) {
        return (places.size() == 1 ? "place " : "places ") + String.join(", ", places);
    }

    private static Judgement judged(Verdict verdict, String headline, String because, String next) {
        return new Judgement(verdict, headline, because, SOURCE, next);
    }
}
