package app.brasskettle.core.run;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;

/** A run without load: share of the rated current by poles, and unbalance against what the supply explains. */
public final class NoLoadWorksheet {

    private static final double UNBALANCE_WATCH = 5;
    private static final double UNBALANCE_STOP = 10;
    private static final double USUAL_LOCKED_ROTOR_RATIO = 6;
    private static final double SMALL_W = 2000;
    private static final double SMALL_HIGH = 80;
    private static final double SLOPE_FROM_W = 1000;
    private static final double SLOPE_TO_W = 4000;
    private static final double NEAR_RATED_PERCENT = 5;
    /** A motor without load that draws one and a half times its usual range has wrong turns, a wrong connection or a bad core. */
    private static final double OVER_RANGE = 1.5;

    private static final double RATED = 100;
    private static final String SOURCE = "Shop rule: no-load shares by poles; unbalance by the definition of NEMA MG 1";

    private NoLoadWorksheet() {}

    /** Usual shares of the rated current, in percent. */
    private record Share(double low, double high) {

        static Share of(int poles) {
            return switch (poles) {
                case 2 -> new Share(20, 40);
                case 4 -> new Share(25, 50);
                case 6 -> new Share(30, 60);
                case 8 -> new Share(35, 65);
                default -> new Share(40, 75);
            };
        }
    }

    public static Worksheet<NoLoadRun, NoLoadResult> create() {
        return worksheet(false);
    }

    /**
     * Judges a run on a job: the share that small motors may draw falls evenly from 1 to 4 kW in place of a step at 2 kW, and
     * over one and a half times the usual range is Stop; under 2 kW, over the rated current.
     */
    public static Worksheet<NoLoadRun, NoLoadResult> onJob() {
        return worksheet(true);
    }

    private static Worksheet<NoLoadRun, NoLoadResult> worksheet(boolean job) {
        return new Worksheet<>(
                "no-load-run", "Run without load", NoLoadRun.class, List.of("NEMA MG 1"), run -> work(run, job));
    }

    private static double high(NoLoadRun run, Share usual, boolean job) {
        if (!job) {
            return run.ratedPowerW() < SMALL_W ? SMALL_HIGH : usual.high();
        }
        double along = (run.ratedPowerW() - SLOPE_FROM_W) / (SLOPE_TO_W - SLOPE_FROM_W);
        return SMALL_HIGH + Math.max(0, Math.min(1, along)) * (usual.high() - SMALL_HIGH);
    }

    private static NoLoadResult work(NoLoadRun run, boolean job) {
        double current = mean(run.lineCurrentsA());
        double voltage = mean(run.lineVoltagesV());
        double unbalance = unbalance(run.lineCurrentsA(), current);
        double supply = unbalance(run.lineVoltagesV(), voltage);
        double share = 100 * current / run.ratedCurrentA();
        double explained = run.lockedRotorRatio().orElse(USUAL_LOCKED_ROTOR_RATIO) / (share / 100) * supply;
        Share usual = Share.of(run.poles());
        double high = high(run, usual, job);
        double off = 100 * Math.abs(voltage / run.ratedVoltageV() - 1);
        boolean atRated = !Limit.over(off, NEAR_RATED_PERCENT);
        boolean outside = atRated && (Limit.under(share, usual.low()) || Limit.over(share, high));
        Verdict verdict;
        double stopFrom = run.ratedPowerW() < SMALL_W ? RATED : OVER_RANGE * usual.high();
        boolean lost = run.deadLines().filter(d -> !d.isEmpty()).isPresent();
        boolean far = job && atRated && Limit.over(share, stopFrom);
        if (lost || far || Limit.over(unbalance, UNBALANCE_STOP) && Limit.over(unbalance, explained)) {
            verdict = Verdict.STOP;
        } else if (Limit.over(unbalance, UNBALANCE_WATCH) || outside) {
            verdict = Verdict.WATCH;
        } else {
            verdict = atRated ? Verdict.HOLDS : Verdict.UNPROVEN;
        }
        String headline = (lost
                        ? "Line " + run.deadLines().orElseThrow().get(0).name() + " carries no current: a lost phase. "
                        : "")
                + "Unbalance " + Figures.percent(unbalance) + " (watch 5, stop 10; the supply explains "
                + Figures.percent(explained) + "), current " + Figures.percent(share) + " of rated (usual "
                + Figures.plain(usual.low()) + " to " + Figures.significant(high, 3) + " %"
                + (job ? ", stop over " + Figures.significant(stopFrom, 3) + " %)" : ")");
        return new NoLoadResult(
                unbalance,
                supply,
                explained,
                share,
                usual.low(),
                high,
                stopFrom,
                atRated,
                lost,
                verdict,
                new Judgement(
                        verdict,
                        headline,
                        atRated ? "" : "Not at rated voltage: the share is not judged",
                        SOURCE,
                        next(verdict, outside, lost)),
                List.of(
                        new Step("current unbalance", "100·max|I − Ī|/Ī", "", unbalance, "%", SOURCE),
                        new Step("voltage unbalance", "100·max|U − Ū|/Ū", "", supply, "%", SOURCE),
                        new Step("explained", "(Ia/In)/(I0/In)·voltage unbalance", "", explained, "%", SOURCE),
                        new Step("share", "100·Ī/In", "", share, "%", SOURCE)));
    }

    private static String next(Verdict verdict, boolean outside, boolean lost) {
        if (lost) {
            return "Cut it at once. Find the open line: fuse, contactor, joint, winding.";
        }
        return switch (verdict) {
            case HOLDS -> "Watch it for a quarter of an hour: current, noise, bearings.";
            case UNPROVEN -> "Run it at rated voltage before this counts.";
            case STOP -> "Roll the leads one place: what goes with the lead is the motor.";
            case WATCH ->
                outside
                        ? "Look at turns, connection and air gap against the plate."
                        : "Roll the leads one place to tell supply from motor.";
        };
    }

    static double mean(List<Double> values) {
        return values.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }

    private static double unbalance(List<Double> values, double mean) {
        return 100 * values.stream().mapToDouble(v -> Math.abs(v - mean)).max().orElseThrow() / mean;
    }
}
