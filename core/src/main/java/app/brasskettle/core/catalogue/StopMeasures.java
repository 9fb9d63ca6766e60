package app.brasskettle.core.catalogue;

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
import app.brasskettle.core.testkind.StopRule;
import app.brasskettle.core.work.Fault;
import java.util.Optional;

/** By what factor each test missed its limit, and what it can find that nobody may waive. */
final class StopMeasures {

    private static final double BALANCE_PERCENT = 3;
    private static final double HALVES_PERCENT = 5;
    private static final double RESISTANCE_TIMES = 2.5;
    private static final double RUN_UNBALANCE_PERCENT = 10;
    private static final double DRIFT_PERCENT = 10;
    private static final double BEARING_K = 60;
    private static final double SPOT_K = 20;

    private StopMeasures() {}

    static Optional<StopRule> ground(boolean dead) {
        return danger(
                dead,
                Fault.GROUND,
                StopRule.GROUND,
                "Copper lies on the frame, or nearly: whoever touches it is the way to earth");
    }

    static Optional<StopRule> openCircuit(boolean open) {
        return danger(
                open, Fault.OPEN_CIRCUIT, StopRule.OPEN_CIRCUIT, "It stalls on the phases that are left, and burns");
    }

    static Optional<StopRule> turnShort(SurgeOutcome outcome) {
        return danger(
                outcome.turnShort(),
                Fault.TURN_SHORT,
                StopRule.TURN_SHORT,
                "Shorted turns: over twice the limit with the rotor out");
    }

    static Optional<StopRule> lostPhase(NoLoadResult result) {
        return danger(
                result.lostPhase(),
                Fault.LOST_PHASE,
                StopRule.LOST_PHASE,
                "A line without current: it stalls on the phases that are left, and burns");
    }

    private static Optional<StopRule> danger(boolean found, Fault fault, String code, String why) {
        return found ? Optional.of(StopRule.danger(fault, code, why)) : Optional.empty();
    }

    /** A hot bearing is the bearing's; a drifting current or a hot spot is looked for in what feeds it and in the winding. */
    static Fault watched(WatchResult r) {
        return r.bearingRiseK() > BEARING_K ? Fault.HOT_BEARING : Fault.UNEQUAL_CURRENTS;
    }

    static Optional<Double> insulation(InsulationResult r, ShopRules rules) {
        boolean standard = rules.school(Question.INSULATION_ACCEPTANCE) == School.STANDARD;
        return over(
                standard ? r.minimumMegohm() : rules.figure(ShopLimit.FIELD_WATCH_MEGOHM),
                standard ? r.correctedMegohm() : r.megohm());
    }

    static Optional<Double> circuits(CircuitsResult r, ShopRules rules) {
        return over(r.minimumMegohm(), r.lowestCorrectedMegohm());
    }

    static Optional<Double> resistance(ResistanceResult r, ShopRules rules) {
        return r.unbalancePercent().flatMap(u -> over(u, RESISTANCE_TIMES * r.limitPercent()));
    }

    static Optional<Double> surge(SurgeOutcome r, ShopRules rules) {
        return Optional.of(r.timesLimit());
    }

    static Optional<Double> balance(BalanceResult r, ShopRules rules) {
        return over(r.windingUnbalancePercent(), BALANCE_PERCENT);
    }

    static Optional<Double> windings(SinglePhaseResult r, ShopRules rules) {
        return r.halvesDifferPercent().flatMap(h -> over(h, HALVES_PERCENT));
    }

    static Optional<Double> run(NoLoadResult r, ShopRules rules) {
        return Optional.of(Math.max(
                r.currentUnbalancePercent() / RUN_UNBALANCE_PERCENT,
                r.atRatedVoltage() ? r.noLoadRatioPercent() / r.stopFromPercent() : 0));
    }

    static Optional<Double> watch(WatchResult r, ShopRules rules) {
        return Optional.of(Math.max(
                r.currentDriftPercent() / DRIFT_PERCENT,
                Math.max(r.bearingRiseK() / BEARING_K, r.hottestSpotOverMeanK() / SPOT_K)));
    }

    static Optional<Double> vibration(VibrationResult r, ShopRules rules) {
        return over(
                r.highestMmPerS(),
                r.zoneBoundariesMmPerS().get(r.zoneBoundariesMmPerS().size() - 1));
    }

    static Optional<Double> runout(ShaftRunoutResult r, ShopRules rules) {
        return over(r.runoutMm(), r.limitMm());
    }

    static Optional<Double> heatRun(HeatRunResult r, ShopRules rules) {
        return over(r.riseK(), r.limitRiseK());
    }

    private static Optional<Double> over(double figure, double limit) {
        return limit > 0 ? Optional.of(figure / limit) : Optional.empty();
    }
}
