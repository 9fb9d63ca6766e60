package app.brasskettle.core.rules;

import app.brasskettle.core.insulation.CircuitReadings;
import app.brasskettle.core.insulation.CircuitsResult;
import app.brasskettle.core.insulation.CircuitsWorksheet;
import app.brasskettle.core.insulation.InsulationLimits;
import app.brasskettle.core.insulation.InsulationReadings;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.insulation.InsulationWorksheet;
import app.brasskettle.core.insulation.TestVoltage;
import app.brasskettle.core.resistance.ResistanceLimits;
import app.brasskettle.core.resistance.ResistanceReadings;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.resistance.ResistanceWorksheet;
import app.brasskettle.core.shaftvoltage.ShaftVoltageReadings;
import app.brasskettle.core.shaftvoltage.ShaftVoltageResult;
import app.brasskettle.core.shaftvoltage.ShaftVoltageWorksheet;
import app.brasskettle.core.signature.SecondLook;
import app.brasskettle.core.surge.EarlierTraces;
import app.brasskettle.core.surge.SurgeLevel;
import app.brasskettle.core.surge.SurgeLimits;
import app.brasskettle.core.surge.SurgeOutcome;
import app.brasskettle.core.surge.SurgeRise;
import app.brasskettle.core.surge.SurgeRiseResult;
import app.brasskettle.core.surge.SurgeRiseWorksheet;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.winding.WindingLimits;
import app.brasskettle.core.winding.WindingPurpose;
import app.brasskettle.core.winding.WindingResult;
import app.brasskettle.core.winding.WindingWorksheet;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * A shop's rules: whom it follows, and the limits it changed. Every judgement made by a changed limit says so in its source.
 *
 * @param schools the school per question; the standard where none is named
 * @param changes limits the shop set
 * @param second who may look a second time
 */
public record ShopRules(Map<Question, School> schools, List<LimitChange> changes, SecondLook second) {

    public ShopRules {
        schools = Map.copyOf(schools);
        changes = List.copyOf(changes);
        Problems problems = new Problems();
        problems.distinct(changes.stream().map(LimitChange::limit).toList(), i -> "changes[" + i + "].limit");
        problems.throwIfAny();
        inOrder(changes, ShopLimit.FIELD_WATCH_MEGOHM, ShopLimit.FIELD_HOLDS_MEGOHM);
        inOrder(changes, ShopLimit.CURRENT_DENSITY_WATCH, ShopLimit.CURRENT_DENSITY_STOP);
        inOrder(changes, ShopLimit.SLOT_FILL_WATCH_PERCENT, ShopLimit.SLOT_FILL_STOP_PERCENT);
        inOrder(changes, ShopLimit.BURNOUT_ORGANIC_C, ShopLimit.BURNOUT_INORGANIC_C);
        inOrder(changes, ShopLimit.BAKE_HOLD_C, ShopLimit.BAKE_LIMIT_C);
    }

    /** Rules of a shop of several people. */
    public ShopRules(Map<Question, School> schools, List<LimitChange> changes) {
        this(schools, changes, SecondLook.byAnother());
    }

    /** The rules every shop starts with: the standards, nothing changed. */
    public static ShopRules standard() {
        return new ShopRules(Map.of(), List.of());
    }

    private static void inOrder(List<LimitChange> changes, ShopLimit low, ShopLimit high) {
        Problems problems = new Problems();
        if (figure(changes, low) > figure(changes, high)) {
            problems.add(
                    "changes",
                    Problem.Code.CONTRADICTION,
                    low.label() + " lies above " + high.label().toLowerCase(java.util.Locale.ROOT));
        }
        problems.throwIfAny();
    }

    private static double figure(List<LimitChange> changes, ShopLimit limit) {
        return changes.stream()
                .filter(c -> c.limit() == limit)
                .mapToDouble(LimitChange::figure)
                .findFirst()
                .orElse(limit.standard());
    }

    /** The school followed on {@code question}. */
    public School school(Question question) {
        return schools.getOrDefault(question, School.STANDARD);
    }

    /** The figure in force for {@code limit}. */
    public double figure(ShopLimit limit) {
        return figure(changes, limit);
    }

    /** Direct test voltage for a rated voltage, in V, by the school followed. */
    public double insulationTestV(double ratedV) {
        return school(Question.INSULATION_VOLTAGE) == School.STANDARD
                ? TestVoltage.forRated(ratedV).lowV()
                : TestVoltage.inTheField(ratedV);
    }

    /** Peak of a surge test in V, by the school followed. */
    public double surgePeakV(double ratedV, SurgeLevel.State state) {
        return school(Question.SURGE_LEVEL) == School.STANDARD
                ? SurgeLevel.peakV(ratedV, state)
                : SurgeLevel.inTheWorkshop(ratedV, state);
    }

    /** An insulation test judged by both schools with the limits in force. */
    public InsulationResult insulation(InsulationReadings test) {
        InsulationResult result =
                InsulationWorksheet.create(insulationLimits()).work().apply(test);
        return result.judgedAs(
                said(result.judgement(), ShopLimit.Sheet.INSULATION),
                said(result.fieldJudgement(), ShopLimit.Sheet.INSULATION));
    }

    /** Each circuit of a winding judged by the standard with the limits in force. */
    public CircuitsResult circuits(CircuitReadings test) {
        CircuitsResult result =
                CircuitsWorksheet.create(insulationLimits()).work().apply(test);
        return new CircuitsResult(
                result.circuits(),
                result.lowestMegohm(),
                result.minimumMegohm(),
                result.highestOverLowest(),
                said(result.judgement(), ShopLimit.Sheet.INSULATION));
    }

    private InsulationLimits insulationLimits() {
        InsulationLimits standard = InsulationLimits.standard();
        return new InsulationLimits(
                figure(ShopLimit.RANDOM_WOUND_MEGOHM),
                figure(ShopLimit.FORM_WOUND_MEGOHM),
                standard.polarizationIndexClassA(),
                standard.polarizationIndexOthers(),
                standard.notJudgedFormWoundMegohm(),
                standard.notJudgedRandomMegohm(),
                figure(ShopLimit.FIELD_HOLDS_MEGOHM),
                figure(ShopLimit.FIELD_WATCH_MEGOHM));
    }

    /** The judgement of an insulation test that decides in this shop. */
    public Judgement deciding(InsulationResult result) {
        return school(Question.INSULATION_ACCEPTANCE) == School.STANDARD ? result.judgement() : result.fieldJudgement();
    }

    /** What the other school says of the same test. */
    public Judgement other(InsulationResult result) {
        return school(Question.INSULATION_ACCEPTANCE) == School.STANDARD ? result.fieldJudgement() : result.judgement();
    }

    /** A resistance test judged with the limits in force. */
    public ResistanceResult resistance(ResistanceReadings test) {
        ResistanceResult result = ResistanceWorksheet.create(new ResistanceLimits(
                        figure(ShopLimit.RESISTANCE_FORM_WOUND_PERCENT),
                        figure(ShopLimit.RESISTANCE_PERCENT),
                        ResistanceLimits.standard().watchTimes()))
                .work()
                .apply(test);
        return result.judgedAs(said(result.judgement(), ShopLimit.Sheet.RESISTANCE));
    }

    /** Surge traces compared with the limits in force. */
    public SurgeOutcome surge(SurgeSet set) {
        SurgeOutcome outcome = set.compare(surgeLimits());
        return outcome.judgedAs(said(outcome.judgement(), ShopLimit.Sheet.SURGE));
    }

    /** What traces that show unlike coils say beside those of an earlier visit, with the limits in force. */
    public SurgeOutcome settled(SurgeSet now, SurgeOutcome alone, EarlierTraces earlier) {
        return earlier.settle(now, alone, surgeLimits());
    }

    /** Limits of a surge comparison, as the shop set them. */
    public SurgeLimits surgeLimits() {
        SurgeLimits standard = SurgeLimits.standard();
        return new SurgeLimits(
                figure(ShopLimit.SURGE_PHASE_PERCENT),
                standard.phaseShift(),
                figure(ShopLimit.SURGE_ROTOR_PERCENT),
                standard.rotorShift(),
                figure(ShopLimit.SURGE_PULSE_PERCENT),
                standard.pulseShift());
    }

    /** Pulses of rising voltage compared with the limit in force. */
    public SurgeRiseResult surgeRise(SurgeRise rise) {
        SurgeRiseResult result = SurgeRiseWorksheet.create(surgeLimits()).work().apply(rise);
        return new SurgeRiseResult(
                result.pairs(),
                result.widestPercent(),
                result.limitPercent(),
                result.letsGoAboveV(),
                said(result.judgement(), ShopLimit.Sheet.SURGE));
    }

    /** Shaft voltage and bearing current, decided by the school followed. */
    public ShaftVoltageResult shaftVoltage(ShaftVoltageReadings test) {
        ShaftVoltageResult result = ShaftVoltageWorksheet.create().work().apply(test);
        return school(Question.SHAFT_VOLTAGE) == School.STANDARD ? result : result.decidedByCurrent();
    }

    /** Winding data checked with the limits in force. */
    public WindingResult winding(WindingData data) {
        return winding(data, WindingPurpose.TAKEN);
    }

    /** Winding data that were taken, or that are to be made, checked with the limits in force. */
    public WindingResult winding(WindingData data, WindingPurpose purpose) {
        WindingResult result =
                WindingWorksheet.create(windingLimits(), purpose).work().apply(data);
        return result.judgedAs(said(result.judgement(), ShopLimit.Sheet.WINDING));
    }

    /** Returns the ranges that windings are held against, with the limits in force. */
    public WindingLimits windingLimits() {
        WindingLimits standard = WindingLimits.standard();
        return new WindingLimits(
                standard.gapLowT(),
                standard.gapHighT(),
                standard.toothLowT(),
                standard.toothHighT(),
                standard.coreLowT(),
                standard.coreHighT(),
                figure(ShopLimit.CURRENT_DENSITY_WATCH),
                figure(ShopLimit.CURRENT_DENSITY_STOP),
                figure(ShopLimit.SLOT_FILL_WATCH_PERCENT),
                figure(ShopLimit.SLOT_FILL_STOP_PERCENT));
    }

    private Judgement said(Judgement judgement, ShopLimit.Sheet sheet) {
        String changed = changes.stream()
                .filter(c -> c.limit().sheet() == sheet)
                .map(LimitChange::label)
                .collect(Collectors.joining("; "));
        return changed.isEmpty()
                ? judgement
                : new Judgement(
                        judgement.verdict(),
                        judgement.headline(),
                        judgement.because(),
                        judgement.source() + "; " + changed,
                        judgement.next());
    }
}
