package app.brasskettle.server.jobs;

import app.brasskettle.core.insulation.CircuitsTest;
import app.brasskettle.core.insulation.InsulationTest;
import app.brasskettle.core.jobs.FurtherTest;
import app.brasskettle.core.jobs.TesterProof;
import app.brasskettle.core.resistance.ResistanceTest;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.shaftvoltage.ShaftVoltageTest;
import app.brasskettle.core.surge.SurgeRise;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.worksheet.Word;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.Optional;

/** Tests of the bench, as they are called and kept. */
public enum TestKind implements Word {
    TESTER_PROOF(TesterProof.class),
    INSULATION_RESISTANCE(InsulationTest.class),
    WINDING_RESISTANCE(ResistanceTest.class),
    SURGE_COMPARISON(SurgeSet.class),
    LEAD_SETS,
    SINGLE_PHASE_WINDINGS,
    CIRCUIT_INSULATION,
    LOW_VOLTAGE_BALANCE,
    PROTECTOR,
    BEARING_INSULATION,
    WITHSTAND_RECORD,
    STEP_VOLTAGE,
    SURGE_RISE,
    STARTING_GEAR,
    START_LOG,
    NO_LOAD_RUN,
    ROLLED_LEADS,
    RUN_WATCH,
    VIBRATION,
    ROTOR_PROOF,
    SHAFT_VOLTAGE,
    HEAT_RUN,
    CORE_LOOP_RESULT,
    BEARING_SEATS,
    AIR_GAP,
    BRACKET_REGISTERS,
    SHAFT_RUNOUT,
    KEY_SEAT,
    POLE_CHECK,
    ROTOR_BALANCE;

    private final Optional<FurtherTest.Kind> further = Word.parse(FurtherTest.Kind.class, word());
    private final Class<? extends Record> type;

    TestKind(Class<? extends Record> type) {
        this.type = type;
    }

    /** A test whose form, computation and judgement are those of its worksheet. */
    TestKind() {
        this.type = further.orElseThrow().sheet().inputType();
    }

    /** The test as the core calls it beside the first ones; empty for those that stand alone. */
    public Optional<FurtherTest.Kind> further() {
        return further;
    }

    /** The step of a job where it is taken, for a motor's speed 1 or 2. */
    public String step(int speed) {
        return switch (this) {
            case TESTER_PROOF -> "bench/dead";
            case INSULATION_RESISTANCE -> "bench/insulation";
            default -> further.orElseThrow().step(speed);
        };
    }

    /** Whether form, computation and judgement are those of the worksheet of the same name. */
    public boolean bySheet() {
        return this != TESTER_PROOF
                && this != INSULATION_RESISTANCE
                && this != WINDING_RESISTANCE
                && this != SURGE_COMPARISON;
    }

    /** Whether its readings are traces, too long to show as they were typed. */
    public boolean traces() {
        return this == SURGE_COMPARISON || this == SURGE_RISE;
    }

    /** What the core makes of the readings of this test by the shop's rules. */
    public Object judge(Record input, ShopRules rules) {
        if (input instanceof InsulationTest t) {
            return rules.insulation(t);
        }
        if (input instanceof TesterProof p) {
            return p.judge();
        }
        return judged(input, rules);
    }

    /** The same for a test that the core takes as a further one. */
    Judged judged(Record input, ShopRules rules) {
        if (input instanceof ResistanceTest t) {
            return rules.resistance(t);
        }
        if (input instanceof SurgeSet s) {
            return rules.surge(s);
        }
        if (input instanceof CircuitsTest c) {
            return rules.circuits(c);
        }
        if (input instanceof SurgeRise r) {
            return rules.surgeRise(r);
        }
        if (input instanceof ShaftVoltageTest t) {
            return rules.shaftVoltage(t);
        }
        return (Judged) apply(further.orElseThrow().sheet(), input);
    }

    private static <I extends Record> Record apply(Worksheet<I, ?> sheet, Record input) {
        return sheet.work().apply(sheet.inputType().cast(input));
    }

    /** The record of the core that holds its readings. */
    public Class<? extends Record> type() {
        return type;
    }
}
