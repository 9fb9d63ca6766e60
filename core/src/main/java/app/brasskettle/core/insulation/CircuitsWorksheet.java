package app.brasskettle.core.insulation;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;

/** Each circuit by the rule of the whole winding, the worst one judging; one far under its sisters is named. */
public final class CircuitsWorksheet {

    private static final double ODD_TIMES = 10;

    private CircuitsWorksheet() {}

    public static Worksheet<CircuitReadings, CircuitsResult> create(InsulationLimits limits) {
        return new Worksheet<>(
                "circuit-insulation",
                "Insulation, circuit by circuit",
                CircuitReadings.class,
                List.of("IEEE Std 43-2013"),
                test -> work(test, limits));
    }

    private static CircuitsResult work(CircuitReadings test, InsulationLimits limits) {
        Worksheet<InsulationReadings, InsulationResult> sheet = InsulationWorksheet.create(limits);
        List<InsulationResult> results = test.circuits().stream()
                .map(c -> sheet.work().apply(test.alone(c)))
                .toList();
        int worst = 0;
        int lowest = 0;
        int highest = 0;
        for (int i = 1; i < results.size(); i++) {
            Verdict pair = Verdict.worst(
                    List.of(results.get(i).verdict(), results.get(worst).verdict()));
            boolean lower = megohm(test, i) < megohm(test, worst);
            boolean same = results.get(i).verdict() == results.get(worst).verdict();
            worst = same ? (lower ? i : worst) : (pair == results.get(i).verdict() ? i : worst);
            lowest = megohm(test, i) < megohm(test, lowest) ? i : lowest;
            highest = megohm(test, i) > megohm(test, highest) ? i : highest;
        }
        double ratio = megohm(test, lowest) == 0 ? 1e12 : megohm(test, highest) / megohm(test, lowest);
        List<CircuitsResult.CircuitReading> circuits = new ArrayList<>();
        for (int i = 0; i < results.size(); i++) {
            circuits.add(new CircuitsResult.CircuitReading(
                    test.circuits().get(i).circuit(),
                    results.get(i).correctedMegohm(),
                    results.get(i).verdict()));
        }
        return new CircuitsResult(
                List.copyOf(circuits),
                megohm(test, lowest),
                results.get(0).minimumMegohm(),
                ratio,
                judge(
                        test.circuits().get(worst).circuit(),
                        test.circuits().get(lowest).circuit(),
                        ratio,
                        results.get(worst).judgement()));
    }

    private static double megohm(CircuitReadings test, int i) {
        return test.circuits().get(i).megohm();
    }

    private static Judgement judge(String worst, String lowest, double ratio, Judgement own) {
        boolean odd = Limit.over(ratio, ODD_TIMES);
        Verdict verdict = own.verdict() == Verdict.HOLDS && odd ? Verdict.WATCH : own.verdict();
        String sisters =
                odd ? "Circuit " + lowest + " reads " + Figures.significant(1 / ratio, 2) + " of the best one" : "";
        return new Judgement(
                verdict,
                "Worst is " + worst + ": " + own.headline(),
                sisters.isEmpty() ? own.because() : sisters + (own.because().isEmpty() ? "" : "; " + own.because()),
                own.source(),
                odd ? "Part that circuit at its joints and read the pieces." : own.next());
    }
}
