package app.brasskettle.core.heating;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;

/** Temperature rise that counts only at rated load and once it no longer warms (IEC 60034-1, 8.7). */
public final class HeatRunWorksheet {

    private static final double RATED_LOW_PERCENT = 95;
    private static final double STEADY_K = 2;

    private HeatRunWorksheet() {}

    public static Worksheet<HeatRun, HeatRunResult> create() {
        return new Worksheet<>(
                "heat-run", "Heat run", HeatRun.class, List.of("IEC 60034-1", "NEMA MG 1"), HeatRunWorksheet::work);
    }

    private static HeatRunResult work(HeatRun run) {
        TemperatureRise rise = TemperatureRiseWorksheet.create().work().apply(run.rise());
        Judgement own = rise.judgement();
        boolean light = Limit.under(run.loadPercent(), RATED_LOW_PERCENT);
        boolean warming = Limit.over(run.lastHourK(), STEADY_K);
        boolean counts = own.verdict() == Verdict.STOP || (!light && !warming);
        Judgement judgement = counts
                ? own
                : new Judgement(
                        Verdict.UNPROVEN,
                        (light
                                        ? "Run at " + Figures.percent(run.loadPercent()) + " of rated load"
                                        : "Still warming by " + Figures.plain(run.lastHourK()) + " K an hour")
                                + "; " + own.headline(),
                        "A rise counts at rated load, warming under 2 K in an hour",
                        own.source(),
                        light ? "Load it, or leave the rise unproven." : "Run on until it is steady.");
        return new HeatRunResult(rise.hotTemperatureC(), rise.riseK(), rise.limitRiseK(), judgement, rise.steps());
    }
}
