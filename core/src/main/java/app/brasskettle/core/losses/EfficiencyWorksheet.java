package app.brasskettle.core.losses;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;

/** Efficiency after a repair from what was measured before and after: winding resistance and core loss. */
public final class EfficiencyWorksheet {

    private static final double HOLDS_POINTS = 0.3;
    private static final double WATCH_POINTS = 1.0;
    private static final String SOURCE =
            "Segregated losses as in IEC 60034-2-1; resistance brought to working temperature as in IEC 60034-1";

    private EfficiencyWorksheet() {}

    /** Creates the worksheet {@code efficiency-after-repair}. */
    public static Worksheet<RepairLosses, EfficiencyAfterRepair> create() {
        return new Worksheet<>(
                "efficiency-after-repair",
                "Efficiency after a repair",
                RepairLosses.class,
                List.of("IEC 60034-2-1", "IEC 60034-1"),
                EfficiencyWorksheet::work);
    }

    static EfficiencyAfterRepair work(RepairLosses r) {
        double before = RepairLosses.lost(r.ratedPowerW(), r.efficiencyPercent());
        double copper = r.copperAfterW() - r.copperBeforeW();
        double core = r.coreLossAfterW() - r.coreLossBeforeW();
        double after = before + copper + core;
        double efficiency = 100 * r.ratedPowerW() / (r.ratedPowerW() + after);
        double change = efficiency - r.efficiencyPercent();
        Judgement judgement = judge(r.efficiencyPercent(), efficiency, change);
        return new EfficiencyAfterRepair(
                before,
                copper,
                core,
                after,
                efficiency,
                change,
                judgement.verdict(),
                judgement,
                List.of(
                        new Step("losses before", "P·(100/η − 1)", "", before, "W", SOURCE),
                        new Step(
                                "change in the winding",
                                "1.5·I²·(after − before)·(K + T)/(K + 25)",
                                "",
                                copper,
                                "W",
                                SOURCE),
                        new Step("change in the core", "after − before", "", core, "W", SOURCE),
                        new Step("efficiency after", "100·P/(P + losses after)", "", efficiency, "%", SOURCE)));
    }

    private static Judgement judge(double before, double after, double change) {
        Verdict verdict = Limit.ceiling(-change, HOLDS_POINTS, WATCH_POINTS);
        String headline = Figures.significant(after, 4) + " % after, " + Figures.significant(before, 4) + " % before; "
                + HOLDS_POINTS + " points may be lost";
        String next = switch (verdict) {
            case HOLDS -> "Nothing: it is what it was.";
            case WATCH -> "Say it in the quote; look where it was lost, winding or core.";
            default -> "Find what costs it: a core overheated at burnout, or too little copper.";
        };
        return new Judgement(verdict, headline, Figures.significant(change, 2) + " points", SOURCE, next);
    }
}
