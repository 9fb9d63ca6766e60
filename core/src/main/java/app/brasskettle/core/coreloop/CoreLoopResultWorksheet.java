package app.brasskettle.core.coreloop;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Judgement of a loop test by loss, by its rise across the burnout, and by hot spots (IEEE Std 1068). */
public final class CoreLoopResultWorksheet {

    private static final double LOSS_WATCH = 8.8;
    private static final double LOSS_STOP = 13.2;
    private static final double RISE_WATCH_PERCENT = 10;
    private static final double RISE_STOP_PERCENT = 20;
    private static final double HOT_WATCH_K = 5;
    private static final double HOT_STOP_K = 10;
    private static final double MIN_RISE_PERCENT = -30;
    private static final double MIN_T = 1.2;
    private static final double MAX_T = 1.4;
    private static final String SOURCE = "IEEE Std 1068";

    private CoreLoopResultWorksheet() {}

    public static Worksheet<CoreLoopReading, CoreLoopResult> create() {
        return worksheet(false);
    }

    /**
     * The same on a job, where a core is wound on the strength of it: a reading that no core can give, or whose flux density nobody
     * noted or is not the one that the limits belong to, is Unproven unless it stops.
     */
    public static Worksheet<CoreLoopReading, CoreLoopResult> onJob() {
        return worksheet(true);
    }

    private static Worksheet<CoreLoopReading, CoreLoopResult> worksheet(boolean job) {
        return new Worksheet<>(
                "core-loop-result",
                "Core loop, judged",
                CoreLoopReading.class,
                List.of("IEEE Std 1068"),
                reading -> work(reading, job));
    }

    /** Limits of loss belong to 1.32 T; loss goes with about the square of it, and over 1.4 T a core saturates. */
    private static Optional<String> doubt(CoreLoopReading reading, Optional<Double> rise, double hot) {
        if (hot < 0) {
            return Optional.of("The hottest spot cannot be cooler than the mean");
        }
        if (rise.filter(r -> r <= MIN_RISE_PERCENT).isPresent()) {
            return Optional.of("A burnout does not take away so much loss");
        }
        if (reading.fluxDensityT().isEmpty()) {
            return Optional.of("Nobody noted the flux density");
        }
        return reading.fluxDensityT()
                .filter(t -> Limit.under(t, MIN_T) || Limit.over(t, MAX_T))
                .map(t -> "At " + Figures.plain(t) + " T, and the limits are for 1.2 to 1.4 T");
    }

    private static CoreLoopResult work(CoreLoopReading reading, boolean job) {
        double loss = reading.measuredW() / reading.coreMassKg();
        Optional<Double> rise = reading.beforeBurnoutW().map(before -> 100 * (reading.measuredW() - before) / before);
        double hot = reading.hottestC() - reading.meanCoreC();
        List<Verdict> verdicts = new ArrayList<>(
                List.of(Limit.ceiling(loss, LOSS_WATCH, LOSS_STOP), Limit.ceiling(hot, HOT_WATCH_K, HOT_STOP_K)));
        rise.ifPresent(r -> verdicts.add(Limit.ceiling(r, RISE_WATCH_PERCENT, RISE_STOP_PERCENT)));
        Verdict read = Verdict.worst(verdicts);
        Optional<String> doubt = job && read != Verdict.STOP ? doubt(reading, rise, hot) : Optional.empty();
        Verdict verdict = doubt.isPresent() ? Verdict.UNPROVEN : read;
        return new CoreLoopResult(
                loss,
                rise,
                hot,
                verdict,
                new Judgement(
                        verdict,
                        doubt.map(d -> d + "; ").orElse("") + Figures.significant(loss, 3)
                                + " W/kg (8.8 watch, 13.2 stop), hottest spot "
                                + Figures.significant(hot, 3) + " K over the mean (5 watch, 10 stop)"
                                + rise.map(r -> ", loss " + Figures.percent(r) + " against before (10 watch, 20 stop)")
                                        .orElse(""),
                        rise.isEmpty() ? "Not measured before the burnout: only half the proof" : "",
                        SOURCE,
                        switch (verdict) {
                            case HOLDS -> "The core may be wound.";
                            case WATCH -> "Find the spot, part the sheets there, and measure again.";
                            case UNPROVEN -> "Check turns, search coil and thermometer, then measure again at 1.32 T.";
                            default -> "Do not wind it: restack or mend the core, or replace the motor.";
                        }),
                List.of(
                        new Step(
                                "loss",
                                "W/m",
                                Figures.plain(reading.measuredW()) + "/" + Figures.plain(reading.coreMassKg()),
                                loss,
                                "W/kg",
                                SOURCE),
                        new Step(
                                "hot spot",
                                "hottest − mean",
                                Figures.plain(reading.hottestC()) + " − " + Figures.plain(reading.meanCoreC()),
                                hot,
                                "K",
                                SOURCE)));
    }
}
