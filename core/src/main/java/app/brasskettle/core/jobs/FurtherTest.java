package app.brasskettle.core.jobs;

import app.brasskettle.core.balance.BalanceResult;
import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.energise.GateFacts;
import app.brasskettle.core.energise.GateFacts.Effect;
import app.brasskettle.core.insulation.CircuitsResult;
import app.brasskettle.core.protection.ProtectorResult;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.run.NoLoadResult;
import app.brasskettle.core.shaftvoltage.ShaftVoltageResult;
import app.brasskettle.core.singlephase.SinglePhaseResult;
import app.brasskettle.core.singlephase.StartingGearResult;
import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Word;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;
import java.util.Optional;

/**
 * A bench test beside insulation, resistance and surge of the first speed, as gates, evidence and stations read it.
 *
 * @param kind which test
 * @param speed 1, or 2 for the second speed of a two-speed motor
 * @param judgement its verdict with its reasons
 * @param at when it was taken, seconds of the epoch
 * @param evidence what it says about the cause
 * @param effect what it does to the gate
 */
public record FurtherTest(
        Kind kind, int speed, Judgement judgement, double at, List<Evidence> evidence, Effect effect) {

    /** Which test. */
    public enum Kind implements Word {
        LEAD_SETS("bench/leads", "Leads", WorksheetCatalogue.LEADS, Effect.NONE),
        WINDING_RESISTANCE("bench/resistance", "Winding resistance", WorksheetCatalogue.RESISTANCE, Effect.LIMIT),
        SURGE_COMPARISON("bench/surge", "Surge", WorksheetCatalogue.SURGE, Effect.LIMIT),
        SINGLE_PHASE_WINDINGS(
                "bench/windings", "Main and start winding", WorksheetCatalogue.SINGLE_PHASE_WINDINGS, Effect.LIMIT),
        CIRCUIT_INSULATION(
                "bench/circuits", "Insulation by circuit", WorksheetCatalogue.CIRCUIT_INSULATION, Effect.LIMIT),
        LOW_VOLTAGE_BALANCE("bench/balance", "Balance", WorksheetCatalogue.BALANCE, Effect.LIMIT),
        PROTECTOR("bench/protector", "Thermal protector", WorksheetCatalogue.PROTECTOR, Effect.SHUTS),
        BEARING_INSULATION(
                "bench/bearing-insulation", "Insulated bearing", WorksheetCatalogue.BEARING_INSULATION, Effect.NONE),
        WITHSTAND_RECORD(GateFacts.WITHSTAND_STEP, "Withstand", WorksheetCatalogue.WITHSTAND_RECORD, Effect.NEVER),
        STEP_VOLTAGE("bench/step-voltage", "Step voltage", WorksheetCatalogue.STEP_VOLTAGE, Effect.LIMIT),
        SURGE_RISE("bench/surge-rise", "Surge, rising", WorksheetCatalogue.SURGE_RISE, Effect.LIMIT),
        STARTING_GEAR("bench/gear", "Switch, capacitor", WorksheetCatalogue.STARTING_GEAR, Effect.TEST_POWER_ONLY),
        START_LOG("bench/start", "Starting", WorksheetCatalogue.START_LOG, Effect.NONE),
        NO_LOAD_RUN("bench/run", "Run without load", WorksheetCatalogue.NO_LOAD_RUN, Effect.NONE),
        ROLLED_LEADS("bench/rolled-leads", "Rolled leads", WorksheetCatalogue.ROLLED_LEADS, Effect.NONE),
        RUN_WATCH("bench/watch", "Quarter-hour watch", WorksheetCatalogue.RUN_WATCH, Effect.NONE),
        VIBRATION("bench/vibration", "Vibration", WorksheetCatalogue.VIBRATION, Effect.NONE),
        ROTOR_PROOF("bench/rotor", "Rotor proof", WorksheetCatalogue.ROTOR_PROOF, Effect.NONE),
        SHAFT_VOLTAGE("bench/shaft-voltage", "Shaft voltage", WorksheetCatalogue.SHAFT_VOLTAGE, Effect.NONE),
        HEAT_RUN("bench/heat-run", "Heat run", WorksheetCatalogue.HEAT_RUN, Effect.NONE),
        CORE_LOOP_RESULT("teardown/core-loop", "Core loop", WorksheetCatalogue.CORE_LOOP_RESULT, Effect.LIMIT),
        BEARING_SEATS("teardown/seats", "Bearing seats", WorksheetCatalogue.BEARING_SEATS, Effect.NONE),
        AIR_GAP("teardown/air-gap", "Air gap", WorksheetCatalogue.AIR_GAP, Effect.LIMIT),
        BRACKET_REGISTERS("teardown/registers", "Bracket registers", WorksheetCatalogue.BRACKET_REGISTERS, Effect.NONE),
        SHAFT_RUNOUT("teardown/run-out", "Shaft run-out", WorksheetCatalogue.SHAFT_RUNOUT, Effect.NONE),
        KEY_SEAT("teardown/key-seat", "Key seat", WorksheetCatalogue.KEY_SEAT, Effect.NONE),
        POLE_CHECK("teardown/poles", "Poles by the blade", WorksheetCatalogue.POLE_CHECK, Effect.NONE),
        ROTOR_BALANCE("teardown/rotor-balance", "Rotor balance", WorksheetCatalogue.ROTOR_BALANCE, Effect.NONE);

        private final String step;
        private final String spoken;
        private final Worksheet<?, ?> sheet;
        private final Effect effect;

        Kind(String step, String spoken, Worksheet<?, ?> sheet, Effect effect) {
            this.step = step;
            this.spoken = spoken;
            this.sheet = sheet;
            this.effect = effect;
        }

        /** The step of a job where it is taken, for a motor's speed 1 or 2. */
        public String step(int speed) {
            return speed == 1 ? step : step + "/" + speed;
        }

        /** The test as a heading. */
        public String spoken() {
            return spoken;
        }

        /** The worksheet that reads, computes and judges it. */
        public Worksheet<?, ?> sheet() {
            return sheet;
        }

        /** Whether each speed of a two-speed motor is tested on its own. */
        public boolean eachSpeed() {
            return switch (this) {
                case WINDING_RESISTANCE, SURGE_COMPARISON, LOW_VOLTAGE_BALANCE, START_LOG, NO_LOAD_RUN -> true;
                default -> false;
            };
        }

        /** Whether it needs the motor on power. */
        public boolean powered() {
            return switch (this) {
                case START_LOG, NO_LOAD_RUN, ROLLED_LEADS, RUN_WATCH, VIBRATION, HEAT_RUN -> true;
                default -> false;
            };
        }

        /** Whether it puts high voltage on the winding, after which insulation is tested once more. */
        public boolean highVoltage() {
            return switch (this) {
                case STEP_VOLTAGE, WITHSTAND_RECORD, SURGE_RISE, SURGE_COMPARISON -> true;
                default -> false;
            };
        }
    }

    /** The test of {@code kind} whose {@code result} was taken at {@code at}. */
    public static FurtherTest of(Kind kind, int speed, Judged result, double at) {
        return new FurtherTest(kind, speed, result.judgement(), at, evidence(kind, result), effect(kind, result));
    }

    /** Step of the job where it is taken. */
    public String step() {
        return kind.step(speed);
    }

    private static Effect effect(Kind kind, Judged result) {
        if (result instanceof BalanceResult r && r.source() == BalanceResult.Source.ROTOR) {
            // What moves with the rotor is the rotor's; the winding may be put on power.
            return Effect.NONE;
        }
        if (result instanceof CircuitsResult r && r.lowestMegohm() < JobFacts.GROUND_MEGOHM) {
            return Effect.NEVER;
        }
        boolean open = result instanceof ResistanceResult r && r.meanOhm().isEmpty()
                || result instanceof SinglePhaseResult s && s.open();
        return open ? Effect.NEVER : kind.effect;
    }

    private static List<Evidence> evidence(Kind kind, Judged result) {
        if (result instanceof BalanceResult r) {
            return balance(r.source());
        }
        if (result instanceof NoLoadResult r) {
            return run(r);
        }
        if (result instanceof SinglePhaseResult r) {
            return windings(r);
        }
        if (result instanceof StartingGearResult r) {
            return gear(r);
        }
        if (result instanceof ProtectorResult r) {
            return r.open() ? List.of(Evidence.PROTECTOR_OPEN) : List.of();
        }
        if (result instanceof ShaftVoltageResult r) {
            return r.currentJudgement().verdict() == Verdict.STOP ? List.of(Evidence.SHAFT_CURRENT_HIGH) : List.of();
        }
        if (result instanceof ResistanceResult r) {
            return GatheredEvidence.resistance(r).map(List::of).orElse(List.of());
        }
        return switch (kind) {
            case SURGE_COMPARISON, SURGE_RISE ->
                GatheredEvidence.surge(result.verdict()).map(List::of).orElse(List.of());
            case VIBRATION -> result.verdict() == Verdict.STOP ? List.of(Evidence.VIBRATES) : List.of();
            default -> List.of();
        };
    }

    private static List<Evidence> balance(BalanceResult.Source source) {
        return switch (source) {
            case NONE -> List.of(Evidence.BALANCE_HOLDS);
            case WINDING -> List.of(Evidence.BALANCE_FOLLOWS_WINDING);
            case ROTOR -> List.of(Evidence.BALANCE_FOLLOWS_ROTOR);
            case BOTH -> List.of(Evidence.BALANCE_FOLLOWS_WINDING, Evidence.BALANCE_FOLLOWS_ROTOR);
            case TURN_ROTOR_AND_REPEAT -> List.of();
        };
    }

    private static List<Evidence> run(NoLoadResult run) {
        if (run.verdict() == Verdict.HOLDS) {
            return List.of(Evidence.RUN_SOUND);
        }
        boolean high = run.atRatedVoltage() && run.noLoadRatioPercent() > run.typicalHighPercent();
        return high ? List.of(Evidence.RUN_CURRENT_HIGH) : List.of();
    }

    private static List<Evidence> windings(SinglePhaseResult r) {
        if (r.protectorOpen()) {
            return List.of(Evidence.PROTECTOR_OPEN);
        }
        if (r.comesAndGoes()) {
            return List.of(Evidence.RESISTANCE_INTERMITTENT);
        }
        if (r.open()) {
            return List.of(Evidence.RESISTANCE_OPEN);
        }
        return r.verdict() == Verdict.HOLDS ? List.of(Evidence.RESISTANCE_HOLDS) : List.of();
    }

    private static List<Evidence> gear(StartingGearResult r) {
        if (r.switchFails()) {
            return r.capacitorsHold()
                    ? List.of(Evidence.START_SWITCH_WORN)
                    : List.of(Evidence.START_SWITCH_WORN, Evidence.CAPACITOR_OUT_OF_RANGE);
        }
        return r.capacitorsHold() ? List.of() : List.of(Evidence.CAPACITOR_OUT_OF_RANGE);
    }

    /** As the gate takes it, judged so. */
    GateFacts.Further fact(Judgement judged) {
        return new GateFacts.Further(
                kind.spoken(), step(), judged.headline(), judged.verdict(), effect, kind.highVoltage(), at);
    }

    /** The same with another judgement, as a lead hand's overruling makes it. */
    FurtherTest judged(Judgement other) {
        return new FurtherTest(kind, speed, other, at, evidence, effect);
    }

    /** The test of {@code kind} and {@code speed} among {@code tests}. */
    static Optional<FurtherTest> find(List<FurtherTest> tests, Kind kind, int speed) {
        return tests.stream()
                .filter(t -> t.kind() == kind && t.speed() == speed)
                .findFirst();
    }
}
