package app.brasskettle.core.run;

import app.brasskettle.core.heating.Stall;
import app.brasskettle.core.heating.StallHeating;
import app.brasskettle.core.heating.StallHeatingWorksheet;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;

/** Did it come up, had it the torque to, and how long may it stand still under current. */
public final class StartLogWorksheet {

    private static final double CAME_UP_PERCENT = 90;
    private static final double FULL_PERCENT = 95;
    private static final double USUAL_DENSITY = 6;
    private static final double START_C = 40;
    private static final double LIMIT_C = 155;
    private static final String SOURCE = "Torque goes with voltage squared; heat balance of copper";

    private StartLogWorksheet() {}

    public static Worksheet<StartLog, StartResult> create() {
        return new Worksheet<>("start-log", "Starting", StartLog.class, List.of("IEC 60028"), StartLogWorksheet::work);
    }

    private static StartResult work(StartLog log) {
        StartLog.Attempt last = log.attempts().get(log.attempts().size() - 1);
        double reached = 100 * last.reachedRpm() / log.ratedSpeedRpm();
        double share = last.voltageV() / log.ratedVoltageV();
        double torque = 100 * share * share;
        double stalled = log.attempts().stream()
                .filter(a -> !cameUp(log, a))
                .mapToDouble(StartLog.Attempt::seconds)
                .sum();
        double ratio = log.attempts().stream()
                        .mapToDouble(StartLog.Attempt::currentA)
                        .max()
                        .orElseThrow()
                / log.ratedCurrentA();
        StallHeating heating = StallHeatingWorksheet.create()
                .work()
                .apply(new Stall(log.currentDensityAPerMm2().orElse(USUAL_DENSITY), ratio, START_C, LIMIT_C));
        double bound = heating.secondsToLimit();
        return new StartResult(
                reached,
                torque,
                stalled,
                bound,
                judge(log, last, reached, torque, stalled, bound),
                List.of(
                        new Step("reached", "100·n/nN", "", reached, "%", SOURCE),
                        new Step(
                                "torque",
                                "100·(U/UN)²",
                                "(" + Figures.plain(last.voltageV()) + "/" + Figures.plain(log.ratedVoltageV()) + ")²",
                                torque,
                                "%",
                                SOURCE),
                        new Step("stalled", "Σ seconds without coming up", "", stalled, "s", SOURCE),
                        new Step("copper's bound", "40 to 155 °C, adiabatic", "", bound, "s", SOURCE)));
    }

    private static boolean cameUp(StartLog log, StartLog.Attempt attempt) {
        return !Limit.under(100 * attempt.reachedRpm() / log.ratedSpeedRpm(), CAME_UP_PERCENT);
    }

    private static Judgement judge(
            StartLog log, StartLog.Attempt last, double reached, double torque, double stalled, double bound) {
        String clock = "stalled " + Figures.plain(stalled) + " s in all; the stator copper alone stands "
                + Figures.plain(bound) + " s at this current, the cage may go first";
        if (Limit.over(stalled, bound)) {
            return new Judgement(
                    Verdict.STOP,
                    "Stalled too long: " + clock,
                    "",
                    SOURCE,
                    "Leave it off until it is cold, then test insulation.");
        }
        double under = log.attempts().stream()
                .mapToDouble(StartLog.Attempt::seconds)
                .max()
                .orElseThrow();
        if (Limit.over(under, bound)) {
            return new Judgement(
                    Verdict.STOP,
                    "Too long under starting current: " + Figures.plain(under) + " s; the stator copper alone stands "
                            + Figures.plain(bound) + " s at this current",
                    "Coming up at last does not cool the winding",
                    SOURCE,
                    "Leave it off until it is cold, then test insulation.");
        }
        if (cameUp(log, last)) {
            return new Judgement(
                    Verdict.HOLDS,
                    "Came up to " + Figures.percent(reached) + " of rated speed in " + Figures.plain(last.seconds())
                            + " s",
                    stalled > 0 ? clock : "",
                    SOURCE,
                    "Read current and voltage of all three lines.");
        }
        boolean weak = last.feed() != StartLog.Feed.DRIVE
                && Limit.under(100 * last.voltageV() / log.ratedVoltageV(), FULL_PERCENT);
        if (weak) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    "Stuck at " + Figures.percent(reached) + " of rated speed with " + Figures.percent(torque)
                            + " of its torque",
                    "Torque goes with voltage squared: this is no fault yet; " + clock,
                    SOURCE,
                    "Let it cool, raise the voltage, take the load off.");
        }
        return new Judgement(
                Verdict.STOP,
                "Will not come up: " + Figures.percent(reached) + " of rated speed at full voltage",
                clock,
                SOURCE,
                "Cut at once. Look for an open phase, a broken cage, a start winding that is out.");
    }
}
