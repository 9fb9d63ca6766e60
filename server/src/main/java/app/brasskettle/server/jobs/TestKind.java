package app.brasskettle.server.jobs;

import app.brasskettle.core.balance.BalanceTest;
import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.core.coreloop.CoreLoopReading;
import app.brasskettle.core.insulation.InsulationTest;
import app.brasskettle.core.jobs.TesterProof;
import app.brasskettle.core.resistance.ResistanceTest;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.run.NoLoadRun;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.withstand.StepVoltageTest;
import app.brasskettle.core.worksheet.Word;
import java.util.EnumSet;
import java.util.Set;

/** Tests of the bench. */
public enum TestKind implements Word {
    TESTER_PROOF(TesterProof.class),
    INSULATION_RESISTANCE(InsulationTest.class),
    WINDING_RESISTANCE(ResistanceTest.class),
    SURGE_COMPARISON(SurgeSet.class),
    LOW_VOLTAGE_BALANCE(BalanceTest.class),
    STEP_VOLTAGE(StepVoltageTest.class),
    NO_LOAD_RUN(NoLoadRun.class),
    CORE_LOOP_RESULT(CoreLoopReading.class);

    /** Tests whose form, computation and judgement are those of the worksheet of the same name. */
    public static final Set<TestKind> FURTHER =
            EnumSet.of(LOW_VOLTAGE_BALANCE, STEP_VOLTAGE, NO_LOAD_RUN, CORE_LOOP_RESULT);

    private final Class<? extends Record> type;

    TestKind(Class<? extends Record> type) {
        this.type = type;
    }

    /** What the core makes of the readings of a test by the shop's rules. */
    public static Object judge(Record input, ShopRules rules) {
        if (input instanceof InsulationTest t) {
            return rules.insulation(t);
        }
        if (input instanceof ResistanceTest t) {
            return rules.resistance(t);
        }
        if (input instanceof SurgeSet s) {
            return rules.surge(s);
        }
        if (input instanceof TesterProof p) {
            return p.judge();
        }
        return further(input);
    }

    /** What the worksheet of a further test makes of its readings. */
    static Record further(Record input) {
        if (input instanceof BalanceTest t) {
            return WorksheetCatalogue.BALANCE.work().apply(t);
        }
        if (input instanceof StepVoltageTest t) {
            return WorksheetCatalogue.STEP_VOLTAGE.work().apply(t);
        }
        return input instanceof NoLoadRun t
                ? WorksheetCatalogue.NO_LOAD_RUN.work().apply(t)
                : WorksheetCatalogue.CORE_LOOP_RESULT.work().apply((CoreLoopReading) input);
    }

    /** The record of the core that holds its readings. */
    public Class<? extends Record> type() {
        return type;
    }
}
