package app.brasskettle.measurements;

import app.brasskettle.core.casebook.SyntheticCases;
import app.brasskettle.core.casebook.SyntheticFailure;
import app.brasskettle.core.casebook.Trial;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * The weights of the evidence table against made-up failures: prints Markdown tables of how often the root stood first and among
 * the first three, and draws the reliability of the first one's probability.
 *
 * <p>Arguments: where to write the drawing (SVG), then failures for each seed (2,000), then seeds (5).
 */
public final class CauseTrial {

    private static final int FAILURES = 2000;
    private static final int SEEDS = 5;
    private static final int TAUGHT = 60_000;
    private static final long UNUSED_SEED = 77;
    private static final int SIDE = 320;
    private static final int EDGE = 54;

    private CauseTrial() {}

    public static void main(String[] args) throws IOException {
        int failures = args.length > 1 ? Integer.parseInt(args[1]) : FAILURES;
        int seeds = args.length > 2 ? Integer.parseInt(args[2]) : SEEDS;
        List<Trial> trials = new ArrayList<>();
        print(
                "| seed | failures | first %% | first three %% | calibration error | undecided %% | no fault despite a failed test |%n");
        print("|---|---:|---:|---:|---:|---:|---:|%n");
        for (int seed = 1; seed <= seeds; seed++) {
            Trial t = Trial.of(SyntheticCases.failures(failures, seed));
            trials.add(t);
            print(
                    "| %d | %d | %.1f | %.1f | %.3f | %.0f | %d |%n",
                    seed,
                    t.cases(),
                    100 * t.first(),
                    100 * t.firstThree(),
                    t.calibrationError(),
                    100 * t.undecided(),
                    t.noFaultDespiteFailedTest());
        }
        Learner learner = Learner.taught(TAUGHT, UNUSED_SEED);
        List<SyntheticFailure> same = SyntheticCases.failures(failures, 1);
        print(
                "%nA learner taught %d other failures with their answers puts the root of seed 1 first in %.1f %%, "
                        + "among the first three in %.1f %%.%n",
                TAUGHT, 100 * learner.finds(same, 1), 100 * learner.finds(same, 3));
        Trial first = trials.get(0);
        print(
                "%n## In a hurry, seed 1%n%n| looks taken | first %% | first three %% | calibration error | undecided %% |%n");
        print("|---:|---:|---:|---:|---:|%n");
        for (double diligence : new double[] {1, 0.8, 0.6, 0.4}) {
            Trial t = Trial.of(SyntheticCases.failures(failures, 1, diligence));
            print(
                    "| %.0f %% | %.1f | %.1f | %.3f | %.0f |%n",
                    100 * diligence, 100 * t.first(), 100 * t.firstThree(), t.calibrationError(), 100 * t.undecided());
        }
        print("%n## By what started it, seed 1%n%n");
        print("| root | failures | first %% | first three %% | taken for |%n|---|---:|---:|---:|---|%n");
        first.byRoot()
                .forEach((root, found) -> print(
                        "| %s | %d | %.0f | %.0f | %s |%n",
                        root.label(),
                        found.cases(),
                        100.0 * found.first() / found.cases(),
                        100.0 * found.firstThree() / found.cases(),
                        found.takenFor().entrySet().stream()
                                .sorted((a, b) -> b.getValue() - a.getValue())
                                .limit(3)
                                .map(e -> e.getKey().label() + " " + e.getValue())
                                .collect(Collectors.joining(", "))));
        print("%n## Reliability, seed 1%n%n| said | failures | mean %% | right %% |%n|---|---:|---:|---:|%n");
        for (int i = 0; i < first.bins().size(); i++) {
            Trial.Bin bin = first.bins().get(i);
            if (bin.cases() > 0) {
                print(
                        "| %d to %d %% | %d | %.0f | %.0f |%n",
                        10 * i, 10 * i + 10, bin.cases(), 100 * bin.said(), 100 * bin.right());
            }
        }
        if (args.length > 0) {
            Files.writeString(Path.of(args[0]), drawing(first), StandardCharsets.UTF_8);
        }
    }

    private static void print(String format, Object... figures) {
        System.out.printf(Locale.ROOT, format, figures);
    }

    /** Share right over probability said, a disc for each tenth as large as its cases, beside the line of perfect honesty. */
    private static String drawing(Trial trial) {
        StringBuilder svg = new StringBuilder();
        int whole = SIDE + 2 * EDGE;
        svg.append(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\" font-family=\"sans-serif\" font-size=\"14\">%n",
                whole,
                whole));
        svg.append(String.format(Locale.ROOT, "<rect width=\"%d\" height=\"%d\" fill=\"#fffdf8\"/>%n", whole, whole));
        for (int i = 0; i <= 10; i += 2) {
            double at = i / 10.0;
            svg.append(String.format(
                    Locale.ROOT,
                    "<path d=\"M %.0f %d V %d M %d %.0f H %d\" stroke=\"#d9d0bf\"/>%n",
                    x(at),
                    EDGE,
                    EDGE + SIDE,
                    EDGE,
                    y(at),
                    EDGE + SIDE));
            svg.append(String.format(
                    Locale.ROOT,
                    "<text x=\"%.0f\" y=\"%d\" text-anchor=\"middle\">%d</text><text x=\"%d\" y=\"%.0f\" text-anchor=\"end\">%d</text>%n",
                    x(at),
                    EDGE + SIDE + 20,
                    10 * i,
                    EDGE - 8,
                    y(at) + 5,
                    10 * i));
        }
        svg.append(String.format(
                Locale.ROOT,
                "<path d=\"M %.0f %.0f L %.0f %.0f\" stroke=\"#24221d\" stroke-dasharray=\"6 5\"/>%n",
                x(0),
                y(0),
                x(1),
                y(1)));
        for (Trial.Bin bin : trial.bins()) {
            if (bin.cases() > 0) {
                svg.append(String.format(
                        Locale.ROOT,
                        "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"%.1f\" fill=\"#a4532c\" fill-opacity=\"0.75\"><title>%d cases</title></circle>%n",
                        x(bin.said()),
                        y(bin.right()),
                        3 + 16 * Math.sqrt(bin.cases() / (double) trial.cases()),
                        bin.cases()));
            }
        }
        svg.append(String.format(
                Locale.ROOT,
                "<text x=\"%d\" y=\"%d\" text-anchor=\"middle\">probability said of the first, %%</text>%n",
                EDGE + SIDE / 2,
                whole - 12));
        svg.append(String.format(
                Locale.ROOT,
                "<text transform=\"translate(16 %d) rotate(-90)\" text-anchor=\"middle\">share right, %%</text>%n</svg>%n",
                EDGE + SIDE / 2));
        return svg.toString();
    }

    private static double x(double share) {
        return EDGE + SIDE * share;
    }

    private static double y(double share) {
        return EDGE + SIDE * (1 - share);
    }
}
