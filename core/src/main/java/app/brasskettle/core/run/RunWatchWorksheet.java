package app.brasskettle.core.run;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;

/** A quarter of an hour without load: does the current stay, do the bearings stay cool, is one place hot. */
public final class RunWatchWorksheet {

    private static final double MIN_MINUTES = 15;
    private static final double DRIFT_WATCH = 5;
    private static final double DRIFT_STOP = 10;
    private static final double BEARING_WATCH_K = 40;
    private static final double BEARING_STOP_K = 60;
    private static final double SPOT_WATCH_K = 10;
    private static final double SPOT_STOP_K = 20;
    private static final String SOURCE = "Shop rule: quarter-hour watch without load";

    private RunWatchWorksheet() {}

    public static Worksheet<RunWatch, WatchResult> create() {
        return new Worksheet<>(
                "run-watch", "Quarter-hour watch", RunWatch.class, List.of("Shop rule"), RunWatchWorksheet::work);
    }

    private static WatchResult work(RunWatch watch) {
        RunWatch.Reading first = watch.readings().get(0);
        RunWatch.Reading last = watch.readings().get(watch.readings().size() - 1);
        double drift = 100 * Math.abs(last.currentA() / first.currentA() - 1);
        double rise =
                Math.max(last.driveEndTemperatureC(), last.nonDriveEndTemperatureC()) - watch.ambientTemperatureC();
        List<RunWatch.HotSpot> spots = watch.spots().orElse(List.of());
        double mean = spots.stream()
                .mapToDouble(RunWatch.HotSpot::spotTemperatureC)
                .average()
                .orElse(0);
        double over = spots.stream()
                        .mapToDouble(RunWatch.HotSpot::spotTemperatureC)
                        .max()
                        .orElse(0)
                - mean;
        return new WatchResult(
                last.minute(),
                drift,
                rise,
                over,
                judge(last.minute(), drift, rise, over),
                List.of(
                        new Step("drift", "100·|I last/I first − 1|", "", drift, "%", SOURCE),
                        new Step("bearing", "hotter bearing − air", "", rise, "K", SOURCE),
                        new Step("spot", "hottest − mean of the picture", "", over, "K", SOURCE)));
    }

    private static Judgement judge(double minutes, double drift, double rise, double over) {
        Verdict current = Limit.ceiling(drift, DRIFT_WATCH, DRIFT_STOP);
        Verdict bearing = Limit.ceiling(rise, BEARING_WATCH_K, BEARING_STOP_K);
        Verdict spot = Limit.ceiling(over, SPOT_WATCH_K, SPOT_STOP_K);
        Verdict worst = Verdict.worst(List.of(current, bearing, spot));
        String figures = Figures.plain(minutes) + " min: current drifts " + Figures.percent(drift)
                + " (watch 5, stop 10), bearing " + Figures.significant(rise, 3) + " K over the air (watch 40, stop 60)"
                + (over > 0
                        ? ", hottest place " + Figures.significant(over, 3) + " K over the mean (watch 10, stop 20)"
                        : "");
        if (worst == Verdict.HOLDS && Limit.under(minutes, MIN_MINUTES)) {
            return new Judgement(
                    Verdict.UNPROVEN, "Too short: " + figures, "", SOURCE, "Watch it for a quarter of an hour.");
        }
        String next = worst == Verdict.HOLDS
                ? "It runs quiet and cool: vibration next."
                : bearing != Verdict.HOLDS
                        ? "Feel and hear the bearing; grease, fit, alignment."
                        : current != Verdict.HOLDS
                                ? "Stop it and measure resistance warm: a joint or a turn gives way."
                                : "Look at the place that is hot: a joint, a core burn, a blocked duct.";
        return new Judgement(worst, figures, "", SOURCE, next);
    }
}
