package app.brasskettle.core.resistance;

import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Phrase;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Winding resistance by IEEE Std 118 and IEC 60034-1. */
public final class ResistanceWorksheet {

    private static final String SOURCE = "IEEE Std 118; IEC 60034-1, 8.6";
    private static final String LIMIT_SOURCE =
            "Shop limit on the spread of the three readings; IEEE Std 118 for the method";

    private ResistanceWorksheet() {}

    public static Worksheet<ResistanceReadings, ResistanceResult> create(ResistanceLimits limits) {
        return new Worksheet<>(
                "winding-resistance",
                "Winding resistance",
                ResistanceReadings.class,
                List.of("IEEE Std 118", "IEC 60034-1"),
                test -> work(test, limits));
    }

    private static ResistanceResult work(ResistanceReadings test, ResistanceLimits limits) {
        double limit = limits.percentFor(test.windingKind());
        if (!test.open().isEmpty()) {
            return open(test, limit);
        }
        double ab = test.terminalOhms().ab().orElseThrow();
        double bc = test.terminalOhms().bc().orElseThrow();
        double ca = test.terminalOhms().ca().orElseThrow();
        double mean = (ab + bc + ca) / 3;
        double deviation = Math.max(Math.abs(ab - mean), Math.max(Math.abs(bc - mean), Math.abs(ca - mean)));
        double unbalance = 100 * deviation / mean;
        double at25 = test.conductor().at25(mean, test.windingTemperatureC());
        Optional<Map<String, Double>> phases = PhaseOhms.solve(test.connection(), ab, bc, ca);
        Optional<String> inside = OpenCircuit.of(test.connection(), ab, bc, ca, phases);
        Verdict verdict = Limit.ceiling(unbalance, limit, limits.watchTimes() * limit);
        String k = Figures.plain(test.conductor().constant());
        return new ResistanceResult(
                Optional.of(mean),
                Optional.of(unbalance),
                Optional.of(at25),
                phases,
                Optional.empty(),
                inside,
                limit,
                verdict,
                judge(test, verdict, unbalance, limit, at25, phases, inside),
                List.of(
                        new Step(
                                "mean",
                                "(ab + bc + ca)/3",
                                "(" + Figures.plain(ab) + " + " + Figures.plain(bc) + " + " + Figures.plain(ca) + ")/3",
                                mean,
                                "Ω",
                                SOURCE),
                        new Step("unbalance", "100·max|R − mean|/mean", "", unbalance, "%", LIMIT_SOURCE),
                        new Step(
                                "mean at 25 °C",
                                "R·(k + 25)/(k + T)",
                                Figures.plain(mean) + "·(" + k + " + 25)/(" + k + " + "
                                        + Figures.significant(test.windingTemperatureC(), 3) + ")",
                                at25,
                                "Ω",
                                SOURCE)));
    }

    private static ResistanceResult open(ResistanceReadings test, double limit) {
        Optional<String> phase =
                test.connection() == Connection.WYE && test.open().size() == 2
                        ? Optional.of(shared(test.open()))
                        : Optional.empty();
        String pairs =
                String.join(" and ", test.open().stream().map(Pair::label).toList());
        String headline = phase.map(p -> "Phase " + p.toUpperCase(java.util.Locale.ROOT) + " is open: " + pairs
                        + " read open, and they share it")
                .orElse(pairs + (test.open().size() == 1 ? " reads open" : " read open"));
        Judgement judgement = new Judgement(
                Verdict.STOP,
                headline,
                test.open().size() == 1 && test.connection() == Connection.WYE
                        ? "In wye one open pair alone cannot be: measure it again"
                        : "No current path between terminals that should have one",
                SOURCE,
                "Measure across any protector both ways and flex the joints before you call it open.");
        return new ResistanceResult(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                phase,
                Optional.of(headline),
                limit,
                Verdict.STOP,
                judgement,
                List.of());
    }

    private static String shared(List<Pair> open) {
        if (!open.contains(Pair.BC)) {
            return "a";
        }
        return open.contains(Pair.AB) ? "b" : "c";
    }

    private static Judgement judge(
            ResistanceReadings test,
            Verdict verdict,
            double unbalance,
            double limit,
            double at25,
            Optional<Map<String, Double>> phases,
            Optional<String> inside) {
        String figure = "Unbalance " + Figures.percent(unbalance) + ", limit " + Figures.percent(limit) + "; mean "
                + Figures.show(at25, Dimension.RESISTANCE) + " at 25 °C";
        if (verdict == Verdict.STOP && inside.isPresent()) {
            return new Judgement(
                    verdict,
                    inside.get() + "; " + Phrase.lower(figure),
                    "A joint or conductor is broken, whatever the ohmmeter still reads around it",
                    LIMIT_SOURCE,
                    "No power. Part the phases and measure each circuit.");
        }
        String odd = phases.map(ResistanceWorksheet::odd).orElse("no closed winding gives these three readings");
        return switch (verdict) {
            case HOLDS ->
                new Judgement(verdict, figure, "All three pairs agree", LIMIT_SOURCE, "Go on to insulation to frame.");
            case WATCH ->
                new Judgement(
                        verdict,
                        figure,
                        "Odd one: " + odd,
                        LIMIT_SOURCE,
                        "Clean the lugs, four-wire clips, measure again.");
            default -> new Judgement(verdict, figure, "Odd one: " + odd, LIMIT_SOURCE, next(test.connection(), phases));
        };
    }

    /** A joint can only read high; a phase that reads low has turns shorted, or a parallel path beside it. */
    private static String next(Connection connection, Optional<Map<String, Double>> phases) {
        if (connection == Connection.UNKNOWN) {
            return "Find out how it is connected; then a phase that reads high has a poor joint, one that reads low shorted"
                    + " turns.";
        }
        boolean low = phases.filter(ResistanceWorksheet::oddReadsLow).isPresent();
        return low
                ? "That phase reads low: shorted turns, wrong turns, or a parallel path. Surge it; look at its joints for a"
                        + " bridge."
                : "That phase reads high: look for a poor joint or wrong turns in it.";
    }

    private static boolean oddReadsLow(Map<String, Double> phases) {
        return oddOne(phases).getValue() < mean(phases);
    }

    private static Map.Entry<String, Double> oddOne(Map<String, Double> phases) {
        double mean = mean(phases);
        return phases.entrySet().stream()
                .max(Comparator.comparingDouble(e -> Math.abs(e.getValue() - mean)))
                .orElseThrow();
    }

    private static double mean(Map<String, Double> phases) {
        return phases.values().stream()
                .mapToDouble(Double::doubleValue)
                .average()
                .orElseThrow();
    }

    private static String odd(Map<String, Double> phases) {
        double mean = mean(phases);
        Map.Entry<String, Double> worst = oddOne(phases);
        return "phase " + worst.getKey().toUpperCase(java.util.Locale.ROOT) + " at "
                + Figures.show(worst.getValue(), Dimension.RESISTANCE) + ", "
                + Figures.percent(100 * Math.abs(worst.getValue() - mean) / mean)
                + (worst.getValue() > mean ? " high" : " low");
    }
}
