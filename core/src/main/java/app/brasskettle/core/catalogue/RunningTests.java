package app.brasskettle.core.catalogue;

import app.brasskettle.core.heating.HeatRunWorksheet;
import app.brasskettle.core.mechanics.BearingInsulationWorksheet;
import app.brasskettle.core.mechanics.VibrationWorksheet;
import app.brasskettle.core.rotor.RotorProofWorksheet;
import app.brasskettle.core.run.NoLoadWorksheet;
import app.brasskettle.core.run.RolledLeadsWorksheet;
import app.brasskettle.core.run.RunWatchWorksheet;
import app.brasskettle.core.run.StartLogWorksheet;
import app.brasskettle.core.shaftvoltage.ShaftVoltageReadings;
import app.brasskettle.core.shaftvoltage.ShaftVoltageResult;
import app.brasskettle.core.shaftvoltage.ShaftVoltageWorksheet;
import app.brasskettle.core.singlephase.StartingGearWorksheet;
import app.brasskettle.core.testkind.InstrumentKind;
import app.brasskettle.core.testkind.Judging;
import app.brasskettle.core.testkind.KeyFigure;
import app.brasskettle.core.testkind.MotorFacts;
import app.brasskettle.core.testkind.PlateFact;
import app.brasskettle.core.testkind.RepairProof;
import app.brasskettle.core.testkind.StopEffect;
import app.brasskettle.core.testkind.TestDefinition;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testkind.TestKind.Claims;
import app.brasskettle.core.work.Fault;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.work.TestGroup;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Tests of a motor that is started and runs, and of what belongs to that, in the order they are made. */
public final class RunningTests {

    private static final String TURNING =
            "It turns: guarded, key captured or out, someone at the stop. No sleeves, no loose ends, eyes off the fan’s plane.";

    /** A winding this warm, in °C, counts as cold after a stall; shop rule. */
    public static final double COLD_AFTER_STALL_C = 40;

    private static final KindList KINDS = new KindList(200);

    public static final TestKind START_LOG = KINDS.add(TestDefinition.of(StartLogWorksheet.create())
            .at(Station.BENCH, "start", "Starting", TestGroup.RUN)
            .caution(
                    "Reduced voltage or current-limited first, or ramped on a drive. Stalled: cut at once, the cage may go"
                            + " before the copper.")
            .stop(Fault.STALL, StopEffect.testPower("It stood still under current"))
            .readBy(InstrumentKind.POWER_ANALYSER, InstrumentKind.CLAMP_METER, InstrumentKind.TACHOMETER)
            .simulated("Start the simulated motor")
            .eachSpeed()
            .triesTestPower()
            .needsOfPlate(p -> p.ratedVoltageV().isPresent()
                    && p.ratedCurrentA().isPresent()
                    && p.ratedSpeedRpm().isPresent())
            .fromPlate(PlateFact.CURRENT_OF_SPEED, PlateFact.VOLTAGE_OF_SPEED, PlateFact.RPM_OF_SPEED)
            .fromRecord(
                    List.of("currentDensityAPerMm2"),
                    (whole, facts) ->
                            facts.currentDensityAPerMm2().ifPresent(j -> whole.put("currentDensityAPerMm2", j)))
            .blank(Map.of("attempts", List.of(Map.of("feed", "reduced-voltage")))));

    public static final TestKind STARTING_GEAR = KINDS.add(TestDefinition.of(StartingGearWorksheet.create())
            .at(Station.BENCH, "gear", "Switch, capacitor", TestGroup.GEAR)
            .caution(
                    "A start capacitor keeps its charge: short it through a resistor first. When it runs and the switch does"
                            + " not drop out, cut at once: the start winding burns in seconds.")
            .stop(
                    Fault.GEAR,
                    StopEffect.testPower(
                            "A start winding left in burns in seconds; test power is what it takes to hear it"))
            .claims(t -> Claims.motorIs(t.kind()))
            .evidenceEvenUnproven(TestEvidence::gear)
            .proves(RepairProof.FINISHED)
            .readBy(InstrumentKind.CAPACITANCE_METER, InstrumentKind.MULTIMETER)
            .simulated()
            .singlePhase()
            .blank(Map.of("kind", "capacitor-start", "switchKind", "centrifugal")));

    public static final TestKind NO_LOAD_RUN = KINDS.add(TestDefinition.of(
                    NoLoadWorksheet.create(),
                    (run, rules) -> NoLoadWorksheet.onJob().work().apply(run))
            .at(Station.BENCH, "run", "Run without load", TestGroup.RUN)
            .caution(TURNING + " Reduced voltage or current-limited first.")
            .stop(Fault.UNEQUAL_CURRENTS, StopEffect.testPowerLimit("Its currents are not those of a sound motor"))
            .danger(StopMeasures::lostPhase)
            .missedBy(StopMeasures::run)
            .evidence(TestEvidence::run)
            .proves(RepairProof.FINISHED)
            .comparedBy("of the rated current", "%", KeyFigure.Better.LOWER, r -> Optional.of(r.noLoadRatioPercent()))
            .readBy(InstrumentKind.POWER_ANALYSER, InstrumentKind.CLAMP_METER)
            .simulated()
            .threePhase()
            .eachSpeed()
            .powered()
            .needsOfPlate(p -> p.rating().isPresent())
            .fromPlate(
                    PlateFact.CURRENT_OF_SPEED,
                    PlateFact.VOLTAGE_OF_SPEED,
                    PlateFact.POWER_OF_SPEED,
                    PlateFact.POLES_OF_SPEED)
            .fromRecord(List.of("deadLines"), Completions::deadLines)
            .blank(Map.of("lineCurrentsA", List.of(), "lineVoltagesV", List.of(), "lockedRotorRatio", "")));

    public static final TestKind ROLLED_LEADS = KINDS.add(TestDefinition.of(RolledLeadsWorksheet.create())
            .at(Station.BENCH, "rolled-leads", "Rolled leads", TestGroup.RUN)
            .further()
            .caution(
                    "Stop it, lock out and prove dead before a lead is moved; roll all three one place, so it turns the same"
                            + " way.")
            .stop(Fault.UNEQUAL_CURRENTS, StopEffect.testPower("The unbalance goes with the motor"))
            .readBy(InstrumentKind.POWER_ANALYSER, InstrumentKind.CLAMP_METER)
            .threePhase()
            .powered()
            .offeredWhere(MotorFacts::ranOrMayRun)
            .blank(Map.of("currentsBeforeA", List.of(), "currentsAfterA", List.of())));

    public static final TestKind RUN_WATCH = KINDS.add(TestDefinition.of(RunWatchWorksheet.create())
            .at(Station.BENCH, "watch", "Quarter-hour watch", TestGroup.RUN)
            .further()
            .caution(TURNING)
            .stop(StopMeasures::watched, StopEffect.testPowerLimit("A hot bearing, a hot spot or a drifting current"))
            .missedBy(StopMeasures::watch)
            .proves(RepairProof.FINISHED)
            .comparedBy("bearing over air", "K", KeyFigure.Better.LOWER, r -> Optional.of(r.bearingRiseK()))
            .readBy(InstrumentKind.THERMOMETER, InstrumentKind.POWER_ANALYSER, InstrumentKind.CLAMP_METER)
            .simulated("Watch the simulated motor")
            .powered()
            .offeredWhere(MotorFacts::ranOrMayRun)
            .blank(Map.of(
                    "ambientTemperatureC",
                    "",
                    "readings",
                    IntStream.of(0, 5, 10, 15)
                            .mapToObj(m -> Map.of("minute", Integer.toString(m)))
                            .toList(),
                    "spots",
                    List.of())));

    public static final TestKind VIBRATION = KINDS.add(TestDefinition.of(VibrationWorksheet.create())
            .at(Station.BENCH, "vibration", "Vibration", TestGroup.RUN)
            .further()
            .caution(TURNING)
            .stop(Fault.VIBRATION, StopEffect.testPowerLimit("It shakes beyond what bearings and mounting stand"))
            .missedBy(StopMeasures::vibration)
            .evidence(TestEvidence::vibration)
            .proves(RepairProof.FINISHED)
            .comparedBy("highest", "mm/s", KeyFigure.Better.LOWER, r -> Optional.of(r.highestMmPerS()))
            .readBy(InstrumentKind.VIBRATION_METER)
            .simulated()
            .powered()
            .offeredWhere(MotorFacts::ranOrMayRun)
            .needsOfPlate(p -> p.ratedPowerW().isPresent())
            .fromPlate(PlateFact.POWER, PlateFact.SHAFT_HEIGHT)
            .fromRecord(List.of("repairedHere"), (whole, facts) -> whole.put("repairedHere", facts.opened()))
            .blank(Map.of(
                    "mounting",
                    "rigid",
                    "readings",
                    Stream.of("drive-end", "non-drive-end")
                            .flatMap(place -> Stream.of("horizontal", "vertical", "axial")
                                    .map(direction -> Map.of("place", place, "direction", direction)))
                            .toList())));

    public static final TestKind ROTOR_PROOF = KINDS.add(TestDefinition.of(RotorProofWorksheet.create())
            .at(Station.BENCH, "rotor", "Rotor bar test", TestGroup.RUN)
            .further()
            .caution(TURNING
                    + " The current over a turn is read by hand at a low single-phase voltage, the record near rated"
                    + " load.")
            .stop(Fault.BARS, StopEffect.testPower("Broken bars"))
            .readBy(InstrumentKind.OSCILLOSCOPE, InstrumentKind.POWER_ANALYSER, InstrumentKind.CLAMP_METER)
            .simulated()
            .threePhase()
            .offeredWhere(MotorFacts::ranOrMayRun)
            .needsOfPlate(plate -> true)
            .fromPlate(PlateFact.FREQUENCY, PlateFact.POLES_OF_SPEED));

    public static final TestKind HEAT_RUN = KINDS.add(TestDefinition.of(HeatRunWorksheet.create())
            .at(Station.BENCH, "heat-run", "Heat run", TestGroup.RUN)
            .further()
            .caution(TURNING
                    + " Hot parts. The hot resistance is read within the first half minute, locked out and proved"
                    + " dead.")
            .claims(t -> Claims.ofClass(t.rise().insulationClass()))
            .stop(Fault.TOO_HOT, StopEffect.testPowerLimit("Too hot at its rated load"))
            .missedBy(StopMeasures::heatRun)
            .readBy(InstrumentKind.MILLIOHM_BRIDGE, InstrumentKind.THERMOMETER)
            .powered()
            .offeredWhere(MotorFacts::ranOrMayRun)
            .blank(Map.of(
                    "rise",
                    Map.of("conductor", "copper", "insulationClass", "F", "serviceFactor", "1"),
                    "loadPercent",
                    "",
                    "lastHourK",
                    "")));

    public static final TestKind SHAFT_VOLTAGE =
            KINDS.add(TestDefinition.<ShaftVoltageReadings, ShaftVoltageResult>judged(
                            "shaft-voltage",
                            ShaftVoltageReadings.class,
                            Optional.of(ShaftVoltageWorksheet.create()),
                            (test, rules) -> {
                                ShaftVoltageResult result = rules.shaftVoltage(test);
                                return new Judging(result, result.judgement(), Optional.of(result.otherSchool()));
                            })
                    .at(Station.BENCH, "shaft-voltage", "Shaft voltage", TestGroup.RUN)
                    .caution(TURNING + " Touch the shaft with the probe only, brush held, hands clear.")
                    .stop(Fault.SHAFT_VOLTAGE, StopEffect.testPowerLimit("Bearing currents pit the races"))
                    .evidence(TestEvidence::shaftCurrent)
                    .readBy(InstrumentKind.OSCILLOSCOPE, InstrumentKind.MULTIMETER)
                    .whileRunning()
                    .offeredWhere(MotorFacts::fedByDrive)
                    .blank(Map.of(
                            "supply",
                            "drive",
                            "bearing",
                            "rolling",
                            "readings",
                            Stream.of("none", "grounding")
                                    .map(remedy -> Map.of("remedy", remedy, "place", "drive-end", "touch", "brush"))
                                    .toList())));

    public static final TestKind BEARING_INSULATION = KINDS.add(TestDefinition.of(BearingInsulationWorksheet.create())
            .at(Station.BENCH, "bearing-insulation", "Insulated bearing", TestGroup.MECHANICS)
            .caution("Locked out, shaft free of the frame everywhere else. 500 V and no more.")
            .stop(Fault.BEARING_INSULATION, StopEffect.testPower("Current of a drive goes through the bearing"))
            .readBy(InstrumentKind.INSULATION_TESTER)
            .offeredWhere(MotorFacts::fedByDrive)
            .blank(Map.of("testVoltageV", "500", "megohm", "")));

    private RunningTests() {}

    static List<TestKind> all() {
        return KINDS.all();
    }
}
