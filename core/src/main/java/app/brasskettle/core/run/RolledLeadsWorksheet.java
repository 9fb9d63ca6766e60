package app.brasskettle.core.run;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;

/**
 * Supply or motor, from currents before and after the leads were rolled one place.
 *
 * <p>With d and d′ the deviations of the lines from their means, a part s of the pattern that belongs to the lines and a part m
 * that belongs to the leads, d = s + m and d′ = s + m moved on by one line. Three deviations add up to nothing, so moving on is
 * a turn by a third of a circle and both parts follow exactly: m = (d − d′) turned back through (1 − turn).
 */
public final class RolledLeadsWorksheet {

    private static final double WATCH = 5;
    private static final double STOP = 10;
    private static final double SMALL_PART = 35;
    private static final String SOURCE =
            "Shop rule: what stays with the line is the supply, what goes with the lead is the motor";

    private RolledLeadsWorksheet() {}

    public static Worksheet<RolledLeads, RolledResult> create() {
        return new Worksheet<>(
                "rolled-leads", "Rolled leads", RolledLeads.class, List.of("NEMA MG 1"), RolledLeadsWorksheet::work);
    }

    private static RolledResult work(RolledLeads rolled) {
        double[] before = deviations(rolled.currentsBeforeA());
        double[] after = deviations(rolled.currentsAfterA());
        double[] motor = new double[3];
        for (int i = 0; i < 3; i++) {
            // (1 − turn)⁻¹ = (1 − turn²)/3 on deviations that add up to nothing; turn moves entry i − 1 to i.
            double change = before[i] - after[i];
            double twiceMoved = before[(i + 1) % 3] - after[(i + 1) % 3];
            motor[i] = (change - twiceMoved) / 3;
        }
        double[] supply = new double[3];
        for (int i = 0; i < 3; i++) {
            supply[i] = before[i] - motor[i];
        }
        double stayed = size(supply);
        double went = size(motor);
        double unbalance = Math.max(size(before), size(after));
        double whole = stayed + went;
        double stayedShare = whole == 0 ? 0 : 100 * stayed / whole;
        double wentShare = whole == 0 ? 0 : 100 - stayedShare;
        RolledResult.Source source = source(unbalance, stayedShare, wentShare);
        return new RolledResult(
                source,
                stayedShare,
                wentShare,
                unbalance,
                judge(source, unbalance, stayedShare, wentShare, went),
                List.of(
                        new Step("unbalance", "100·max|I − Ī|/Ī", "", unbalance, "%", SOURCE),
                        new Step("of the lead", "(Δ − Δ moved twice)/3", "", went, "%", SOURCE),
                        new Step("of the line", "d − of the lead", "", stayed, "%", SOURCE)));
    }

    private static RolledResult.Source source(double unbalance, double stayed, double went) {
        if (!Limit.over(unbalance, WATCH)) {
            return RolledResult.Source.NONE;
        }
        if (Limit.under(went, SMALL_PART)) {
            return RolledResult.Source.SUPPLY;
        }
        return Limit.under(stayed, SMALL_PART) ? RolledResult.Source.MOTOR : RolledResult.Source.BOTH;
    }

    private static Judgement judge(
            RolledResult.Source source, double unbalance, double stayed, double went, double ofMotor) {
        String figures = "unbalance " + Figures.percent(unbalance) + " (watch 5, stop 10); " + Figures.percent(stayed)
                + " of it stays with the line, " + Figures.percent(went) + " goes with the lead";
        return switch (source) {
            case NONE ->
                new Judgement(
                        Verdict.HOLDS, "Nothing to tell apart: " + figures, "", SOURCE, "Run it for a quarter hour.");
            case SUPPLY ->
                new Judgement(
                        Verdict.HOLDS,
                        "The supply: " + figures,
                        "The motor is not to blame for what stays with the line",
                        SOURCE,
                        "Look at the supply's voltages, fuses and contacts.");
            case MOTOR ->
                new Judgement(
                        Limit.over(ofMotor, STOP) ? Verdict.STOP : Verdict.WATCH,
                        "The motor: " + figures,
                        "What goes with the lead is in the winding",
                        SOURCE,
                        "Balance and surge will tell which phase.");
            case BOTH ->
                new Judgement(
                        Verdict.WATCH,
                        "Supply and motor both: " + figures,
                        "Neither part is small",
                        SOURCE,
                        "Mend the supply first, then run it again.");
        };
    }

    /** Deviations from the mean, in percent of it. */
    private static double[] deviations(List<Double> currents) {
        double mean = NoLoadWorksheet.mean(currents);
        return currents.stream().mapToDouble(i -> 100 * (i - mean) / mean).toArray();
    }

    private static double size(double[] deviations) {
        double most = 0;
        for (double d : deviations) {
            most = Math.max(most, Math.abs(d));
        }
        return most;
    }
}
