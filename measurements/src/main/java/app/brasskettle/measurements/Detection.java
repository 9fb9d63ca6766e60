package app.brasskettle.measurements;

import app.brasskettle.core.instruments.Faults;
import app.brasskettle.core.instruments.MotorFault;
import app.brasskettle.core.instruments.Severity;
import app.brasskettle.core.instruments.SimulatedBench;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.instruments.SimulatedMotor.Rating;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.verdict.Verdict;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The share of simulated motors each test of the bench does not pass, per fault and severity, printed as Markdown tables; the
 * row of the sound motor is the false alarms. A test counts as finding something where its verdict is not HOLDS, or where the
 * instrument tripped, found no value, or the motor did not come up.
 */
public final class Detection {

    private static final int SEEDS = 200;
    private static final double[] KILOWATTS = {0.37, 7.5, 90};
    private static final double WINDING_C = 22;

    private Detection() {}

    /** Argument: a folder of labelled surge traces, whose verdicts are counted too; none when absent. */
    public static void main(String[] args) throws IOException {
        if (args.length > 0) {
            System.out.println("## Surge traces of another simulator\n");
            LabelledTraces.print(Path.of(args[0]));
            System.out.println();
        }
        System.out.println("## Three-phase motors\n");
        table(3, threePhase());
        System.out.println("\n## Two faults at once, three-phase\n");
        pairs(threePhase());
        System.out.println("\n## Single-phase motors\n");
        table(1, List.of(new Rating(1, 230, 750, 50, 4, Connection.UNKNOWN)));
        MistakesFound.print();
    }

    private static List<Rating> threePhase() {
        List<Rating> ratings = new ArrayList<>();
        for (Connection connection : List.of(Connection.WYE, Connection.DELTA)) {
            for (double kilowatts : KILOWATTS) {
                ratings.add(Rating.usual(400, 1000 * kilowatts, connection));
            }
        }
        return ratings;
    }

    private static List<SimulatedBench.Test> tests(int phases) {
        return Arrays.stream(SimulatedBench.Test.values())
                .filter(t -> t.applies(phases))
                .toList();
    }

    private static void table(int phases, List<Rating> ratings) {
        head("motor", phases);
        row("sound", Faults.none(), ratings);
        for (MotorFault fault : MotorFault.values()) {
            if (fault.befalls(phases)) {
                for (Severity severity : Severity.values()) {
                    row(fault.label() + ", " + severity.code(), Faults.none().with(fault, severity), ratings);
                }
            }
        }
    }

    private static void pairs(List<Rating> ratings) {
        head("moderate faults", 3);
        MotorFault[][] pairs = {
            {MotorFault.MOISTURE, MotorFault.TURN_SHORT},
            {MotorFault.TURN_SHORT, MotorFault.BROKEN_BAR},
            {MotorFault.POOR_JOINT, MotorFault.BAD_BEARING}
        };
        for (MotorFault[] pair : pairs) {
            row(pair[0].label() + " and " + pair[1].label(), Faults.of(pair), ratings);
        }
    }

    private static void head(String first, int phases) {
        List<String> names =
                tests(phases).stream().map(SimulatedBench.Test::label).toList();
        System.out.println("| " + first + " | " + String.join(" | ", names) + " | any test |");
        System.out.println("|---|" + "---|".repeat(names.size() + 1));
    }

    /** Sound motors are all tried, 200 seeds of each rating; of a faulty one 200 seeds, the ratings taken in turn. */
    private static void row(String name, Faults faults, List<Rating> ratings) {
        boolean sound = faults.present().isEmpty();
        List<SimulatedMotor> motors = new ArrayList<>();
        for (int seed = 0; seed < SEEDS; seed++) {
            for (Rating rating : sound ? ratings : List.of(ratings.get(seed % ratings.size()))) {
                motors.add(new SimulatedMotor(rating, WINDING_C, faults, seed));
            }
        }
        List<SimulatedBench.Test> tests = tests(ratings.get(0).phases());
        int[] found = motors.parallelStream()
                .map(m -> hits(new SimulatedBench(m), tests))
                .reduce(new int[tests.size() + 1], Detection::sum);
        StringBuilder line = new StringBuilder("| " + name + " (" + motors.size() + ") |");
        for (int n : found) {
            line.append(' ').append(percent(n, motors.size())).append(" |");
        }
        System.out.println(line);
    }

    /** 1 for each test that finds something, and a last one where any does. */
    private static int[] hits(SimulatedBench bench, List<SimulatedBench.Test> tests) {
        int[] hits = new int[tests.size() + 1];
        for (int i = 0; i < tests.size(); i++) {
            hits[i] = bench.verdict(tests.get(i)) != Verdict.HOLDS ? 1 : 0;
            hits[tests.size()] |= hits[i];
        }
        return hits;
    }

    private static int[] sum(int[] a, int[] b) {
        int[] sum = a.clone();
        for (int i = 0; i < b.length; i++) {
            sum[i] += b[i];
        }
        return sum;
    }

    /** A share with one decimal where it is neither none nor all. */
    private static String percent(int n, int of) {
        return n == 0 || n == of ? 100 * n / of + " %" : String.format("%.1f %%", 100.0 * n / of);
    }
}
