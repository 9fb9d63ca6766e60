package app.brasskettle.core.testrecord;

import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.core.insulation.CircuitsTest;
import app.brasskettle.core.insulation.InsulationTest;
import app.brasskettle.core.insulation.TesterProof;
import app.brasskettle.core.insulation.TimedReading;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.withstand.StepVoltageTest;
import app.brasskettle.core.withstand.WithstandRecord;
import app.brasskettle.core.work.TestGroup;
import app.brasskettle.core.worksheet.Word;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;

/** Tests on a job: where each is taken, what reads it, what it does to energising and to the discharge clock. */
public enum TestKind implements Word {
    TESTER_PROOF(TestDefinition.of("bench/dead", "Tester proof", TestGroup.TESTER, TesterProof.class)),
    LEAD_SETS(TestDefinition.of("bench/leads", "Leads", TestGroup.COPPER, WorksheetCatalogue.LEADS)
            .stop(StopEffect.blocks("Leads that make no sound winding burn it when they are joined"))
            .readBy(InstrumentKind.MULTIMETER, InstrumentKind.MILLIOHM_BRIDGE)),
    WINDING_RESISTANCE(
            TestDefinition.of("bench/resistance", "Winding resistance", TestGroup.COPPER, WorksheetCatalogue.RESISTANCE)
                    .stop(StopEffect.limit("A poor joint or wrong turns draw unequal currents"))
                    .readBy(InstrumentKind.MILLIOHM_BRIDGE, InstrumentKind.MULTIMETER)
                    .threePhase()
                    .eachSpeed()),
    SINGLE_PHASE_WINDINGS(TestDefinition.of(
                    "bench/windings",
                    "Main and start winding",
                    TestGroup.COPPER,
                    WorksheetCatalogue.SINGLE_PHASE_WINDINGS)
            .stop(StopEffect.limit("A poor joint or wrong turns draw unequal currents"))
            .readBy(InstrumentKind.MILLIOHM_BRIDGE, InstrumentKind.MULTIMETER)
            .singlePhase()),
    INSULATION_RESISTANCE(
            TestDefinition.of("bench/insulation", "Insulation to frame", TestGroup.INSULATION, InsulationTest.class)
                    .stop(StopEffect.limit("Leakage to the frame; a touch away from somebody's hand"))
                    .readBy(InstrumentKind.INSULATION_TESTER)
                    .direct(r -> ((InsulationTest) r)
                            .readings().stream()
                                    .mapToDouble(TimedReading::seconds)
                                    .max()
                                    .orElse(0))),
    CIRCUIT_INSULATION(TestDefinition.of(
                    "bench/circuits",
                    "Insulation by circuit",
                    TestGroup.INSULATION,
                    WorksheetCatalogue.CIRCUIT_INSULATION)
            .stop(StopEffect.limit("Leakage to the frame or between circuits"))
            .readBy(InstrumentKind.INSULATION_TESTER)
            .direct(r -> ((CircuitsTest) r)
                    .circuits().stream()
                            .mapToDouble(CircuitsTest.Circuit::seconds)
                            .sum())),
    PROTECTOR(TestDefinition.of("bench/protector", "Thermal protector", TestGroup.GEAR, WorksheetCatalogue.PROTECTOR)
            .stop(StopEffect.blocks("Nothing cuts it off before it burns"))
            .readBy(InstrumentKind.MULTIMETER, InstrumentKind.MILLIOHM_BRIDGE)),
    LOW_VOLTAGE_BALANCE(TestDefinition.of("bench/balance", "Balance", TestGroup.TURNS, WorksheetCatalogue.BALANCE)
            .stop(StopEffect.limit("A shorted turn or a wrong connection"))
            .readBy(InstrumentKind.INDUCTANCE_BRIDGE)
            .threePhase()
            .eachSpeed()),
    BEARING_INSULATION(TestDefinition.of(
                    "bench/bearing-insulation",
                    "Insulated bearing",
                    TestGroup.MECHANICS,
                    WorksheetCatalogue.BEARING_INSULATION)
            .stop(StopEffect.testPower("Current of a drive goes through the bearing"))
            .readBy(InstrumentKind.INSULATION_TESTER)),
    STEP_VOLTAGE(
            TestDefinition.of("bench/step-voltage", "Step voltage", TestGroup.PROOF, WorksheetCatalogue.STEP_VOLTAGE)
                    .stop(StopEffect.blocks("Insulation about to let go"))
                    .readBy(InstrumentKind.WITHSTAND_SET, InstrumentKind.INSULATION_TESTER)
                    .highVoltage(r -> TestKind.STEP_SECONDS
                            * ((StepVoltageTest) r).steps().size())),
    WITHSTAND_RECORD(TestDefinition.of(
                    "bench/withstand", "Withstand", TestGroup.PROOF, WorksheetCatalogue.WITHSTAND_RECORD)
            .stop(StopEffect.blocks("Insulation to frame is punctured"))
            .readBy(InstrumentKind.WITHSTAND_SET)
            .highVoltage(r -> {
                WithstandRecord test = (WithstandRecord) r;
                // An alternating set leaves whatever charge stood at the moment it was switched off.
                return test.supply() == WithstandRecord.Supply.DIRECT ? test.heldSeconds() : TestKind.PULSE_SECONDS;
            })),
    SURGE_COMPARISON(TestDefinition.of("bench/surge", "Surge", TestGroup.TURNS, SurgeSet.class)
            .stop(StopEffect.limit("Two phases unlike: shorted turns or a wrong connection"))
            .readBy(InstrumentKind.SURGE_SET)
            .threePhase()
            .eachSpeed()
            .traces()
            .highVoltage(r -> TestKind.PULSE_SECONDS)),
    SURGE_RISE(TestDefinition.of("bench/surge-rise", "Surge, rising", TestGroup.TURNS, WorksheetCatalogue.SURGE_RISE)
            .stop(StopEffect.blocks("Turn insulation lets go under voltage"))
            .readBy(InstrumentKind.SURGE_SET)
            .threePhase()
            .traces()
            .highVoltage(r -> TestKind.PULSE_SECONDS)),
    STARTING_GEAR(TestDefinition.of("bench/gear", "Switch, capacitor", TestGroup.GEAR, WorksheetCatalogue.STARTING_GEAR)
            .stop(StopEffect.testPower(
                    "A start winding left in burns in seconds; test power is what it takes to hear it"))
            .readBy(InstrumentKind.CAPACITANCE_METER, InstrumentKind.MULTIMETER)
            .singlePhase()),
    START_LOG(TestDefinition.of("bench/start", "Starting", TestGroup.RUN, WorksheetCatalogue.START_LOG)
            .stop(StopEffect.testPower("It stood still under current"))
            .readBy(InstrumentKind.POWER_ANALYSER, InstrumentKind.CLAMP_METER, InstrumentKind.TACHOMETER)
            .eachSpeed()
            .powered()),
    NO_LOAD_RUN(TestDefinition.of("bench/run", "Run without load", TestGroup.RUN, WorksheetCatalogue.NO_LOAD_RUN)
            .stop(StopEffect.testPowerLimit("Its currents are not those of a sound motor"))
            .readBy(InstrumentKind.POWER_ANALYSER, InstrumentKind.CLAMP_METER)
            .threePhase()
            .eachSpeed()
            .powered()),
    ROLLED_LEADS(TestDefinition.of("bench/rolled-leads", "Rolled leads", TestGroup.RUN, WorksheetCatalogue.ROLLED_LEADS)
            .stop(StopEffect.testPower("The unbalance goes with the motor"))
            .readBy(InstrumentKind.POWER_ANALYSER, InstrumentKind.CLAMP_METER)
            .threePhase()
            .powered()),
    RUN_WATCH(TestDefinition.of("bench/watch", "Quarter-hour watch", TestGroup.RUN, WorksheetCatalogue.RUN_WATCH)
            .stop(StopEffect.testPowerLimit("A hot bearing, a hot spot or a drifting current"))
            .readBy(InstrumentKind.THERMOMETER, InstrumentKind.POWER_ANALYSER, InstrumentKind.CLAMP_METER)
            .powered()),
    VIBRATION(TestDefinition.of("bench/vibration", "Vibration", TestGroup.RUN, WorksheetCatalogue.VIBRATION)
            .stop(StopEffect.testPowerLimit("It shakes beyond what bearings and mounting stand"))
            .readBy(InstrumentKind.VIBRATION_METER)
            .powered()),
    ROTOR_PROOF(TestDefinition.of("bench/rotor", "Rotor proof", TestGroup.RUN, WorksheetCatalogue.ROTOR_PROOF)
            .stop(StopEffect.testPower("Broken bars"))
            .readBy(InstrumentKind.OSCILLOSCOPE, InstrumentKind.POWER_ANALYSER, InstrumentKind.CLAMP_METER)
            .threePhase()),
    SHAFT_VOLTAGE(
            TestDefinition.of("bench/shaft-voltage", "Shaft voltage", TestGroup.RUN, WorksheetCatalogue.SHAFT_VOLTAGE)
                    .stop(StopEffect.testPowerLimit("Bearing currents pit the races"))
                    .readBy(InstrumentKind.OSCILLOSCOPE, InstrumentKind.MULTIMETER)),
    HEAT_RUN(TestDefinition.of("bench/heat-run", "Heat run", TestGroup.RUN, WorksheetCatalogue.HEAT_RUN)
            .stop(StopEffect.testPowerLimit("Too hot at its rated load"))
            .readBy(InstrumentKind.MILLIOHM_BRIDGE, InstrumentKind.THERMOMETER)
            .powered()),
    CORE_LOOP_RESULT(
            TestDefinition.of("teardown/core-loop", "Core loop", TestGroup.CORE, WorksheetCatalogue.CORE_LOOP_RESULT)
                    .stop(StopEffect.blocks("A core that burns its new winding"))
                    .readBy(InstrumentKind.CORE_LOSS_SET, InstrumentKind.POWER_ANALYSER, InstrumentKind.THERMOMETER)),
    BEARING_SEATS(
            TestDefinition.of("teardown/seats", "Bearing seats", TestGroup.MECHANICS, WorksheetCatalogue.BEARING_SEATS)
                    .stop(StopEffect.testPower("A bearing that creeps on its seat"))
                    .readBy(InstrumentKind.MICROMETER)),
    AIR_GAP(TestDefinition.of("teardown/air-gap", "Air gap", TestGroup.MECHANICS, WorksheetCatalogue.AIR_GAP)
            .stop(StopEffect.blocks("The rotor may touch the stator"))
            .readBy(InstrumentKind.FEELER_GAUGE)),
    BRACKET_REGISTERS(TestDefinition.of(
                    "teardown/registers",
                    "Bracket registers",
                    TestGroup.MECHANICS,
                    WorksheetCatalogue.BRACKET_REGISTERS)
            .stop(StopEffect.testPower("A bracket that moves in its frame moves the rotor"))
            .readBy(InstrumentKind.MICROMETER)),
    SHAFT_RUNOUT(
            TestDefinition.of("teardown/run-out", "Shaft run-out", TestGroup.MECHANICS, WorksheetCatalogue.SHAFT_RUNOUT)
                    .stop(StopEffect.testPowerLimit("A bent shaft shakes the coupling"))
                    .readBy(InstrumentKind.DIAL_GAUGE)),
    KEY_SEAT(TestDefinition.of("teardown/key-seat", "Key seat", TestGroup.MECHANICS, WorksheetCatalogue.KEY_SEAT)
            .stop(StopEffect.testPower("A loose key comes off a turning shaft"))
            .readBy(InstrumentKind.MICROMETER)),
    POLE_CHECK(
            TestDefinition.of("teardown/poles", "Poles by the blade", TestGroup.COPPER, WorksheetCatalogue.POLE_CHECK)
                    .stop(StopEffect.blocks("Poles that are dead or turned round: a wrong connection"))),
    ROTOR_BALANCE(TestDefinition.of(
                    "teardown/rotor-balance", "Rotor balance", TestGroup.MECHANICS, WorksheetCatalogue.ROTOR_BALANCE)
            .stop(StopEffect.testPowerLimit("It shakes beyond its grade"))
            .readBy(InstrumentKind.BALANCING_MACHINE));

    /** A step of a ramp is a minute. */
    private static final double STEP_SECONDS = 60;
    /** What a set of pulses counts for the discharge clock, which then runs its least minute. */
    private static final double PULSE_SECONDS = 15;

    private final TestDefinition definition;

    TestKind(TestDefinition definition) {
        this.definition = definition;
    }

    /**
     * Names the step of a job where it is taken.
     *
     * @param speed 1, or 2 for the second speed of a two-speed motor
     */
    public String step(int speed) {
        return speed == 1 ? definition.step : definition.step + "/" + speed;
    }

    /** Names the test as a heading. */
    public String label() {
        return definition.label;
    }

    /** Names what it looks at, which decides what work makes of it. */
    public TestGroup group() {
        return definition.group;
    }

    /** Names the record that holds its readings. */
    public Class<? extends Record> inputType() {
        return definition.input;
    }

    /** Finds the worksheet that reads, computes and judges it; empty for the tester's proof and insulation to frame. */
    public Optional<Worksheet<?, ?>> sheet() {
        return definition.sheet;
    }

    /** Tells what its Stop does to energising, where the result says nothing more. */
    public StopEffect stop() {
        return definition.stop;
    }

    /** Lists the instruments that can read it; empty where eye and hand do. */
    public Set<InstrumentKind> instruments() {
        return definition.instruments;
    }

    /** Tells whether each speed of a two-speed motor is tested on its own. */
    public boolean eachSpeed() {
        return definition.eachSpeed;
    }

    /** Tells whether it needs the motor on power. */
    public boolean powered() {
        return definition.powered;
    }

    /** Tells whether it puts high voltage on the winding, which needs insulation proved before and after. */
    public boolean highVoltage() {
        return definition.highVoltage;
    }

    /** Tells whether its readings are traces, too long to show as they were typed. */
    public boolean traces() {
        return definition.traces;
    }

    /** Names the number of phases it is for; empty where it fits both. */
    public Optional<Integer> phases() {
        return definition.phases;
    }

    /** Tells whether form, computation and judgement are those of the worksheet of the same name. */
    public boolean bySheet() {
        return this != TESTER_PROOF
                && this != INSULATION_RESISTANCE
                && this != WINDING_RESISTANCE
                && this != SURGE_COMPARISON;
    }

    /** Tells whether the voltage it was taken at is noted beside its readings, which do not hold it. */
    public boolean notesVoltage() {
        return group() == TestGroup.INSULATION || this == SURGE_COMPARISON;
    }

    /**
     * Computes how long it held direct or surge voltage on the winding.
     *
     * @param input its readings
     * @return seconds that count for the discharge clock; 0 where it leaves no charge
     */
    public double voltageSeconds(Record input) {
        return definition.voltageSeconds.applyAsDouble(input);
    }

    /** Finds the test taken at {@code step}, of whichever speed; the tester's proof shares its step with the lock-out. */
    public static Optional<TestKind> atStep(String step) {
        return Arrays.stream(values())
                .filter(k ->
                        k.step(1).equals(step) || k.eachSpeed() && k.step(2).equals(step))
                .findFirst();
    }
}
