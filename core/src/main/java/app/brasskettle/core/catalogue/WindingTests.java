package app.brasskettle.core.catalogue;

import app.brasskettle.core.balance.BalanceWorksheet;
import app.brasskettle.core.choice.MotorCondition.Aspect;
import app.brasskettle.core.insulation.CircuitReadings;
import app.brasskettle.core.insulation.CircuitsWorksheet;
import app.brasskettle.core.insulation.InsulationLimits;
import app.brasskettle.core.insulation.InsulationReadings;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.insulation.InsulationWorksheet;
import app.brasskettle.core.insulation.TesterProof;
import app.brasskettle.core.insulation.TimedReading;
import app.brasskettle.core.leads.LeadWorksheet;
import app.brasskettle.core.protection.ProtectorWorksheet;
import app.brasskettle.core.resistance.ResistanceLimits;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.resistance.ResistanceWorksheet;
import app.brasskettle.core.singlephase.SinglePhaseWorksheet;
import app.brasskettle.core.surge.SurgeLimits;
import app.brasskettle.core.surge.SurgeOutcome;
import app.brasskettle.core.surge.SurgeRise;
import app.brasskettle.core.surge.SurgeRiseWorksheet;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.testkind.InstrumentKind;
import app.brasskettle.core.testkind.Judging;
import app.brasskettle.core.testkind.KeyFigure.Better;
import app.brasskettle.core.testkind.MotorFacts;
import app.brasskettle.core.testkind.PlateFact;
import app.brasskettle.core.testkind.RepairProof;
import app.brasskettle.core.testkind.StopEffect;
import app.brasskettle.core.testkind.TestDefinition;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testkind.TestKind.Claims;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.withstand.StepVoltageWorksheet;
import app.brasskettle.core.withstand.WithstandRecord;
import app.brasskettle.core.withstand.WithstandRecordWorksheet;
import app.brasskettle.core.work.Fault;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.work.TestGroup;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/** Tests of a winding at rest, leads free, in their safe order. */
public final class WindingTests {

    /** A step of a ramp is a minute. */
    private static final double STEP_SECONDS = 60;
    /** What a set of pulses counts for the discharge clock, which then runs its least minute. */
    private static final double PULSE_SECONDS = 15;

    private static final String UNEQUAL_CURRENTS = "A poor joint or wrong turns draw unequal currents";
    private static final String HIGH_VOLTAGE =
            "High voltage: insulation must hold first, auxiliaries off, area barred, one person at the set. Ground the winding"
                    + " four times as long as voltage was on.";

    private static final KindList KINDS = new KindList(100);

    public static final TestKind TESTER_PROOF =
            KINDS.add(TestDefinition.judged("tester-proof", TesterProof.class, Optional.empty(), (proof, rules) -> {
                        Judgement judgement = proof.judge();
                        return new Judging(judgement, judgement, Optional.empty());
                    })
                    .at(Station.BENCH, "dead", "Tester check", TestGroup.TESTER)
                    .caution("Lock out and prove dead by two means first. Touch no probe while the tester is on.")
                    .ownPage());

    public static final TestKind LEAD_SETS = KINDS.add(TestDefinition.of(LeadWorksheet.create())
            .at(Station.BENCH, "leads", "Lead continuity", TestGroup.COPPER)
            .caution(
                    "Supply locked out, every lead off its terminal and apart, capacitors shorted. Mark each lead before it"
                            + " moves.")
            .stop(Fault.LEAD_MARKS, StopEffect.blocks("Leads that make no sound winding burn it when they are joined"))
            .readBy(InstrumentKind.MULTIMETER, InstrumentKind.MILLIOHM_BRIDGE)
            .offeredWhere(MotorFacts::leadsToSort)
            .blank(Map.of("leads", List.of(), "continuity", List.of())));

    public static final TestKind WINDING_RESISTANCE = KINDS.add(TestDefinition.of(
                    ResistanceWorksheet.create(ResistanceLimits.standard()), (test, rules) -> rules.resistance(test))
            .at(Station.BENCH, "resistance", "Winding resistance", TestGroup.COPPER)
            .caution("Supply locked out, leads free of it. Touch no lead while the bridge drives current.")
            .tells(Aspect.RESISTANCE)
            .proves(RepairProof.BARE_AND_FINISHED)
            .comparedBy("mean at 25 °C", "Ω", Better.NEITHER, ResistanceResult::meanOhmAt25C)
            .stop(Fault.RESISTANCE, StopEffect.limit(UNEQUAL_CURRENTS))
            .danger(r -> StopMeasures.openCircuit(r.openCircuit().isPresent()))
            .claims(t ->
                    Claims.at(t.windingTemperatureC()).figures(t.terminalOhms().read()))
            .missedBy(StopMeasures::resistance)
            .evidence(TestEvidence::resistance)
            .doubted(Plausibility::resistance)
            .readBy(InstrumentKind.MILLIOHM_BRIDGE, InstrumentKind.MULTIMETER)
            .simulated("Read the simulated bridge")
            .threePhase()
            .eachSpeed()
            .ownPage()
            .needsOfPlate(plate -> true)
            .fromPlate(PlateFact.CONNECTION_OF_SPEED, PlateFact.WINDING_KIND, PlateFact.USUAL_CONDUCTOR)
            .fromRecord(List.of("openPairs"), Completions::openPairs)
            .blank(Map.of(
                    "terminalOhms",
                    Map.of("ab", "", "bc", "", "ca", ""),
                    "windingTemperatureC",
                    "",
                    "conductor",
                    "copper")));

    public static final TestKind SINGLE_PHASE_WINDINGS = KINDS.add(TestDefinition.of(SinglePhaseWorksheet.create())
            .at(Station.BENCH, "windings", "Main and start winding", TestGroup.COPPER)
            .caution(
                    "Supply locked out, capacitor discharged through a resistor and shorted. Measure across a protector both"
                            + " ways before calling a winding open; flex leads and protector while you read.")
            .tells(Aspect.RESISTANCE)
            .proves(RepairProof.BARE_AND_FINISHED)
            .stop(Fault.RESISTANCE, StopEffect.limit(UNEQUAL_CURRENTS))
            .danger(r -> StopMeasures.openCircuit(r.open()))
            .missedBy(StopMeasures::windings)
            .evidenceEvenUnproven(TestEvidence::windings)
            .readBy(InstrumentKind.MILLIOHM_BRIDGE, InstrumentKind.MULTIMETER)
            .simulated("Read the simulated bridge")
            .singlePhase()
            .blank(Map.of(
                    "dualVoltage", false,
                    "mainOpen", false,
                    "secondHalfOpen", false,
                    "startOpen", false,
                    "protector", "none",
                    "steadyWhenFlexed", true)));

    public static final TestKind INSULATION_RESISTANCE =
            KINDS.add(TestDefinition.<InsulationReadings, InsulationResult>judged(
                            "insulation-resistance",
                            InsulationReadings.class,
                            Optional.of(InsulationWorksheet.create(InsulationLimits.standard())),
                            (test, rules) -> {
                                InsulationResult result = rules.insulation(test);
                                return new Judging(result, rules.deciding(result), Optional.of(rules.other(result)));
                            })
                    .at(Station.BENCH, "insulation", "Insulation to frame", TestGroup.INSULATION)
                    .caution(
                            "Direct voltage on the winding: nobody at the leads. Ground it four times as long as voltage was"
                                    + " on before touching it.")
                    .tells(Aspect.INSULATION)
                    .proves(RepairProof.BARE_AND_FINISHED)
                    .comparedBy("at 40 °C", "MΩ", Better.HIGHER, r -> Optional.of(r.correctedMegohm()))
                    .stop(Fault.LEAKAGE, StopEffect.limit("Leakage to the frame; a touch away from somebody's hand"))
                    .danger(r -> StopMeasures.ground(r.deadGround()))
                    .partial(InsulationResult::spotReading)
                    .claims(t -> Claims.at(t.windingTemperatureC()))
                    .missedBy(StopMeasures::insulation)
                    .evidence(TestEvidence::insulation)
                    .doubted(Plausibility::insulation)
                    .readBy(InstrumentKind.INSULATION_TESTER)
                    .ownPage()
                    .voltageNoted(AskedVoltages::insulation)
                    .direct(t -> t.readings().stream()
                            .mapToDouble(TimedReading::seconds)
                            .max()
                            .orElse(0))
                    .needsOfPlate(AskedVoltages::voltageKnown)
                    .fromPlate(
                            PlateFact.VOLTAGE,
                            PlateFact.WINDING_KIND,
                            PlateFact.INSULATION_CLASS,
                            PlateFact.MADE_BEFORE_1970,
                            PlateFact.USUAL_INSULATION_SYSTEM));

    public static final TestKind CIRCUIT_INSULATION = KINDS.add(TestDefinition.of(
                    CircuitsWorksheet.create(InsulationLimits.standard()), (test, rules) -> rules.circuits(test))
            .at(Station.BENCH, "circuits", "Insulation by circuit", TestGroup.INSULATION)
            .caution(
                    "Direct voltage on one circuit, the others grounded. Ground each one after its reading, four times as long"
                            + " as voltage was on, before touching the next.")
            .tells(Aspect.INSULATION)
            .stop(Fault.LEAKAGE, StopEffect.limit("Leakage to the frame or between circuits"))
            .danger(r -> StopMeasures.ground(r.deadGround()))
            .claims(t -> Claims.at(t.windingTemperatureC()))
            .missedBy(StopMeasures::circuits)
            .readBy(InstrumentKind.INSULATION_TESTER)
            .offeredWhere(MotorFacts::severalCircuits)
            .voltageNoted(AskedVoltages::insulation)
            .direct(t -> t.circuits().stream()
                    .mapToDouble(CircuitReadings.Circuit::seconds)
                    .sum())
            .needsOfPlate(AskedVoltages::voltageKnown)
            .fromPlate(
                    PlateFact.VOLTAGE,
                    PlateFact.WINDING_KIND,
                    PlateFact.INSULATION_CLASS,
                    PlateFact.MADE_BEFORE_1970,
                    PlateFact.USUAL_INSULATION_SYSTEM)
            .blank(Map.of(
                    "insulationSystem",
                    "thermosetting",
                    "windingTemperatureC",
                    "",
                    "circuits",
                    IntStream.rangeClosed(1, 3)
                            .mapToObj(n -> Map.of("circuit", Integer.toString(n), "seconds", "60"))
                            .toList())));

    public static final TestKind PROTECTOR = KINDS.add(TestDefinition.of(ProtectorWorksheet.create())
            .at(Station.BENCH, "protector", "Thermal protector", TestGroup.GEAR)
            .caution("Thermistors take no more than 2.5 V each: no insulation tester across them, ever.")
            .stop(Fault.PROTECTOR, StopEffect.blocks("Nothing cuts it off before it burns"))
            .standsIn(t -> t.standIn().isPresent() && t.relabelled().orElse(false))
            .evidence(TestEvidence::protector)
            .readBy(InstrumentKind.MULTIMETER, InstrumentKind.MILLIOHM_BRIDGE)
            .simulated()
            .offeredWhere(MotorFacts::protectedByPlate));

    public static final TestKind LOW_VOLTAGE_BALANCE = KINDS.add(TestDefinition.of(BalanceWorksheet.create())
            .at(Station.BENCH, "balance", "Inductance balance", TestGroup.TURNS)
            .caution("Supply locked out. Turn the shaft by hand only, fingers off keyway and fan.")
            .tells(Aspect.TURNS)
            .comparedBy("stays with the winding", "%", Better.LOWER, r -> Optional.of(r.windingUnbalancePercent()))
            .stop(Fault.UNLIKE_PHASES, StopEffect.limit("A shorted turn or a wrong connection"))
            .missedBy(StopMeasures::balance)
            .evidence(TestEvidence::balance)
            .readBy(InstrumentKind.INDUCTANCE_BRIDGE)
            .simulated("Read the simulated bridge")
            .threePhase()
            .eachSpeed()
            .blank(Map.of(
                    "positions",
                    IntStream.of(0, 45, 90, 135)
                            .mapToObj(a -> Map.of("angleDegrees", Integer.toString(a), "inductanceMh", Map.of()))
                            .toList())));

    public static final TestKind STEP_VOLTAGE = KINDS.add(TestDefinition.of(
                    StepVoltageWorksheet.create(),
                    (test, rules) -> StepVoltageWorksheet.onJob().work().apply(test))
            .at(Station.BENCH, "step-voltage", "Step voltage", TestGroup.PROOF)
            .further()
            .caution(HIGH_VOLTAGE)
            .tells(Aspect.BREAKDOWN)
            .stop(Fault.BREAKDOWN, StopEffect.blocks("Insulation about to let go"))
            .readBy(InstrumentKind.WITHSTAND_SET, InstrumentKind.INSULATION_TESTER)
            .highVoltage(t -> STEP_SECONDS * t.steps().size())
            .blank(Map.of("steps", List.of(Map.of(), Map.of(), Map.of()))));

    public static final TestKind WITHSTAND_RECORD = KINDS.add(TestDefinition.of(
                    WithstandRecordWorksheet.create(),
                    (test, rules) -> WithstandRecordWorksheet.onJob(rules::insulationTestV)
                            .work()
                            .apply(test))
            .at(Station.BENCH, "withstand", "Withstand", TestGroup.PROOF)
            .caution(HIGH_VOLTAGE)
            .tells(Aspect.BREAKDOWN)
            .proves(RepairProof.FINISHED)
            .comparedBy("of the level", "%", Better.NEITHER, r -> Optional.of(r.appliedPercent()))
            .stop(Fault.BREAKDOWN, StopEffect.blocks("Insulation to frame is punctured"))
            .readBy(InstrumentKind.WITHSTAND_SET)
            .offeredWhere(MotorFacts::opened)
            // An alternating set leaves whatever charge stood at the moment it was switched off.
            .highVoltage(t -> t.supply() == WithstandRecord.Supply.DIRECT ? t.heldSeconds() : PULSE_SECONDS)
            .needsOfPlate(AskedVoltages::voltageKnown)
            .fromPlate(PlateFact.VOLTAGE, PlateFact.POWER)
            .fromRecord(List.of("state", "repeat", "school"), Completions::withstand)
            .blank(Map.of("supply", "direct", "heldSeconds", "60", "brokeDown", false)));

    public static final TestKind SURGE_COMPARISON = KINDS.add(TestDefinition.<SurgeSet, SurgeOutcome>judged(
                    "surge-comparison", SurgeSet.class, Optional.empty(), (set, rules) -> Judging.of(rules.surge(set)))
            .at(Station.BENCH, "surge", "Surge", TestGroup.TURNS)
            .caution(HIGH_VOLTAGE)
            .tells(Aspect.TURNS)
            .proves(RepairProof.BARE_AND_FINISHED)
            .comparedBy("difference", "%", Better.LOWER, SurgeOutcome::largestDifferencePercent)
            .stop(Fault.UNLIKE_PHASES, StopEffect.limit("Two phases unlike: shorted turns or a wrong connection"))
            .danger(StopMeasures::turnShort)
            .missedBy(StopMeasures::surge)
            .evidence(TestEvidence::surge)
            .doubted(Plausibility::surge)
            .beside(SurgeBeside::judge)
            .readBy(InstrumentKind.SURGE_SET)
            .threePhase()
            .eachSpeed()
            .traces()
            .ownPage()
            .voltageNoted(AskedVoltages::surge)
            .highVoltage(t -> PULSE_SECONDS)
            .needsOfPlate(AskedVoltages::voltageKnown)
            .fromPlate(PlateFact.CONNECTION_OF_SPEED));

    public static final TestKind SURGE_RISE = KINDS.add(TestDefinition.of(
                    SurgeRiseWorksheet.create(SurgeLimits.standard()), (test, rules) -> rules.surgeRise(test))
            .at(Station.BENCH, "surge-rise", "Surge at rising voltage", TestGroup.TURNS)
            .further()
            .caution(HIGH_VOLTAGE)
            .tells(Aspect.TURNS)
            .stop(Fault.TURN_SHORT, StopEffect.blocks("Turn insulation lets go under voltage"))
            .evidence(TestEvidence::surge)
            .readBy(InstrumentKind.SURGE_SET)
            .threePhase()
            .traces()
            .voltageRead(
                    AskedVoltages::surge,
                    t -> Optional.of(t.pulses().stream()
                            .mapToDouble(SurgeRise.Pulse::peakVoltageV)
                            .max()
                            .orElse(0)))
            .highVoltage(t -> PULSE_SECONDS)
            .needsOfPlate(plate -> true)
            .fromPlate(PlateFact.CONNECTION_OF_SPEED)
            .blank(Map.of("rotorFitted", false)));

    private WindingTests() {}

    static List<TestKind> all() {
        return KINDS.all();
    }
}
