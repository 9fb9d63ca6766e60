package app.brasskettle.core.shaftvoltage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.rules.Question;
import app.brasskettle.core.rules.School;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.shaftvoltage.ShaftVoltageReadings.BearingKind;
import app.brasskettle.core.shaftvoltage.ShaftVoltageReadings.Place;
import app.brasskettle.core.shaftvoltage.ShaftVoltageReadings.Reading;
import app.brasskettle.core.shaftvoltage.ShaftVoltageReadings.Remedy;
import app.brasskettle.core.shaftvoltage.ShaftVoltageReadings.Supply;
import app.brasskettle.core.shaftvoltage.ShaftVoltageReadings.Touch;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShaftVoltageWorksheetTest {

    private static Reading read(Remedy remedy, double millivolt, double peakA) {
        return new Reading(remedy, Place.DRIVE_END, Touch.BRUSH, millivolt, Optional.of(peakA));
    }

    private static ShaftVoltageReadings test(Supply supply, BearingKind bearing, Reading... readings) {
        return new ShaftVoltageReadings(supply, bearing, Optional.of(2.0), Optional.empty(), List.of(readings));
    }

    private static ShaftVoltageResult of(ShaftVoltageReadings test) {
        return ShaftVoltageWorksheet.create().work().apply(test);
    }

    /** The school of the voltage: 100 mV rolling, 200 mV sleeve; on mains a voltage alone is no verdict. */
    @ParameterizedTest
    @CsvSource({
        "DRIVE, ROLLING, 100, HOLDS",
        "DRIVE, ROLLING, 101, STOP",
        "DRIVE, SLEEVE, 200, HOLDS",
        "STATIC_CONVERTER, SLEEVE, 201, STOP",
        "MAINS, ROLLING, 900, WATCH"
    })
    void theVoltageSchool(Supply supply, BearingKind bearing, double millivolt, Verdict verdict) {
        assertThat(of(test(supply, bearing, read(Remedy.NONE, millivolt, 0.01)))
                        .voltageJudgement()
                        .verdict())
                .isEqualTo(verdict);
    }

    /** The school of the current: peak over 2 mm²; 0.1 holds, to 0.8 A/mm² watch. */
    @ParameterizedTest
    @CsvSource({"0.2, HOLDS", "0.21, WATCH", "1.6, WATCH", "1.7, STOP"})
    void theCurrentSchool(double peakA, Verdict verdict) {
        ShaftVoltageResult r = of(test(Supply.DRIVE, BearingKind.ROLLING, read(Remedy.NONE, 50, peakA)));
        assertThat(r.densityAPerMm2().orElseThrow()).isCloseTo(peakA / 2, within(1e-12));
        assertThat(r.currentJudgement().verdict()).isEqualTo(verdict);
    }

    @Test
    void theSchoolOfTheShopDecidesAndTheOtherStandsBeside() {
        ShaftVoltageReadings quiet = test(Supply.DRIVE, BearingKind.ROLLING, read(Remedy.NONE, 400, 0.1));
        assertThat(ShopRules.standard().shaftVoltage(quiet).verdict()).isEqualTo(Verdict.STOP);
        ShaftVoltageResult byCurrent =
                new ShopRules(Map.of(Question.SHAFT_VOLTAGE, School.PRACTICE), List.of()).shaftVoltage(quiet);
        assertThat(byCurrent.verdict())
                .as("one school holds and the other stops: the worse decides")
                .isEqualTo(Verdict.STOP);
        assertThat(byCurrent.otherSchool().verdict()).isEqualTo(Verdict.HOLDS);
        ShaftVoltageReadings onMains = test(Supply.MAINS, BearingKind.ROLLING, read(Remedy.NONE, 400, 0.1));
        assertThat(ShopRules.standard().shaftVoltage(onMains).verdict()).isEqualTo(Verdict.WATCH);
        assertThat(new ShopRules(Map.of(Question.SHAFT_VOLTAGE, School.PRACTICE), List.of())
                        .shaftVoltage(onMains)
                        .verdict())
                .as("a Watch apart is the school's own affair")
                .isEqualTo(Verdict.HOLDS);
    }

    @Test
    void aRemedyIsToldByWhatItChanged() {
        ShaftVoltageResult r = of(test(
                Supply.DRIVE,
                BearingKind.ROLLING,
                read(Remedy.NONE, 400, 2),
                read(Remedy.GROUNDING, 80, 0.1),
                read(Remedy.COMMON_MODE_CORES, 300, 1)));
        assertThat(r.changes()).hasSize(2);
        assertThat(r.changes().get(0).voltageChangePercent()).isCloseTo(-80, within(1e-9));
        assertThat(r.voltageJudgement().verdict()).isEqualTo(Verdict.WATCH);
        assertThat(r.voltageJudgement().next()).contains("for good");
    }

    /** 1,800 N over 900 N/mm² are 2 mm². */
    @Test
    void anAreaIsEstimatedFromTheLoadAndSaidToBe() {
        ShaftVoltageResult r = of(new ShaftVoltageReadings(
                Supply.DRIVE,
                BearingKind.ROLLING,
                Optional.empty(),
                Optional.of(1800.0),
                List.of(read(Remedy.NONE, 50, 1))));
        assertThat(r.contactAreaMm2().orElseThrow()).isCloseTo(2, within(1e-12));
        assertThat(r.areaEstimated()).isTrue();
        assertThat(r.currentJudgement().because()).contains("estimate");
    }

    @Test
    void withoutAreaOrWithoutABareReadingNothingIsProved() {
        ShaftVoltageResult r = of(new ShaftVoltageReadings(
                Supply.DRIVE,
                BearingKind.ROLLING,
                Optional.empty(),
                Optional.empty(),
                List.of(read(Remedy.NONE, 50, 1))));
        assertThat(r.currentJudgement().verdict()).isEqualTo(Verdict.UNPROVEN);
        assertThat(Refusals.fields(() -> test(Supply.DRIVE, BearingKind.ROLLING, read(Remedy.GROUNDING, 50, 1))))
                .containsExactly("readings");
    }
}
