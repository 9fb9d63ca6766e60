package app.brasskettle.core.testrecord;

import app.brasskettle.core.balance.BalanceResult;
import app.brasskettle.core.extension.ShaftRunoutResult;
import app.brasskettle.core.heating.HeatRunResult;
import app.brasskettle.core.insulation.CircuitsResult;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.mechanics.VibrationResult;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.rules.Question;
import app.brasskettle.core.rules.School;
import app.brasskettle.core.rules.ShopLimit;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.run.NoLoadResult;
import app.brasskettle.core.run.WatchResult;
import app.brasskettle.core.singlephase.SinglePhaseResult;
import app.brasskettle.core.surge.SurgeOutcome;
import java.util.Optional;

/**
 * What the Stop of one test does: the definition of its kind, sharpened by what it found, and how far its limit was missed.
 *
 * @param effect what it does to energising
 * @param code name of the reason: a danger of its own, else the step of the test
 * @param missedBy by what factor the limit was missed, 1 at the limit; empty where no figure can say
 */
public record StopRule(StopEffect effect, Optional<String> code, Optional<Double> missedBy) {

    public static final String GROUND = "ground";
    public static final String OPEN_CIRCUIT = "open-circuit";
    public static final String TURN_SHORT = "turn-short";
    public static final String LOST_PHASE = "lost-phase";

    private static final double BALANCE_PERCENT = 3;
    private static final double HALVES_PERCENT = 5;
    private static final double RESISTANCE_TIMES = 2.5;
    private static final double RUN_UNBALANCE_PERCENT = 10;
    private static final double DRIFT_PERCENT = 10;
    private static final double BEARING_K = 60;
    private static final double SPOT_K = 20;

    static StopRule of(TestKind kind, Object result, ShopRules rules) {
        return danger(result).orElseGet(() -> new StopRule(kind.stop(), Optional.empty(), missedBy(result, rules)));
    }

    /** What nobody may waive, whatever its figure. */
    private static Optional<StopRule> danger(Object result) {
        if (result instanceof InsulationResult r && r.deadGround()
                || result instanceof CircuitsResult c && c.deadGround()) {
            return named(GROUND, "Copper lies on the frame, or nearly: whoever touches it is the way to earth");
        }
        if (result instanceof ResistanceResult r && r.openCircuit().isPresent()
                || result instanceof SinglePhaseResult s && s.open()) {
            return named(OPEN_CIRCUIT, "It stalls on the phases that are left, and burns");
        }
        if (result instanceof SurgeOutcome o && o.turnShort()) {
            return named(TURN_SHORT, "Shorted turns: over twice the limit with the rotor out");
        }
        if (result instanceof NoLoadResult r && r.lostPhase()) {
            return named(LOST_PHASE, "A line without current: it stalls on the phases that are left, and burns");
        }
        return Optional.empty();
    }

    private static Optional<StopRule> named(String code, String why) {
        return Optional.of(new StopRule(StopEffect.blocks(why), Optional.of(code), Optional.empty()));
    }

    private static Optional<Double> missedBy(Object result, ShopRules rules) {
        if (result instanceof InsulationResult r) {
            boolean standard = rules.school(Question.INSULATION_ACCEPTANCE) == School.STANDARD;
            return over(
                    standard ? r.minimumMegohm() : rules.figure(ShopLimit.FIELD_WATCH_MEGOHM),
                    standard ? r.correctedMegohm() : r.megohm());
        }
        if (result instanceof CircuitsResult r) {
            return over(r.minimumMegohm(), r.lowestCorrectedMegohm());
        }
        if (result instanceof ResistanceResult r) {
            return r.unbalancePercent().flatMap(u -> over(u, RESISTANCE_TIMES * r.limitPercent()));
        }
        if (result instanceof SurgeOutcome o) {
            return Optional.of(o.timesLimit());
        }
        if (result instanceof BalanceResult r) {
            return over(r.windingUnbalancePercent(), BALANCE_PERCENT);
        }
        if (result instanceof SinglePhaseResult r) {
            return r.halvesDifferPercent().flatMap(h -> over(h, HALVES_PERCENT));
        }
        return running(result);
    }

    private static Optional<Double> running(Object result) {
        if (result instanceof NoLoadResult r) {
            return Optional.of(Math.max(
                    r.currentUnbalancePercent() / RUN_UNBALANCE_PERCENT,
                    r.atRatedVoltage() ? r.noLoadRatioPercent() / NoLoadResult.STOP_RATIO_PERCENT : 0));
        }
        if (result instanceof WatchResult r) {
            return Optional.of(Math.max(
                    r.currentDriftPercent() / DRIFT_PERCENT,
                    Math.max(r.bearingRiseK() / BEARING_K, r.hottestSpotOverMeanK() / SPOT_K)));
        }
        if (result instanceof VibrationResult r) {
            return over(
                    r.highestMmPerS(),
                    r.zoneBoundariesMmPerS().get(r.zoneBoundariesMmPerS().size() - 1));
        }
        if (result instanceof ShaftRunoutResult r) {
            return over(r.runoutMm(), r.limitMm());
        }
        if (result instanceof HeatRunResult r) {
            return over(r.riseK(), r.limitRiseK());
        }
        return Optional.empty();
    }

    private static Optional<Double> over(double figure, double limit) {
        return limit > 0 ? Optional.of(figure / limit) : Optional.empty();
    }

    /**
     * Tells whether a lead hand may waive it in writing.
     *
     * @param factor the most by which the shop allows a limit to be missed
     */
    public boolean waivable(double factor) {
        return effect.waivable() && missedBy.filter(m -> m <= factor).isPresent();
    }
}
