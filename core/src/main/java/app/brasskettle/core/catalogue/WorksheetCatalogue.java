package app.brasskettle.core.catalogue;

import app.brasskettle.core.airgap.AirGap;
import app.brasskettle.core.airgap.AirGapResult;
import app.brasskettle.core.airgap.AirGapWorksheet;
import app.brasskettle.core.airgap.Registers;
import app.brasskettle.core.airgap.RegistersResult;
import app.brasskettle.core.airgap.RegistersWorksheet;
import app.brasskettle.core.balance.BalanceResult;
import app.brasskettle.core.balance.BalanceTest;
import app.brasskettle.core.balance.BalanceWorksheet;
import app.brasskettle.core.cause.EvidenceTable;
import app.brasskettle.core.cause.FailurePattern;
import app.brasskettle.core.cause.FailurePatternWorksheet;
import app.brasskettle.core.cause.FailureRanking;
import app.brasskettle.core.choice.Decision;
import app.brasskettle.core.choice.DecisionResult;
import app.brasskettle.core.choice.DecisionWorksheet;
import app.brasskettle.core.coreloop.CoreLoop;
import app.brasskettle.core.coreloop.CoreLoopPlan;
import app.brasskettle.core.coreloop.CoreLoopPlanWorksheet;
import app.brasskettle.core.coreloop.CoreLoopReading;
import app.brasskettle.core.coreloop.CoreLoopResult;
import app.brasskettle.core.coreloop.CoreLoopResultWorksheet;
import app.brasskettle.core.extension.KeySeat;
import app.brasskettle.core.extension.KeySeatResult;
import app.brasskettle.core.extension.KeySeatWorksheet;
import app.brasskettle.core.extension.ShaftRunout;
import app.brasskettle.core.extension.ShaftRunoutResult;
import app.brasskettle.core.extension.ShaftRunoutWorksheet;
import app.brasskettle.core.fits.BearingFit;
import app.brasskettle.core.fits.BearingFitResult;
import app.brasskettle.core.fits.BearingFitWorksheet;
import app.brasskettle.core.fits.SeatCheck;
import app.brasskettle.core.fits.SeatCheckResult;
import app.brasskettle.core.fits.SeatCheckWorksheet;
import app.brasskettle.core.heating.HeatRun;
import app.brasskettle.core.heating.HeatRunResult;
import app.brasskettle.core.heating.HeatRunWorksheet;
import app.brasskettle.core.heating.RiseTest;
import app.brasskettle.core.heating.Stall;
import app.brasskettle.core.heating.StallHeating;
import app.brasskettle.core.heating.StallHeatingWorksheet;
import app.brasskettle.core.heating.TemperatureRise;
import app.brasskettle.core.heating.TemperatureRiseWorksheet;
import app.brasskettle.core.insulation.CircuitsResult;
import app.brasskettle.core.insulation.CircuitsTest;
import app.brasskettle.core.insulation.CircuitsWorksheet;
import app.brasskettle.core.insulation.InsulationLimits;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.insulation.InsulationTest;
import app.brasskettle.core.insulation.InsulationWorksheet;
import app.brasskettle.core.leads.LeadSets;
import app.brasskettle.core.leads.LeadTrace;
import app.brasskettle.core.leads.LeadWorksheet;
import app.brasskettle.core.mechanics.BearingInsulationResult;
import app.brasskettle.core.mechanics.BearingInsulationTest;
import app.brasskettle.core.mechanics.BearingInsulationWorksheet;
import app.brasskettle.core.mechanics.RotorBalance;
import app.brasskettle.core.mechanics.RotorBalanceResult;
import app.brasskettle.core.mechanics.RotorBalanceWorksheet;
import app.brasskettle.core.mechanics.VibrationResult;
import app.brasskettle.core.mechanics.VibrationTest;
import app.brasskettle.core.mechanics.VibrationWorksheet;
import app.brasskettle.core.nameplate.Nameplate;
import app.brasskettle.core.nameplate.NameplateReading;
import app.brasskettle.core.nameplate.NameplateWorksheet;
import app.brasskettle.core.protection.ProtectorResult;
import app.brasskettle.core.protection.ProtectorTest;
import app.brasskettle.core.protection.ProtectorWorksheet;
import app.brasskettle.core.resistance.ResistanceLimits;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.resistance.ResistanceTest;
import app.brasskettle.core.resistance.ResistanceWorksheet;
import app.brasskettle.core.rotor.RotorProof;
import app.brasskettle.core.rotor.RotorProofResult;
import app.brasskettle.core.rotor.RotorProofWorksheet;
import app.brasskettle.core.run.NoLoadResult;
import app.brasskettle.core.run.NoLoadRun;
import app.brasskettle.core.run.NoLoadWorksheet;
import app.brasskettle.core.run.RolledLeads;
import app.brasskettle.core.run.RolledLeadsWorksheet;
import app.brasskettle.core.run.RolledResult;
import app.brasskettle.core.run.RunWatch;
import app.brasskettle.core.run.RunWatchWorksheet;
import app.brasskettle.core.run.StartLog;
import app.brasskettle.core.run.StartLogWorksheet;
import app.brasskettle.core.run.StartResult;
import app.brasskettle.core.run.WatchResult;
import app.brasskettle.core.shaftvoltage.ShaftVoltageResult;
import app.brasskettle.core.shaftvoltage.ShaftVoltageTest;
import app.brasskettle.core.shaftvoltage.ShaftVoltageWorksheet;
import app.brasskettle.core.singlephase.SinglePhaseResult;
import app.brasskettle.core.singlephase.SinglePhaseWindings;
import app.brasskettle.core.singlephase.SinglePhaseWorksheet;
import app.brasskettle.core.singlephase.StartingGear;
import app.brasskettle.core.singlephase.StartingGearResult;
import app.brasskettle.core.singlephase.StartingGearWorksheet;
import app.brasskettle.core.supply.SupplyReading;
import app.brasskettle.core.supply.SupplyVoltages;
import app.brasskettle.core.supply.SupplyWorksheet;
import app.brasskettle.core.surge.SurgeLimits;
import app.brasskettle.core.surge.SurgePair;
import app.brasskettle.core.surge.SurgeResult;
import app.brasskettle.core.surge.SurgeRise;
import app.brasskettle.core.surge.SurgeRiseResult;
import app.brasskettle.core.surge.SurgeRiseWorksheet;
import app.brasskettle.core.surge.SurgeWorksheet;
import app.brasskettle.core.teardown.PoleCheck;
import app.brasskettle.core.teardown.PoleCheckResult;
import app.brasskettle.core.teardown.PoleCheckWorksheet;
import app.brasskettle.core.triage.TriageLook;
import app.brasskettle.core.triage.TriageResult;
import app.brasskettle.core.triage.TriageWorksheet;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.winding.WindingLimits;
import app.brasskettle.core.winding.WindingResult;
import app.brasskettle.core.winding.WindingWorksheet;
import app.brasskettle.core.withstand.StepVoltageResult;
import app.brasskettle.core.withstand.StepVoltageTest;
import app.brasskettle.core.withstand.StepVoltageWorksheet;
import app.brasskettle.core.withstand.WithstandLevels;
import app.brasskettle.core.withstand.WithstandRecord;
import app.brasskettle.core.withstand.WithstandRecordWorksheet;
import app.brasskettle.core.withstand.WithstandResult;
import app.brasskettle.core.withstand.WithstandTest;
import app.brasskettle.core.withstand.WithstandWorksheet;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;
import java.util.Optional;

/** The worksheets of this product with the contract's limits; adding one is one line here. */
public final class WorksheetCatalogue {

    public static final Worksheet<Nameplate, NameplateReading> NAMEPLATE = NameplateWorksheet.create();
    public static final Worksheet<SupplyVoltages, SupplyReading> SUPPLY = SupplyWorksheet.create();
    public static final Worksheet<LeadTrace, LeadSets> LEADS = LeadWorksheet.create();
    public static final Worksheet<InsulationTest, InsulationResult> INSULATION =
            InsulationWorksheet.create(InsulationLimits.standard());
    public static final Worksheet<ResistanceTest, ResistanceResult> RESISTANCE =
            ResistanceWorksheet.create(ResistanceLimits.standard());
    public static final Worksheet<SurgePair, SurgeResult> SURGE = SurgeWorksheet.create(SurgeLimits.standard());
    public static final Worksheet<BalanceTest, BalanceResult> BALANCE = BalanceWorksheet.create();
    public static final Worksheet<WithstandTest, WithstandLevels> WITHSTAND = WithstandWorksheet.create();
    public static final Worksheet<StepVoltageTest, StepVoltageResult> STEP_VOLTAGE = StepVoltageWorksheet.create();
    public static final Worksheet<CoreLoopPlan, CoreLoop> CORE_LOOP_PLAN = CoreLoopPlanWorksheet.create();
    public static final Worksheet<CoreLoopReading, CoreLoopResult> CORE_LOOP_RESULT = CoreLoopResultWorksheet.create();
    public static final Worksheet<Stall, StallHeating> STALL_HEATING = StallHeatingWorksheet.create();
    public static final Worksheet<RiseTest, TemperatureRise> TEMPERATURE_RISE = TemperatureRiseWorksheet.create();
    public static final Worksheet<NoLoadRun, NoLoadResult> NO_LOAD_RUN = NoLoadWorksheet.create();
    public static final Worksheet<WithstandRecord, WithstandResult> WITHSTAND_RECORD =
            WithstandRecordWorksheet.create();
    public static final Worksheet<SurgeRise, SurgeRiseResult> SURGE_RISE =
            SurgeRiseWorksheet.create(SurgeLimits.standard());
    public static final Worksheet<StartLog, StartResult> START_LOG = StartLogWorksheet.create();
    public static final Worksheet<RolledLeads, RolledResult> ROLLED_LEADS = RolledLeadsWorksheet.create();
    public static final Worksheet<RunWatch, WatchResult> RUN_WATCH = RunWatchWorksheet.create();
    public static final Worksheet<HeatRun, HeatRunResult> HEAT_RUN = HeatRunWorksheet.create();
    public static final Worksheet<VibrationTest, VibrationResult> VIBRATION = VibrationWorksheet.create();
    public static final Worksheet<BearingInsulationTest, BearingInsulationResult> BEARING_INSULATION =
            BearingInsulationWorksheet.create();
    public static final Worksheet<RotorBalance, RotorBalanceResult> ROTOR_BALANCE = RotorBalanceWorksheet.create();
    public static final Worksheet<RotorProof, RotorProofResult> ROTOR_PROOF = RotorProofWorksheet.create();
    public static final Worksheet<ShaftVoltageTest, ShaftVoltageResult> SHAFT_VOLTAGE = ShaftVoltageWorksheet.create();
    public static final Worksheet<SinglePhaseWindings, SinglePhaseResult> SINGLE_PHASE_WINDINGS =
            SinglePhaseWorksheet.create();
    public static final Worksheet<StartingGear, StartingGearResult> STARTING_GEAR = StartingGearWorksheet.create();
    public static final Worksheet<ProtectorTest, ProtectorResult> PROTECTOR = ProtectorWorksheet.create();
    public static final Worksheet<CircuitsTest, CircuitsResult> CIRCUIT_INSULATION =
            CircuitsWorksheet.create(InsulationLimits.standard());
    public static final Worksheet<PoleCheck, PoleCheckResult> POLE_CHECK = PoleCheckWorksheet.create();
    public static final Worksheet<BearingFit, BearingFitResult> BEARING_FIT = BearingFitWorksheet.create();
    public static final Worksheet<SeatCheck, SeatCheckResult> BEARING_SEATS = SeatCheckWorksheet.create();
    public static final Worksheet<AirGap, AirGapResult> AIR_GAP = AirGapWorksheet.create();
    public static final Worksheet<Registers, RegistersResult> BRACKET_REGISTERS = RegistersWorksheet.create();
    public static final Worksheet<ShaftRunout, ShaftRunoutResult> SHAFT_RUNOUT = ShaftRunoutWorksheet.create();
    public static final Worksheet<KeySeat, KeySeatResult> KEY_SEAT = KeySeatWorksheet.create();
    public static final Worksheet<TriageLook, TriageResult> TRIAGE = TriageWorksheet.create();
    public static final Worksheet<WindingData, WindingResult> WINDING =
            WindingWorksheet.create(WindingLimits.standard());
    public static final Worksheet<FailurePattern, FailureRanking> FAILURE_PATTERN =
            FailurePatternWorksheet.create(EvidenceTable.shipped());
    public static final Worksheet<Decision, DecisionResult> DECISION = DecisionWorksheet.create();

    private static final List<Worksheet<?, ?>> ALL = List.of(
            NAMEPLATE,
            SUPPLY,
            LEADS,
            RESISTANCE,
            SINGLE_PHASE_WINDINGS,
            INSULATION,
            CIRCUIT_INSULATION,
            BALANCE,
            WITHSTAND,
            WITHSTAND_RECORD,
            STEP_VOLTAGE,
            SURGE,
            SURGE_RISE,
            PROTECTOR,
            STARTING_GEAR,
            BEARING_FIT,
            BEARING_SEATS,
            AIR_GAP,
            BRACKET_REGISTERS,
            SHAFT_RUNOUT,
            KEY_SEAT,
            POLE_CHECK,
            CORE_LOOP_PLAN,
            CORE_LOOP_RESULT,
            START_LOG,
            NO_LOAD_RUN,
            ROLLED_LEADS,
            RUN_WATCH,
            VIBRATION,
            ROTOR_PROOF,
            ROTOR_BALANCE,
            BEARING_INSULATION,
            SHAFT_VOLTAGE,
            STALL_HEATING,
            TEMPERATURE_RISE,
            HEAT_RUN,
            TRIAGE,
            WINDING,
            FAILURE_PATTERN,
            DECISION);

    private WorksheetCatalogue() {}

    public static List<Worksheet<?, ?>> all() {
        return ALL;
    }

    /** The worksheet that scripts call {@code name}. */
    public static Optional<Worksheet<?, ?>> named(String name) {
        return ALL.stream().filter(s -> s.name().equals(name)).findFirst();
    }
}
