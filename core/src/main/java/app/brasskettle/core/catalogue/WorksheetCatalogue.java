package app.brasskettle.core.catalogue;

import app.brasskettle.core.cause.EvidenceTable;
import app.brasskettle.core.cause.FailurePattern;
import app.brasskettle.core.cause.FailurePatternWorksheet;
import app.brasskettle.core.cause.FailureRanking;
import app.brasskettle.core.connection.ConnectionCheckResult;
import app.brasskettle.core.connection.ConnectionCheckWorksheet;
import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.core.connection.DiagramQuestion;
import app.brasskettle.core.connection.DiagramWorksheet;
import app.brasskettle.core.connection.FoundConnection;
import app.brasskettle.core.coreloop.CoreLoop;
import app.brasskettle.core.coreloop.CoreLoopPlan;
import app.brasskettle.core.coreloop.CoreLoopPlanWorksheet;
import app.brasskettle.core.decision.Decision;
import app.brasskettle.core.decision.DecisionResult;
import app.brasskettle.core.decision.DecisionWorksheet;
import app.brasskettle.core.decision.OddsQuestion;
import app.brasskettle.core.decision.OptionOdds;
import app.brasskettle.core.decision.OptionOddsWorksheet;
import app.brasskettle.core.drying.DryingCurve;
import app.brasskettle.core.drying.DryingResult;
import app.brasskettle.core.drying.DryingWorksheet;
import app.brasskettle.core.fits.BearingFit;
import app.brasskettle.core.fits.BearingFitResult;
import app.brasskettle.core.fits.BearingFitWorksheet;
import app.brasskettle.core.heating.Stall;
import app.brasskettle.core.heating.StallHeating;
import app.brasskettle.core.heating.StallHeatingWorksheet;
import app.brasskettle.core.heating.TemperatureRise;
import app.brasskettle.core.heating.TemperatureRiseReadings;
import app.brasskettle.core.heating.TemperatureRiseWorksheet;
import app.brasskettle.core.losses.EfficiencyAfterRepair;
import app.brasskettle.core.losses.EfficiencyWorksheet;
import app.brasskettle.core.losses.RepairLosses;
import app.brasskettle.core.nameplate.Nameplate;
import app.brasskettle.core.nameplate.NameplateAssessment;
import app.brasskettle.core.nameplate.NameplateWorksheet;
import app.brasskettle.core.oven.OvenCurve;
import app.brasskettle.core.oven.OvenResult;
import app.brasskettle.core.oven.OvenWorksheet;
import app.brasskettle.core.redesign.ConcentricGroup;
import app.brasskettle.core.redesign.ConcentricToLapWorksheet;
import app.brasskettle.core.redesign.LapForConcentric;
import app.brasskettle.core.redesign.RewindDesign;
import app.brasskettle.core.redesign.RewindDesignWorksheet;
import app.brasskettle.core.redesign.RewindQuestion;
import app.brasskettle.core.supply.SupplyAssessment;
import app.brasskettle.core.supply.SupplyVoltages;
import app.brasskettle.core.supply.SupplyWorksheet;
import app.brasskettle.core.surge.SurgeLimits;
import app.brasskettle.core.surge.SurgePair;
import app.brasskettle.core.surge.SurgeResult;
import app.brasskettle.core.surge.SurgeWorksheet;
import app.brasskettle.core.triage.TriageInspection;
import app.brasskettle.core.triage.TriageResult;
import app.brasskettle.core.triage.TriageWorksheet;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.winding.WindingLimits;
import app.brasskettle.core.winding.WindingResult;
import app.brasskettle.core.winding.WindingWorksheet;
import app.brasskettle.core.withstand.WithstandLevels;
import app.brasskettle.core.withstand.WithstandQuestion;
import app.brasskettle.core.withstand.WithstandWorksheet;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The worksheets of this product with the contract's limits; those of tests come from their definitions. */
public final class WorksheetCatalogue {

    public static final Worksheet<Nameplate, NameplateAssessment> NAMEPLATE = NameplateWorksheet.create();
    public static final Worksheet<SupplyVoltages, SupplyAssessment> SUPPLY = SupplyWorksheet.create();
    public static final Worksheet<SurgePair, SurgeResult> SURGE = SurgeWorksheet.create(SurgeLimits.standard());
    public static final Worksheet<WithstandQuestion, WithstandLevels> WITHSTAND = WithstandWorksheet.create();
    public static final Worksheet<CoreLoopPlan, CoreLoop> CORE_LOOP_PLAN = CoreLoopPlanWorksheet.create();
    public static final Worksheet<Stall, StallHeating> STALL_HEATING = StallHeatingWorksheet.create();
    public static final Worksheet<TemperatureRiseReadings, TemperatureRise> TEMPERATURE_RISE =
            TemperatureRiseWorksheet.create();
    public static final Worksheet<BearingFit, BearingFitResult> BEARING_FIT = BearingFitWorksheet.create();
    public static final Worksheet<TriageInspection, TriageResult> TRIAGE = TriageWorksheet.create();
    public static final Worksheet<WindingData, WindingResult> WINDING =
            WindingWorksheet.create(WindingLimits.standard());
    public static final Worksheet<RewindQuestion, RewindDesign> REWIND_DESIGN = RewindDesignWorksheet.create();
    public static final Worksheet<ConcentricGroup, LapForConcentric> CONCENTRIC_TO_LAP =
            ConcentricToLapWorksheet.create();
    public static final Worksheet<DiagramQuestion, ConnectionDiagram> CONNECTION_DIAGRAM = DiagramWorksheet.create();
    public static final Worksheet<FoundConnection, ConnectionCheckResult> CONNECTION_CHECK =
            ConnectionCheckWorksheet.create();
    public static final Worksheet<FailurePattern, FailureRanking> FAILURE_PATTERN =
            FailurePatternWorksheet.create(EvidenceTable.shipped());
    public static final Worksheet<Decision, DecisionResult> DECISION = DecisionWorksheet.create();

    public static final Worksheet<OddsQuestion, OptionOdds> OPTION_ODDS = OptionOddsWorksheet.create();
    public static final Worksheet<RepairLosses, EfficiencyAfterRepair> EFFICIENCY = EfficiencyWorksheet.create();
    public static final Worksheet<DryingCurve, DryingResult> DRYING = DryingWorksheet.create();
    public static final Worksheet<OvenCurve, OvenResult> OVEN = OvenWorksheet.create();

    private WorksheetCatalogue() {}

    /** Lists every worksheet: those of the tests in the order of the work, the others where they belong beside them. */
    public static List<Worksheet<?, ?>> all() {
        List<Worksheet<?, ?>> all = new ArrayList<>(List.of(NAMEPLATE, SUPPLY));
        TestKinds.of(Station.BENCH).forEach(k -> k.sheet().ifPresent(all::add));
        all.addAll(List.of(WITHSTAND, SURGE, BEARING_FIT));
        TestKinds.of(Station.TEARDOWN).forEach(k -> k.sheet().ifPresent(all::add));
        TestKinds.of(Station.REWIND).forEach(k -> k.sheet().ifPresent(all::add));
        all.addAll(List.of(CORE_LOOP_PLAN, STALL_HEATING, TEMPERATURE_RISE, TRIAGE));
        all.addAll(List.of(WINDING, CONNECTION_DIAGRAM, CONNECTION_CHECK, REWIND_DESIGN, CONCENTRIC_TO_LAP));
        all.addAll(List.of(FAILURE_PATTERN, DECISION, OPTION_ODDS, EFFICIENCY, DRYING, OVEN));
        return List.copyOf(all);
    }

    /** Finds the worksheet that scripts call {@code name}. */
    public static Optional<Worksheet<?, ?>> named(String name) {
        return all().stream().filter(s -> s.name().equals(name)).findFirst();
    }
}
