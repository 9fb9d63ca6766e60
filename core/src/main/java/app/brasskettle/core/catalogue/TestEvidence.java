package app.brasskettle.core.catalogue;

import app.brasskettle.core.balance.BalanceResult;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.mechanics.VibrationResult;
import app.brasskettle.core.protection.ProtectorResult;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.run.NoLoadResult;
import app.brasskettle.core.shaftvoltage.ShaftVoltageResult;
import app.brasskettle.core.singlephase.SinglePhaseResult;
import app.brasskettle.core.singlephase.StartingGearResult;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;

/** What the tests say about the cause, given the word that stands for each. */
final class TestEvidence {

    private TestEvidence() {}

    static List<Evidence> shaftCurrent(ShaftVoltageResult r, Verdict word) {
        return r.currentJudgement().verdict() == Verdict.STOP ? List.of(Evidence.SHAFT_CURRENT_HIGH) : List.of();
    }

    static List<Evidence> protector(ProtectorResult r, Verdict word) {
        return r.open() ? List.of(Evidence.PROTECTOR_OPEN) : List.of();
    }

    static List<Evidence> vibration(VibrationResult r, Verdict word) {
        return word == Verdict.STOP ? List.of(Evidence.VIBRATES) : List.of();
    }

    static List<Evidence> insulation(InsulationResult r, Verdict word) {
        List<Evidence> all = new ArrayList<>();
        all.add(word == Verdict.STOP ? Evidence.INSULATION_STOP : Evidence.INSULATION_HOLDS);
        if (r.deadGround()) {
            all.add(Evidence.DEAD_GROUND);
        }
        if (r.polarizationIndexJudged()) {
            boolean flat = r.polarizationIndex().orElseThrow() < r.minimumPolarizationIndex();
            all.add(flat ? Evidence.ABSORPTION_FLAT : Evidence.ABSORPTION_HOLDS);
        }
        return all;
    }

    static List<Evidence> resistance(ResistanceResult r, Verdict word) {
        if (r.openCircuit().isPresent()) {
            return List.of(Evidence.RESISTANCE_OPEN, Evidence.OPEN_INSIDE_WINDING);
        }
        if (r.meanOhm().isEmpty()) {
            return List.of(Evidence.RESISTANCE_OPEN);
        }
        return switch (word) {
            case STOP -> List.of(Evidence.RESISTANCE_UNBALANCED);
            case HOLDS -> List.of(Evidence.RESISTANCE_HOLDS);
            default -> List.of();
        };
    }

    static List<Evidence> surge(Object r, Verdict word) {
        return switch (word) {
            case STOP -> List.of(Evidence.SURGE_PHASE_DIFFERS);
            case HOLDS -> List.of(Evidence.SURGE_HOLDS);
            default -> List.of();
        };
    }

    static List<Evidence> balance(BalanceResult r, Verdict word) {
        return switch (r.source()) {
            case NONE -> List.of(Evidence.BALANCE_HOLDS);
            case WINDING -> List.of(Evidence.BALANCE_FOLLOWS_WINDING);
            case ROTOR -> List.of(Evidence.BALANCE_FOLLOWS_ROTOR);
            case BOTH -> List.of(Evidence.BALANCE_FOLLOWS_WINDING, Evidence.BALANCE_FOLLOWS_ROTOR);
            case TURN_ROTOR_AND_REPEAT -> List.of();
        };
    }

    static List<Evidence> run(NoLoadResult run, Verdict word) {
        if (word == Verdict.HOLDS) {
            return List.of(Evidence.RUN_SOUND);
        }
        boolean high = run.atRatedVoltage() && run.noLoadRatioPercent() > run.typicalHighPercent();
        return high ? List.of(Evidence.RUN_CURRENT_HIGH) : List.of();
    }

    static List<Evidence> windings(SinglePhaseResult r, Verdict word) {
        if (r.protectorOpen()) {
            return List.of(Evidence.PROTECTOR_OPEN);
        }
        if (r.comesAndGoes()) {
            return List.of(Evidence.RESISTANCE_INTERMITTENT);
        }
        if (r.open()) {
            return List.of(Evidence.RESISTANCE_OPEN);
        }
        return word == Verdict.HOLDS ? List.of(Evidence.RESISTANCE_HOLDS) : List.of();
    }

    static List<Evidence> gear(StartingGearResult r, Verdict word) {
        List<Evidence> all = new ArrayList<>();
        if (r.switchFails()) {
            all.add(Evidence.START_SWITCH_WORN);
        }
        if (!r.capacitorsHold()) {
            all.add(Evidence.CAPACITOR_OUT_OF_RANGE);
        }
        return all;
    }
}
