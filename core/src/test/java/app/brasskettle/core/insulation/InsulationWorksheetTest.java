package app.brasskettle.core.insulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class InsulationWorksheetTest {

    private static final double[] MINUTES = {60, 600};

    /** A test at 40 °C, where correction is 1, changed by the cases that need it. */
    private static final class Case {
        double volts = 400;
        WindingKind kind = WindingKind.RANDOM_WOUND;
        InsulationSystem system = InsulationSystem.THERMOSETTING;
        boolean old;
        InsulationClass insulationClass = InsulationClass.F;
        double winding = 40;
        Optional<Double> air = Optional.empty();
        Optional<Double> humidity = Optional.empty();
        final List<TimedReading> readings = new ArrayList<>();

        Case read(double seconds, double megohm) {
            readings.add(TimedReading.of(seconds, megohm));
            return this;
        }

        Case over(double seconds, double range) {
            readings.add(new TimedReading(seconds, range, Optional.of(true)));
            return this;
        }

        InsulationResult result() {
            InsulationReadings test =
                    new InsulationReadings(volts, kind, system, old, insulationClass, winding, air, humidity, readings);
            return InsulationWorksheet.create(InsulationLimits.standard())
                    .work()
                    .apply(test);
        }
    }

    /** IEEE Std 43-2013, table 1; an upper end belongs to the lower band. */
    @ParameterizedTest
    @CsvSource({
        "400, 500, 500",
        "999, 500, 500",
        "1000, 500, 1000",
        "2500, 500, 1000",
        "2500.5, 500, 1000",
        "2501, 1000, 2500",
        "5000, 1000, 2500",
        "5001, 2500, 5000",
        "12000, 2500, 5000",
        "12001, 5000, 10000"
    })
    void testVoltageFollowsTheRatedVoltage(double rated, double low, double high) {
        assertThat(TestVoltage.forRated(rated)).isEqualTo(new TestVoltage(low, high));
    }

    @ParameterizedTest
    @CsvSource({"230, 500", "400, 500", "690, 500", "3300, 2500", "20, 50"})
    void fieldSchoolTakesTwiceTheVoltageButNeverAboveTheBand(double rated, double volts) {
        assertThat(TestVoltage.inTheField(rated)).isEqualTo(volts);
    }

    /** Factors of IEEE Std 43-2013, 6.3, worked by hand from its two formulas. */
    @ParameterizedTest
    @CsvSource({
        "THERMOPLASTIC, 40, 1",
        "THERMOPLASTIC, 30, 0.5",
        "THERMOPLASTIC, 60, 4",
        "THERMOSETTING, 40, 1",
        "THERMOSETTING, 20, 0.762",
        "THERMOSETTING, 80, 4.624"
    })
    void correctionGrowsWithHeat(InsulationSystem system, double celsius, double factor) {
        assertThat(system.correctionTo40(celsius)).isCloseTo(factor, within(0.001));
    }

    @ParameterizedTest
    @CsvSource({
        "RANDOM_WOUND, 400, false, 5",
        "FORM_WOUND, 690, false, 5",
        "FORM_WOUND, 1000, false, 100",
        "FORM_WOUND, 3300, true, 4.3",
        "RANDOM_WOUND, 400, true, 1.4",
        "FIELD, 200, false, 1.2",
        "ARMATURE, 440, false, 5"
    })
    void leastResistanceByMakeAndAge(WindingKind kind, double volts, boolean old, double least) {
        Case c = new Case().read(60, 1000);
        c.kind = kind;
        c.volts = volts;
        c.old = old;
        assertThat(c.result().minimumMegohm()).isCloseTo(least, within(1e-9));
    }

    @Test
    void readsBetweenNeighboursInAStraightLine() {
        InsulationResult r = new Case().read(45, 10).read(75, 30).read(15, 4).result();
        assertThat(r.megohm()).isCloseTo(20, within(1e-9));
        assertThat(r.spotReading()).isFalse();
        assertThat(r.absorptionRatio().orElseThrow()).isCloseTo(20 / 7.0, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"5, HOLDS", "4.9999, STOP", "0, STOP"})
    void limitIsInclusive(double megohm, Verdict verdict) {
        assertThat(new Case().read(60, megohm).result().verdict()).isEqualTo(verdict);
    }

    @Test
    void aShortReadingIsAtBestWatch() {
        InsulationResult r = new Case().read(10, 800).result();
        assertThat(r.spotReading()).isTrue();
        assertThat(r.verdict()).isEqualTo(Verdict.WATCH);
        assertThat(new Case().read(10, 2).result().verdict()).isEqualTo(Verdict.STOP);
    }

    @Test
    void readingsThatAllCameLateProveNothing() {
        InsulationResult r = new Case().read(90, 800).read(600, 900).result();
        assertThat(r.verdict()).isEqualTo(Verdict.UNPROVEN);
        assertThat(r.polarizationIndex()).isEmpty();
    }

    @Test
    void belowTheDewPointNothingIsProvedWhateverTheFigure() {
        Case c = new Case().read(60, 5000);
        c.winding = 10;
        c.air = Optional.of(25.0);
        c.humidity = Optional.of(60.0);
        InsulationResult r = c.result();
        assertThat(r.dewPointC().orElseThrow()).isCloseTo(16.7, within(0.1));
        assertThat(r.verdict()).isEqualTo(Verdict.UNPROVEN);
        c.winding = 17;
        assertThat(c.result().verdict()).isEqualTo(Verdict.HOLDS);
    }

    @Test
    void saturatedAirHasItsOwnTemperatureAsDewPoint() {
        for (double t = -10; t <= 40; t += 5) {
            assertThat(InsulationWorksheet.dewPointC(t, 100)).isCloseTo(t, within(1e-9));
        }
    }

    @Test
    void flatAbsorptionAtALowLevelIsWatched() {
        InsulationResult r = new Case().read(60, 20).read(600, 22).result();
        assertThat(r.polarizationIndex().orElseThrow()).isCloseTo(1.1, within(1e-9));
        assertThat(r.polarizationIndexJudged()).isTrue();
        assertThat(r.verdict()).isEqualTo(Verdict.WATCH);
    }

    @Test
    void absorptionIsNotJudgedWhereItIsOverSoon() {
        for (WindingKind kind : List.of(WindingKind.RANDOM_WOUND, WindingKind.ARMATURE)) {
            Case c = new Case().read(60, 1001).read(600, 1010);
            c.kind = kind;
            assertThat(c.result().polarizationIndexJudged()).as(kind.code()).isFalse();
            assertThat(c.result().verdict()).isEqualTo(Verdict.HOLDS);
        }
        Case form = new Case().read(60, 4999).read(600, 5100);
        form.kind = WindingKind.FORM_WOUND;
        assertThat(form.result().polarizationIndexJudged()).isTrue();
    }

    @Test
    void classAAsksForLess() {
        Case c = new Case().read(60, 20).read(600, 32);
        c.insulationClass = InsulationClass.A;
        assertThat(c.result().verdict()).isEqualTo(Verdict.HOLDS);
        c.insulationClass = InsulationClass.B;
        assertThat(c.result().verdict()).isEqualTo(Verdict.WATCH);
    }

    @Test
    void anOverRangeReadingIsALowerBoundAndFormsNoRatio() {
        InsulationResult r =
                new Case().over(30, 2000).over(60, 2000).over(600, 2000).result();
        assertThat(r.atLeast()).isTrue();
        assertThat(r.absorptionRatio()).isEmpty();
        assertThat(r.polarizationIndex()).isEmpty();
        assertThat(r.verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(r.judgement().because()).contains("absorption not judged");
    }

    /** A dead or near ground is 0.05 MΩ or less, as read or at 40 °C, whichever is lower; nobody may waive it. */
    @ParameterizedTest
    @CsvSource({
        "0, 40, true",
        "0.05, 40, true",
        "0.0501, 40, false",
        "0.05, 60, true",
        "0.065, 20, true",
        "0.067, 20, false",
        "5, 40, false"
    })
    void aDeadGroundByTheLowerOfBothFigures(double megohm, double celsius, boolean dead) {
        Case c = new Case().read(60, megohm);
        c.winding = celsius;
        assertThat(c.result().deadGround()).isEqualTo(dead);
        assertThat(c.result().judgement().next().contains("Copper is on the frame"))
                .isEqualTo(dead);
    }

    @Test
    void anOverRangeReadingIsNoDeadGround() {
        assertThat(new Case().over(60, 0.04).result().deadGround()).isFalse();
    }

    /** What a Stop asks for depends on the curve: under 1.5 it is flat. */
    @ParameterizedTest
    @CsvSource({"1.0, 1.49, flat", "1.0, 1.5, look for the ground"})
    void afterAStopTheCurveSaysWhatToTry(double minute, double tenMinutes, String next) {
        assertThat(new Case()
                        .read(60, minute)
                        .read(600, tenMinutes)
                        .result()
                        .judgement()
                        .next())
                .contains(next);
    }

    /** The correction is known from 10 to 85 °C: outside, figures on two sides of the limit prove nothing either way. */
    @ParameterizedTest
    @CsvSource({
        "5, 8, UNPROVEN",
        "5, 100, HOLDS",
        "5, 1, STOP",
        "9.9, 7, UNPROVEN",
        "10, 7, STOP",
        "90, 3, UNPROVEN",
        "85, 3, HOLDS"
    })
    void outsideTheCorrectionsRangeTwoFiguresMustAgree(double celsius, double megohm, Verdict verdict) {
        Case c = new Case().read(60, megohm);
        c.winding = celsius;
        assertThat(c.result().verdict()).isEqualTo(verdict);
    }

    @Test
    void theReasonTellsWhatBecameOfTheIndex() {
        assertThat(new Case().read(60, 20).read(600, 50).result().judgement().because())
                .contains("polarization index 2.5");
        assertThat(new Case()
                        .read(60, 2000)
                        .read(600, 5000)
                        .result()
                        .judgement()
                        .because())
                .contains("not judged at this level");
        assertThat(new Case().read(60, 20).result().judgement().because()).doesNotContain("index");
        assertThat(new Case().over(60, 2000).result().judgement().headline()).startsWith("at least 2");
        assertThat(new Case().read(60, 2000).result().judgement().headline()).doesNotContain("at least");
    }

    /** Every figure on the page has its step, with the formula of the slope that was used. */
    @Test
    void eachFigureHasItsStep() {
        Case c = new Case().read(30, 10).read(60, 20).read(600, 50);
        c.air = Optional.of(20.0);
        c.humidity = Optional.of(50.0);
        assertThat(c.result().steps())
                .extracting(Step::name)
                .containsExactly(
                        "correction to 40 °C",
                        "resistance at 40 °C",
                        "absorption ratio",
                        "polarization index",
                        "dew point");
        assertThat(c.result().steps().get(0).formula()).contains("1245");
        c.winding = 41;
        assertThat(c.result().steps().get(0).formula()).contains("4230");
        assertThat(c.result().steps().get(0).source()).doesNotContain("outside");
        c.system = InsulationSystem.THERMOPLASTIC;
        assertThat(c.result().steps().get(0).formula()).startsWith("0.5^");
    }

    @Test
    void aLowerBoundUnderTheLimitProvesNothing() {
        InsulationResult r = new Case().over(60, 3).result();
        assertThat(r.verdict()).isEqualTo(Verdict.UNPROVEN);
        assertThat(r.fieldVerdict()).isEqualTo(Verdict.UNPROVEN);
    }

    @Test
    void besideAnOverRangeNeighbourTheSmallerFigureIsTheBound() {
        InsulationResult r = new Case().read(45, 900).over(75, 1000).result();
        assertThat(r.atLeast()).isTrue();
        assertThat(r.megohm()).isEqualTo(900);
    }

    @Test
    void aDeadGroundReadsZeroAndFormsNoRatio() {
        InsulationResult r = new Case().read(30, 0).read(60, 0).read(600, 0).result();
        assertThat(r.megohm()).isZero();
        assertThat(r.polarizationIndex()).isEmpty();
        assertThat(r.absorptionRatio()).isEmpty();
        assertThat(r.verdict()).isEqualTo(Verdict.STOP);
        assertThat(r.judgement().next()).contains("Copper is on the frame");
    }

    /** The field rule looks at the raw figure: 100 MΩ and up holds, 30 to 100 watch, below 30 stop. */
    @ParameterizedTest
    @CsvSource({"100, HOLDS", "99.9, WATCH", "30, WATCH", "29.9, STOP"})
    void fieldRuleIgnoresTemperature(double megohm, Verdict verdict) {
        for (double celsius : new double[] {5, 40, 80}) {
            Case c = new Case().read(60, megohm);
            c.winding = celsius;
            assertThat(c.result().fieldVerdict()).isEqualTo(verdict);
        }
    }

    @Test
    void orderOfReadingsDoesNotMatter() {
        InsulationResult one = new Case().read(60, 20).read(600, 50).result();
        InsulationResult other = new Case().read(600, 50).read(60, 20).result();
        assertThat(other.polarizationIndex()).isEqualTo(one.polarizationIndex());
    }

    @Test
    void outsideTheSourcesTemperaturesItComputesAndSaysSo() {
        Case c = new Case().read(60, 20);
        c.winding = 95;
        assertThat(c.result().steps().get(0).source()).contains("outside");
    }

    @Test
    void refusesNoReadingsATimeTwiceAndImpossibleAir() {
        assertThat(Refusals.fields(() -> new Case().result())).containsExactly("readings");
        assertThat(Refusals.fields(
                        () -> new Case().read(60, 1).read(30, 2).read(60, 3).result()))
                .containsExactly("readings[2].seconds");
        Case c = new Case().read(60, 1);
        c.humidity = Optional.of(0.0);
        c.air = Optional.of(501.0);
        c.winding = -61;
        assertThat(Refusals.fields(c::result))
                .containsExactlyInAnyOrder("relativeHumidityPercent", "ambientTemperatureC", "windingTemperatureC");
        assertThat(Refusals.fields(() -> TimedReading.of(0, -1))).containsExactlyInAnyOrder("seconds", "megohm");
    }

    @Test
    void fitFindsTheCurrentsItWasMadeFrom() {
        double testV = 500;
        for (double leakage : new double[] {2, 40, 150}) {
            for (double exponent : new double[] {0.5, 0.9}) {
                List<TimedReading> readings = new ArrayList<>();
                for (double t : new double[] {10, 15, 30, 45, 60, 120, 300, 600}) {
                    readings.add(TimedReading.of(t, testV / (60 * Math.pow(t, -exponent) + leakage)));
                }
                AbsorptionFit fit = AbsorptionFit.of(readings, testV).orElseThrow();
                assertThat(fit.leakageMicroamp()).isCloseTo(leakage, within(0.02 * leakage + 0.05));
                assertThat(fit.exponent()).isCloseTo(exponent, within(0.05));
                assertThat(fit.microampAt(60)).isCloseTo(60 * Math.pow(60, -exponent) + leakage, within(0.1));
            }
        }
    }

    @Test
    void fitIsNotTriedOnTooFewReadings() {
        List<TimedReading> few = new ArrayList<>();
        for (double t : MINUTES) {
            few.add(TimedReading.of(t, 100));
        }
        assertThat(AbsorptionFit.of(few, 500)).isEmpty();
    }
}
