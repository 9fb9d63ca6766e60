package app.brasskettle.core.withstand;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/** A withstand test judged: stood the level for a minute, broke down, or proves nothing. */
public final class WithstandRecordWorksheet {

    private static final double HOLD_S = 60;
    private static final double FAR_OVER_PERCENT = 105;
    /** So far over the level a figure is a slip of the pen, or of the set. */
    private static final double IMPLAUSIBLE_PERCENT = 200;

    private static final String SOURCE = "IEC 60034-1, cl. 9; IEEE Std 95";

    private WithstandRecordWorksheet() {}

    public static Worksheet<WithstandRecord, WithstandResult> create() {
        return new Worksheet<>(
                "withstand-record",
                "Withstand test",
                WithstandRecord.class,
                List.of("IEC 60034-1", "IEEE Std 95"),
                WithstandRecordWorksheet::work);
    }

    /**
     * Judges a test on a job. In service, at low voltage, the standard's level can lie under the voltage of the insulation test, which
     * every winding stands before it: the withstand test is never gentler than that.
     *
     * @param insulationTestV direct voltage at which this shop tests insulation, by rated voltage
     */
    public static Worksheet<WithstandRecord, WithstandResult> onJob(DoubleUnaryOperator insulationTestV) {
        return new Worksheet<>(
                "withstand-record",
                "Withstand test",
                WithstandRecord.class,
                List.of("IEC 60034-1", "IEEE Std 95"),
                test -> work(test, insulationTestV.applyAsDouble(test.ratedVoltageV())));
    }

    private static WithstandResult work(WithstandRecord test) {
        return work(test, 0);
    }

    private static WithstandResult work(WithstandRecord test, double leastDirectV) {
        WithstandLevels levels = WithstandWorksheet.create()
                .work()
                .apply(new WithstandQuestion(test.ratedVoltageV(), test.state(), test.school(), test.repeat()));
        boolean direct = test.supply() == WithstandRecord.Supply.DIRECT;
        double small = WithstandWorksheet.smallMachineAcV(test).orElse(levels.acV());
        double ratio = levels.dcV() / levels.acV();
        double required = Math.max(direct ? small * ratio : small, direct ? leastDirectV : leastDirectV / ratio);
        double share = 100 * test.appliedVoltageV() / required;
        List<Step> steps = new ArrayList<>(levels.steps().subList(0, direct ? 2 : 1));
        steps.add(new Step(
                "applied",
                "100·applied/level",
                Figures.plain(test.appliedVoltageV()) + "/" + Figures.plain(required),
                share,
                "%",
                SOURCE));
        return new WithstandResult(required, share, judge(test, required, share), List.copyOf(steps));
    }

    private static Judgement judge(WithstandRecord test, double required, double share) {
        String figures =
                Figures.plain(test.appliedVoltageV()) + " V " + test.supply().code() + " for "
                        + Figures.plain(test.heldSeconds()) + " s, level " + Figures.plain(required) + " V for 60 s";
        if (test.brokeDown()) {
            return new Judgement(
                    Verdict.STOP,
                    "Broke down: " + figures,
                    "Insulation to frame punctured; a second try only burns the place wider",
                    SOURCE,
                    "No power. Find the place; ground the leads first.");
        }
        if (Limit.under(test.appliedVoltageV(), required) || Limit.under(test.heldSeconds(), HOLD_S)) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    "Short of the test: " + figures,
                    "Less voltage or less time proves nothing about the level",
                    SOURCE,
                    "Hold the level for a minute.");
        }
        if (Limit.over(share, IMPLAUSIBLE_PERCENT)) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    "More than twice the level: " + figures,
                    "No winding is asked that, and few stand it: the figure or its unit is wrong",
                    SOURCE,
                    "Check leads, units and instrument; note what was really applied.");
        }
        String because = Limit.over(share, FAR_OVER_PERCENT)
                ? Figures.percent(share - 100) + " more than asked: that ages the winding"
                : test.repeat() ? "A full-level test is on record, so this one stood at 80 %" : "";
        return new Judgement(
                Verdict.HOLDS,
                "Stood " + figures,
                because,
                SOURCE,
                "Ground the leads, then take insulation once more.");
    }
}
