package app.brasskettle.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.insulation.InsulationClass;
import app.brasskettle.core.insulation.InsulationLimits;
import app.brasskettle.core.insulation.InsulationReadings;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.insulation.InsulationSystem;
import app.brasskettle.core.insulation.TimedReading;
import app.brasskettle.core.insulation.WindingKind;
import app.brasskettle.core.resistance.Conductor;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.resistance.ResistanceLimits;
import app.brasskettle.core.resistance.ResistanceReadings;
import app.brasskettle.core.resistance.TerminalOhms;
import app.brasskettle.core.surge.SurgeLevel;
import app.brasskettle.core.surge.SurgeLimits;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingLimits;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShopRulesTest {

    private static ShopRules changed(ShopLimit limit, double figure) {
        return new ShopRules(Map.of(), List.of(new LimitChange(limit, figure, "customer's own specification")));
    }

    /** 60 MΩ at 40 °C: over the standard's 5 MΩ, under the field rule's 100. */
    private static final InsulationReadings SIXTY = new InsulationReadings(
            400,
            WindingKind.RANDOM_WOUND,
            InsulationSystem.THERMOSETTING,
            false,
            InsulationClass.F,
            40,
            Optional.empty(),
            Optional.empty(),
            List.of(new TimedReading(30, 58, Optional.empty()), new TimedReading(60, 60, Optional.empty())));

    private static final ResistanceReadings UNBALANCED = new ResistanceReadings(
            Connection.WYE,
            WindingKind.RANDOM_WOUND,
            Conductor.COPPER,
            25,
            TerminalOhms.of(1.0, 1.0, 1.05),
            Optional.empty());

    @Test
    void theSchoolDecidesAndTheOtherStandsBesideIt() {
        ShopRules standard = ShopRules.standard();
        ShopRules field = new ShopRules(Map.of(Question.INSULATION_ACCEPTANCE, School.PRACTICE), List.of());
        InsulationResult result = standard.insulation(SIXTY);
        assertThat(standard.deciding(result).verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(field.deciding(result).verdict()).isEqualTo(Verdict.WATCH);
        assertThat(standard.other(result)).isEqualTo(field.deciding(result));
        assertThat(field.other(result)).isEqualTo(standard.deciding(result));
    }

    @Test
    void aChangedLimitJudgesAndIsNamedInTheSource() {
        assertThat(ShopRules.standard().insulation(SIXTY).judgement().source()).doesNotContain("shop's limit");
        InsulationResult strict = changed(ShopLimit.RANDOM_WOUND_MEGOHM, 100).insulation(SIXTY);
        assertThat(strict.judgement().verdict()).isEqualTo(Verdict.STOP);
        assertThat(strict.judgement().source())
                .contains("shop's limit 100 MΩ in place of 5: customer's own specification");
        assertThat(ShopRules.standard().resistance(UNBALANCED).judgement().verdict())
                .isEqualTo(Verdict.WATCH);
        assertThat(changed(ShopLimit.RESISTANCE_PERCENT, 5)
                        .resistance(UNBALANCED)
                        .judgement()
                        .verdict())
                .isEqualTo(Verdict.HOLDS);
        assertThat(changed(ShopLimit.SURGE_ROTOR_PERCENT, 5)
                        .resistance(UNBALANCED)
                        .judgement()
                        .source())
                .as("a limit of another test is not mentioned")
                .doesNotContain("shop's limit");
    }

    @ParameterizedTest
    @CsvSource({"400, 500, 1000", "690, 500, 2500", "3300, 1000, 10000", "6600, 2500, 10000"})
    void testVoltageFollowsTheSchool(double rated, double standard, double uncapped) {
        ShopRules field = new ShopRules(Map.of(Question.INSULATION_VOLTAGE, School.PRACTICE), List.of());
        assertThat(ShopRules.standard().insulationTestV(rated)).isEqualTo(standard);
        assertThat(field.insulationTestV(rated)).isBetween(standard, uncapped);
    }

    @Test
    void surgeLevelsDifferOnlyFromOneKilovolt() {
        ShopRules workshop = new ShopRules(Map.of(Question.SURGE_LEVEL, School.PRACTICE), List.of());
        assertThat(workshop.surgePeakV(400, SurgeLevel.State.IN_SERVICE))
                .isEqualTo(ShopRules.standard().surgePeakV(400, SurgeLevel.State.IN_SERVICE));
        assertThat(workshop.surgePeakV(3300, SurgeLevel.State.IN_SERVICE)).isEqualTo(0.65 * 7600);
        assertThat(ShopRules.standard().surgePeakV(3300, SurgeLevel.State.IN_SERVICE))
                .isNotEqualTo(0.65 * 7600);
    }

    /** What a shop starts with is what the worksheets themselves use; a copy that drifts would show here. */
    @Test
    void theFiguresItComesWithAreThoseOfTheWorksheets() {
        InsulationLimits i = InsulationLimits.standard();
        assertThat(List.of(
                        ShopLimit.RANDOM_WOUND_MEGOHM.standard(),
                        ShopLimit.FORM_WOUND_MEGOHM.standard(),
                        ShopLimit.FIELD_HOLDS_MEGOHM.standard(),
                        ShopLimit.FIELD_WATCH_MEGOHM.standard()))
                .containsExactly(
                        i.randomWoundMegohm(), i.formWoundMegohm(), i.fieldHoldsMegohm(), i.fieldWatchMegohm());
        ResistanceLimits r = ResistanceLimits.standard();
        assertThat(ShopLimit.RESISTANCE_FORM_WOUND_PERCENT.standard()).isEqualTo(r.formWoundPercent());
        assertThat(ShopLimit.RESISTANCE_PERCENT.standard()).isEqualTo(r.othersPercent());
        SurgeLimits s = SurgeLimits.standard();
        assertThat(ShopLimit.SURGE_PHASE_PERCENT.standard()).isEqualTo(s.phaseDifference());
        assertThat(ShopLimit.SURGE_ROTOR_PERCENT.standard()).isEqualTo(s.rotorDifference());
        assertThat(ShopLimit.SURGE_PULSE_PERCENT.standard()).isEqualTo(s.pulseDifference());
        WindingLimits w = WindingLimits.standard();
        assertThat(ShopLimit.CURRENT_DENSITY_WATCH.standard()).isEqualTo(w.currentDensityWatch());
        assertThat(ShopLimit.CURRENT_DENSITY_STOP.standard()).isEqualTo(w.currentDensityStop());
        assertThat(ShopLimit.SLOT_FILL_WATCH_PERCENT.standard()).isEqualTo(w.fillWatchPercent());
        assertThat(ShopLimit.SLOT_FILL_STOP_PERCENT.standard()).isEqualTo(w.fillStopPercent());
    }

    @Test
    void refusesWhatNoShopShouldSet() {
        assertThat(Refusals.fields(() -> new LimitChange(ShopLimit.RANDOM_WOUND_MEGOHM, 0.5, "cheaper")))
                .containsExactly("figure");
        assertThat(Refusals.fields(() -> new LimitChange(ShopLimit.RESISTANCE_PERCENT, Double.NaN, " ")))
                .containsExactlyInAnyOrder("figure", "reason");
        assertThat(Refusals.fields(() -> changed(ShopLimit.FIELD_WATCH_MEGOHM, 200)))
                .containsExactly("changes");
        LimitChange once = new LimitChange(ShopLimit.RESISTANCE_PERCENT, 3, "x");
        assertThat(Refusals.fields(() -> new ShopRules(Map.of(), List.of(once, once))))
                .containsExactly("changes[1].limit");
    }
}
