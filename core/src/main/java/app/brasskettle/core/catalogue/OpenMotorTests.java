package app.brasskettle.core.catalogue;

import app.brasskettle.core.airgap.AirGapWorksheet;
import app.brasskettle.core.airgap.RegistersWorksheet;
import app.brasskettle.core.choice.MotorCondition.Aspect;
import app.brasskettle.core.coreloop.CoreLoopResultWorksheet;
import app.brasskettle.core.extension.KeySeatWorksheet;
import app.brasskettle.core.extension.ShaftRunoutWorksheet;
import app.brasskettle.core.fits.SeatCheckWorksheet;
import app.brasskettle.core.mechanics.RotorBalanceWorksheet;
import app.brasskettle.core.teardown.PoleCheckWorksheet;
import app.brasskettle.core.testkind.InstrumentKind;
import app.brasskettle.core.testkind.KeyFigure;
import app.brasskettle.core.testkind.MotorFacts;
import app.brasskettle.core.testkind.PlateFact;
import app.brasskettle.core.testkind.RepairProof;
import app.brasskettle.core.testkind.StopEffect;
import app.brasskettle.core.testkind.TestDefinition;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.turningfield.TurningFieldWorksheet;
import app.brasskettle.core.work.Fault;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.work.TestGroup;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Tests of a motor that is taken apart: offered once it was opened. */
public final class OpenMotorTests {

    private static final List<String> ENDS = List.of("drive-end", "non-drive-end");

    private static final KindList KINDS = new KindList(300);

    public static final TestKind BEARING_SEATS = KINDS.add(TestDefinition.of(SeatCheckWorksheet.create())
            .at(Station.TEARDOWN, "seats", "Bearing seats", TestGroup.MECHANICS)
            .caution(
                    "Clean and cold, burrs stoned off, micrometer set by its gauge at the same temperature. Mind the shaft’s"
                            + " weight.")
            .stop(Fault.SEAT, StopEffect.testPower("A bearing that creeps on its seat"))
            .readBy(InstrumentKind.MICROMETER)
            .simulated("Read the simulated micrometer")
            .offeredWhere(MotorFacts::opened)
            .blank(Map.of(
                    "seats",
                    ENDS.stream()
                            .flatMap(place -> Stream.of("shaft", "housing")
                                    .map(seat -> Map.of("place", place, "seat", seat, "designation", "")))
                            .toList())));

    public static final TestKind AIR_GAP = KINDS.add(TestDefinition.of(AirGapWorksheet.create())
            .at(Station.TEARDOWN, "air-gap", "Air gap", TestGroup.MECHANICS)
            .caution(
                    "Feeler along the whole core, eight points from the top, clockwise. Locked out; turn the shaft by hand"
                            + " only, fingers out of the gap.")
            .tells(Aspect.AIR_GAP)
            .stop(Fault.AIR_GAP, StopEffect.blocks("The rotor may touch the stator"))
            .readBy(InstrumentKind.FEELER_GAUGE)
            .simulated()
            .offeredWhere(MotorFacts::opened)
            .blank(Map.of("gapsMm", List.of())));

    public static final TestKind BRACKET_REGISTERS = KINDS.add(TestDefinition.of(RegistersWorksheet.create())
            .at(Station.TEARDOWN, "registers", "Spigot fits", TestGroup.MECHANICS)
            .further()
            .caution(
                    "Clean and cold, paint and burrs off. Two diameters each way at least; hang the bracket, it slips when the"
                            + " last bolt is out.")
            .stop(Fault.REGISTER, StopEffect.testPower("A bracket that moves in its frame moves the rotor"))
            .readBy(InstrumentKind.MICROMETER)
            .simulated("Read the simulated micrometer")
            .offeredWhere(MotorFacts::opened)
            .blank(Map.of(
                    "registers",
                    ENDS.stream()
                            .map(place -> Map.of("place", place, "bracketMm", List.of(), "frameMm", List.of()))
                            .toList())));

    public static final TestKind SHAFT_RUNOUT = KINDS.add(TestDefinition.of(ShaftRunoutWorksheet.create())
            .at(Station.TEARDOWN, "run-out", "Shaft run-out", TestGroup.MECHANICS)
            .further()
            .caution(
                    "Shaft in its bearings or on rollers, dial square to it, half way along the extension. Mind the key"
                            + " seat’s edge and the shaft’s weight.")
            .stop(Fault.RUN_OUT, StopEffect.testPowerLimit("A bent shaft shakes the coupling"))
            .missedBy(StopMeasures::runout)
            .readBy(InstrumentKind.DIAL_GAUGE)
            .simulated()
            .offeredWhere(MotorFacts::opened)
            .blank(Map.of("extensionMm", "", "dialReadingsMm", List.of())));

    public static final TestKind KEY_SEAT = KINDS.add(TestDefinition.of(KeySeatWorksheet.create())
            .at(Station.TEARDOWN, "key-seat", "Key seat", TestGroup.MECHANICS)
            .further()
            .caution(
                    "Key out, edges stoned: they cut. Width at both ends and in the middle. Before the shaft turns again the"
                            + " key is taped in or out.")
            .stop(Fault.KEY_SEAT, StopEffect.testPower("A loose key comes off a turning shaft"))
            .readBy(InstrumentKind.MICROMETER)
            .simulated("Read the simulated micrometer")
            .offeredWhere(MotorFacts::opened)
            .fromPlate(PlateFact.KEY_SIZES)
            .blank(Map.of("extensionMm", "", "seatWidthsMm", List.of(), "keyWidthsMm", List.of())));

    public static final TestKind CORE_LOOP_RESULT = KINDS.add(TestDefinition.of(
                    CoreLoopResultWorksheet.create(),
                    (reading, rules) -> CoreLoopResultWorksheet.onJob().work().apply(reading))
            .at(Station.TEARDOWN, "core-loop", "Core loop", TestGroup.CORE)
            .caution("Guard the bore, protect ears, watch the loop cable: it heats. Cut at once when the core smokes.")
            .tells(Aspect.CORE)
            .comparedBy("loss", "W/kg", KeyFigure.Better.LOWER, r -> Optional.of(r.wattsPerKg()))
            .stop(Fault.CORE, StopEffect.blocks("A core that burns its new winding"))
            .readBy(InstrumentKind.CORE_LOSS_SET, InstrumentKind.POWER_ANALYSER, InstrumentKind.THERMOMETER)
            .offeredWhere(MotorFacts::opened));

    public static final TestKind POLE_CHECK = KINDS.add(TestDefinition.of(PoleCheckWorksheet.create())
            .at(Station.TEARDOWN, "poles", "Polarity check", TestGroup.COPPER)
            .further()
            .caution(
                    "A few volts only, current limited, rotor out. Fingers off the winding; the copper warms in a minute.")
            .stop(Fault.WRONG_FIELD, StopEffect.blocks("Poles that are dead or turned round: a wrong connection"))
            .offeredWhere(MotorFacts::opened)
            .fromPlate(PlateFact.POLES_OF_SPEED)
            .blank(Map.of("felt", List.of())));

    public static final TestKind TURNING_FIELD = KINDS.add(TestDefinition.of(TurningFieldWorksheet.create())
            .at(Station.REWIND, "turning-field", "Turning field", TestGroup.COPPER)
            .proves(RepairProof.BARE)
            .comparedBy("lines unequal by", "%", KeyFigure.Better.LOWER, r -> Optional.of(r.unbalancePercent()))
            .caution(
                    "Low voltage only, so that the lines stay under the plate’s current: without a rotor the stator draws far"
                            + " more. Nobody at the winding; the dummy rotor on a stick, fingers out of the bore.")
            .stop(Fault.WRONG_FIELD, StopEffect.blocks("A winding joined wrongly burns when it runs"))
            .readBy(InstrumentKind.POWER_ANALYSER, InstrumentKind.CLAMP_METER, InstrumentKind.THERMOMETER)
            .threePhase()
            .eachSpeed()
            .offeredWhere(MotorFacts::bareWinding)
            .simulated("Read the simulated stator")
            .fromRecord(List.of("spanSlots"), Completions::designedSpan)
            .blank(Map.of("lineCurrentsA", List.of(), "places", List.of(Map.of(), Map.of(), Map.of(), Map.of()))));

    public static final TestKind ROTOR_BALANCE = KINDS.add(TestDefinition.of(RotorBalanceWorksheet.create())
            .at(Station.TEARDOWN, "rotor-balance", "Mechanical balancing", TestGroup.MECHANICS)
            .further()
            .caution("Guard the balancing machine; no loose weights, stand out of the plane of rotation.")
            .stop(Fault.IMBALANCE, StopEffect.testPowerLimit("It shakes beyond its grade"))
            .readBy(InstrumentKind.BALANCING_MACHINE)
            .offeredWhere(MotorFacts::opened));

    private OpenMotorTests() {}

    static List<TestKind> all() {
        return KINDS.all();
    }
}
