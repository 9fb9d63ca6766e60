package app.brasskettle.core.insulation;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Insulation resistance to frame by IEEE Std 43-2013, with the field rule beside it. */
public final class InsulationWorksheet {

    private InsulationWorksheet() {}

    public static Worksheet<InsulationReadings, InsulationResult> create(InsulationLimits limits) {
        return new Worksheet<>(
                "insulation-resistance",
                "Insulation to frame",
                InsulationReadings.class,
                List.of("IEEE Std 43-2013"),
                test -> work(test, limits));
    }

    /** Dew point in °C of air at {@code airC} and {@code humidityPercent} (Magnus formula). */
    public static double dewPointC(double airC, double humidityPercent) {
        double gamma = Math.log(humidityPercent / 100) + 17.62 * airC / (243.12 + airC);
        return 243.12 * gamma / (17.62 - gamma);
    }

    private static InsulationResult work(InsulationReadings test, InsulationLimits limits) {
        ResistanceOverTime curve = new ResistanceOverTime(test.readings());
        Optional<ResistanceOverTime.Value> minute = curve.at(60);
        ResistanceOverTime.Value judged = minute.orElse(new ResistanceOverTime.Value(
                curve.latest().megohm(), curve.latest().beyond()));
        double factor = test.insulationSystem().correctionTo40(test.windingTemperatureC());
        double corrected = judged.megohm() * factor;
        Optional<Double> absorption = ratio(minute, curve.at(30));
        Optional<Double> index = ratio(curve.at(600), minute);
        boolean indexJudged =
                index.isPresent() && !Limit.over(judged.megohm(), limits.indexNotJudgedOver(test.windingKind()));
        Optional<Double> dew = test.ambientTemperatureC()
                .flatMap(air -> test.relativeHumidityPercent().map(h -> dewPointC(air, h)));
        double minimum = limits.minimumMegohm(test);
        TestVoltage band = TestVoltage.forRated(test.ratedVoltageV());
        InsulationFigures figures = new InsulationFigures(
                test,
                factor,
                minute.isEmpty(),
                curve.first().seconds() > 60,
                judged.atLeast(),
                judged.megohm(),
                corrected,
                minimum,
                index,
                indexJudged,
                limits.minimumPolarizationIndex(test.insulationClass()),
                dew);
        InsulationRule rule = new InsulationRule(limits);
        var judgement = rule.byStandard(figures);
        var field = rule.inTheField(figures);
        return new InsulationResult(
                band.lowV(),
                band.highV(),
                factor,
                figures.spot(),
                figures.atLeast(),
                figures.megohm(),
                corrected,
                minimum,
                absorption,
                index,
                indexJudged,
                figures.minimumIndex(),
                dew,
                judgement.verdict(),
                field.verdict(),
                judgement,
                field,
                steps(figures, absorption));
    }

    /** No ratio is formed with a lower bound, nor over a dead ground. */
    private static Optional<Double> ratio(
            Optional<ResistanceOverTime.Value> upper, Optional<ResistanceOverTime.Value> lower) {
        return upper.filter(u -> !u.atLeast())
                .flatMap(u -> lower.filter(l -> !l.atLeast() && l.megohm() > 0).map(l -> u.megohm() / l.megohm()));
    }

    private static List<Step> steps(InsulationFigures f, Optional<Double> absorption) {
        double t = f.test().windingTemperatureC();
        List<Step> steps = new ArrayList<>();
        boolean plastic = f.test().insulationSystem() == InsulationSystem.THERMOPLASTIC;
        String slope = t > 40 ? "4230" : "1245";
        steps.add(new Step(
                "correction to 40 °C",
                plastic ? "0.5^((40 − T)/10)" : "exp(−" + slope + "·(1/(T+273) − 1/313))",
                "T = " + Figures.significant(t, 3) + " °C",
                f.factor(),
                "",
                "IEEE Std 43-2013, 6.3" + (f.beyondSource() ? " (covers 10 to 85 °C; this is outside it)" : "")));
        steps.add(new Step(
                "resistance at 40 °C",
                "K·R",
                Figures.significant(f.factor(), 3) + " × " + Figures.significant(f.megohm(), 4) + " MΩ",
                f.corrected(),
                "MΩ",
                "IEEE Std 43-2013, 6.3"));
        absorption.ifPresent(
                a -> steps.add(new Step("absorption ratio", "R(60 s)/R(30 s)", "", a, "", "IEEE Std 43-2013, 3.1")));
        f.index()
                .ifPresent(p -> steps.add(
                        new Step("polarization index", "R(10 min)/R(1 min)", "", p, "", "IEEE Std 43-2013, 12.2")));
        f.dewPoint()
                .ifPresent(d -> steps.add(
                        new Step("dew point", "243.12·γ/(17.62 − γ)", "", d, "°C", "Magnus formula over water")));
        return List.copyOf(steps);
    }
}
