package app.brasskettle.core.jobs;

import app.brasskettle.core.balance.BalanceResult;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.coreloop.CoreLoopResult;
import app.brasskettle.core.run.NoLoadResult;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.withstand.StepVoltageResult;
import app.brasskettle.core.worksheet.Word;
import java.util.List;

/**
 * A bench test beside insulation, resistance and surge, as gates, evidence and stations read it.
 *
 * @param kind which test
 * @param judgement its verdict with its reasons
 * @param at when it was taken, seconds of the epoch
 * @param evidence what it says about the cause
 */
public record FurtherTest(Kind kind, Judgement judgement, double at, List<Evidence> evidence) {

    /** Which test. */
    public enum Kind implements Word {
        LOW_VOLTAGE_BALANCE("bench/balance", "Balance"),
        STEP_VOLTAGE("bench/step-voltage", "Step voltage"),
        NO_LOAD_RUN("bench/run", "Run without load"),
        CORE_LOOP_RESULT("teardown/core-loop", "Core loop");

        private final String step;
        private final String spoken;

        Kind(String step, String spoken) {
            this.step = step;
            this.spoken = spoken;
        }

        /** The step of a job where it is taken. */
        public String step() {
            return step;
        }

        /** The test as a heading. */
        public String spoken() {
            return spoken;
        }
    }

    /** The test whose {@code result} was taken at {@code at}. */
    public static FurtherTest of(Record result, double at) {
        if (result instanceof BalanceResult r) {
            return new FurtherTest(Kind.LOW_VOLTAGE_BALANCE, r.judgement(), at, balance(r.source()));
        }
        if (result instanceof StepVoltageResult r) {
            return new FurtherTest(Kind.STEP_VOLTAGE, r.judgement(), at, List.of());
        }
        if (result instanceof NoLoadResult r) {
            return new FurtherTest(Kind.NO_LOAD_RUN, r.judgement(), at, run(r));
        }
        if (result instanceof CoreLoopResult r) {
            return new FurtherTest(Kind.CORE_LOOP_RESULT, r.judgement(), at, List.of());
        }
        throw new IllegalArgumentException(result.getClass() + " is no further test");
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

    /** Whether a Stop of it keeps the motor off power: what concerns winding and core does, a run's current does not. */
    boolean shuts() {
        return kind != Kind.NO_LOAD_RUN && judgement.verdict() == Verdict.STOP;
    }

    /** Whether it puts high voltage on the winding, after which insulation is tested once more. */
    boolean highVoltage() {
        return kind == Kind.STEP_VOLTAGE;
    }
}
