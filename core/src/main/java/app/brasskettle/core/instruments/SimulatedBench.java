package app.brasskettle.core.instruments;

import app.brasskettle.core.balance.BalanceWorksheet;
import app.brasskettle.core.insulation.InsulationClass;
import app.brasskettle.core.insulation.InsulationLimits;
import app.brasskettle.core.insulation.InsulationReadings;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.insulation.InsulationSystem;
import app.brasskettle.core.insulation.InsulationWorksheet;
import app.brasskettle.core.insulation.TestVoltage;
import app.brasskettle.core.insulation.TimedReading;
import app.brasskettle.core.insulation.WindingKind;
import app.brasskettle.core.mechanics.VibrationReadings;
import app.brasskettle.core.mechanics.VibrationWorksheet;
import app.brasskettle.core.protection.ProtectorWorksheet;
import app.brasskettle.core.resistance.ResistanceLimits;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.resistance.ResistanceWorksheet;
import app.brasskettle.core.rotor.RotorProof;
import app.brasskettle.core.rotor.RotorProofWorksheet;
import app.brasskettle.core.run.NoLoadRun;
import app.brasskettle.core.run.NoLoadWorksheet;
import app.brasskettle.core.run.RunWatch;
import app.brasskettle.core.run.RunWatchWorksheet;
import app.brasskettle.core.singlephase.SinglePhaseWorksheet;
import app.brasskettle.core.singlephase.StartingGearWorksheet;
import app.brasskettle.core.surge.SurgeLevel;
import app.brasskettle.core.surge.SurgeLimits;
import app.brasskettle.core.surge.SurgeOutcome;
import app.brasskettle.core.surge.SurgeRiseWorksheet;
import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.withstand.StepVoltageReadings;
import app.brasskettle.core.withstand.StepVoltageWorksheet;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;

/**
 * Every test of the bench taken on one simulated motor, random wound with class F insulation, and judged by the limits every
 * shop starts with.
 *
 * @param motor the motor on the bench
 */
public record SimulatedBench(SimulatedMotor motor) {

    private static final double[] READ_AT_S = {15, 30, 60, 120, 300, 600};
    private static final int POSITIONS = 8;
    private static final int RAMP_STEPS = 5;
    private static final int PULSE_STEPS = 8;
    /** Direct voltage for a winding in service, of the rated one (IEC 60034-1, cl. 9: 1.7 × 1.25). */
    private static final double RAMP_TOP = 2.125;

    private static final double AIR_C = 20;

    /** A test of the bench, as the tables of detection name it. */
    public enum Test {
        SHAFT("shaft by hand"),
        INSULATION("insulation, 10 min"),
        RESISTANCE("resistance"),
        BALANCE("balance, 8 positions"),
        STEP_VOLTAGE("step voltage"),
        SURGE_ROTOR_IN("surge, rotor in"),
        SURGE_ROTOR_OUT("surge, rotor out"),
        SURGE_RISE("surge, rising"),
        RUN("run without load"),
        VIBRATION("vibration"),
        WATCH("quarter-hour watch"),
        ROTOR("rotor proof"),
        PROTECTOR("protector"),
        WINDINGS("single-phase windings"),
        GEAR("switch and capacitor");

        private final String label;

        Test(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        /** Whether a motor with so many phases is asked for it. */
        public boolean applies(int phases) {
            boolean single = this == WINDINGS || this == GEAR;
            boolean any = this == SHAFT || this == INSULATION || this == STEP_VOLTAGE || this == VIBRATION;
            return any || single == (phases == 1);
        }
    }

    /**
     * The verdict of {@code test}; {@link Verdict#STOP} where the instrument tripped, found no value, or the motor did not come
     * up, since each of those stops the work.
     */
    public Verdict verdict(Test test) {
        return switch (test) {
            case SHAFT -> motor.turnsByHand() ? Verdict.HOLDS : Verdict.STOP;
            case INSULATION -> insulation().verdict();
            case RESISTANCE -> resistance().verdict();
            case BALANCE ->
                word(motor.balance(POSITIONS)
                        .map(t -> BalanceWorksheet.create().work().apply(t)));
            case STEP_VOLTAGE -> stepVoltage();
            case SURGE_ROTOR_IN -> surge(true).verdict();
            case SURGE_ROTOR_OUT -> surge(false).verdict();
            case SURGE_RISE ->
                SurgeRiseWorksheet.create(SurgeLimits.standard())
                        .work()
                        .apply(motor.surgeRise(surgeV(), PULSE_STEPS, false))
                        .verdict();
            case RUN ->
                word(noLoadRun().map(r -> NoLoadWorksheet.create().work().apply(r)));
            case VIBRATION ->
                word(running()
                        .map(r -> VibrationWorksheet.create()
                                .work()
                                .apply(new VibrationReadings(
                                        motor.rating().powerW(),
                                        VibrationReadings.Mounting.RIGID,
                                        Optional.empty(),
                                        Optional.empty(),
                                        r.vibration()))));
            case WATCH ->
                word(running()
                        .map(r -> RunWatchWorksheet.create()
                                .work()
                                .apply(new RunWatch(AIR_C, r.watch(AIR_C), Optional.empty()))));
            case ROTOR ->
                word(running().map(r -> RotorProofWorksheet.create().work().apply(rotorProof(r))));
            case PROTECTOR ->
                ProtectorWorksheet.create().work().apply(motor.protector()).verdict();
            case WINDINGS ->
                SinglePhaseWorksheet.create()
                        .work()
                        .apply(motor.starting().windings())
                        .verdict();
            case GEAR ->
                StartingGearWorksheet.create()
                        .work()
                        .apply(motor.starting().gear())
                        .verdict();
        };
    }

    private static Verdict word(Optional<? extends Judged> judged) {
        return judged.map(Judged::verdict).orElse(Verdict.STOP);
    }

    private Optional<RunModel> running() {
        return Optional.of(motor.running()).filter(RunModel::comesUp);
    }

    /** Ten minutes at the standard's test voltage. */
    public InsulationResult insulation() {
        return InsulationWorksheet.create(InsulationLimits.standard()).work().apply(insulationTest());
    }

    /** The readings of that. */
    public InsulationReadings insulationTest() {
        double testV = TestVoltage.forRated(motor.rating().voltageV()).lowV();
        List<TimedReading> readings = DoubleStream.of(READ_AT_S)
                .mapToObj(t -> motor.insulationAt(t, testV))
                .toList();
        return new InsulationReadings(
                motor.rating().voltageV(),
                WindingKind.RANDOM_WOUND,
                InsulationSystem.THERMOSETTING,
                false,
                InsulationClass.F,
                motor.windingTemperatureC(),
                Optional.empty(),
                Optional.empty(),
                readings);
    }

    /** The three resistances. */
    public ResistanceResult resistance() {
        return ResistanceWorksheet.create(ResistanceLimits.standard())
                .work()
                .apply(motor.resistanceTest(WindingKind.RANDOM_WOUND));
    }

    /** Three traces at the level for a winding in service. */
    public SurgeOutcome surge(boolean rotorFitted) {
        return motor.surge(surgeV(), rotorFitted).compare(SurgeLimits.standard());
    }

    /** Peak for a winding in service. */
    public double surgeV() {
        return SurgeLevel.inTheWorkshop(motor.rating().voltageV(), SurgeLevel.State.IN_SERVICE);
    }

    private Verdict stepVoltage() {
        List<StepVoltageReadings.Rise> rises =
                motor.ramp(RAMP_TOP * motor.rating().voltageV(), RAMP_STEPS);
        return rises.size() < RAMP_STEPS
                ? Verdict.STOP
                : StepVoltageWorksheet.create()
                        .work()
                        .apply(new StepVoltageReadings(rises))
                        .verdict();
    }

    /** The readings of a run without load; empty where it does not come up. */
    public Optional<NoLoadRun> noLoadRun() {
        return running().map(this::noLoad);
    }

    private NoLoadRun noLoad(RunModel run) {
        SimulatedMotor.Rating rating = motor.rating();
        return new NoLoadRun(
                rating.currentA(),
                rating.powerW(),
                rating.voltageV(),
                rating.poles(),
                run.lineCurrentsA(1),
                run.lineVoltagesV(1),
                Optional.empty(),
                Optional.empty());
    }

    private RotorProof rotorProof(RunModel run) {
        return new RotorProof(
                motor.rating().frequencyHz(),
                motor.rating().poles(),
                Optional.of(run.loadSpeedRpm()),
                Optional.of(run.recordIntervalS()),
                Optional.of(run.currentRecord()),
                run.turnCurrents());
    }
}
