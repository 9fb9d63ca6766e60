package app.brasskettle.core.nameplate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Verdict;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NameplateWorksheetTest {

    private static Nameplate plate(double hz, double watts, double volts, double amps, double rpm) {
        return new Nameplate(3, hz, watts, volts, amps, rpm, Optional.empty());
    }

    private static NameplateAssessment read(Nameplate plate) {
        return NameplateWorksheet.create().work().apply(plate);
    }

    /** Synchronous speeds of 50 and 60 Hz by definition, 120·f/poles. */
    @ParameterizedTest
    @CsvSource({
        "50, 2930, 2, 3000",
        "50, 1475, 4, 1500",
        "50, 985, 6, 1000",
        "50, 735, 8, 750",
        "60, 3540, 2, 3600",
        "60, 1775, 4, 1800",
        "60, 1180, 6, 1200",
        "50, 3000, 2, 3000",
        "50, 1500, 4, 1500"
    })
    void countsPolesFromSpeed(double hz, double rpm, int poles, double synchronous) {
        NameplateAssessment read = read(plate(hz, 10_000, 400, 20, rpm));
        assertThat(read.poles()).isEqualTo(poles);
        assertThat(read.synchronousSpeedRpm()).isEqualTo(synchronous);
        assertThat(read.slipPercent()).isCloseTo(100 * (synchronous - rpm) / synchronous, within(1e-9));
    }

    /** 30 kW at 1465 r/min: 30000/(2π·1465/60) = 195.55 Nm; √3·400·56 = 38798 VA. */
    @Test
    void computesTorqueAndApparentPower() {
        NameplateAssessment read = read(plate(50, 30_000, 400, 56, 1465));
        assertThat(read.ratedTorqueNm()).isCloseTo(195.55, within(0.01));
        assertThat(read.apparentPowerVa()).isCloseTo(38_798, within(1.0));
        assertThat(read.efficiencyTimesPowerFactor()).isCloseTo(30_000 / 38_797.9, within(1e-5));
        assertThat(read.judgement().verdict()).isEqualTo(Verdict.HOLDS);
    }

    @Test
    void aSinglePhaseMotorHasNoRootOfThree() {
        NameplateAssessment read = read(new Nameplate(1, 50, 1100, 230, 7.4, 1420, Optional.empty()));
        assertThat(read.apparentPowerVa()).isCloseTo(230 * 7.4, within(1e-9));
    }

    /** NEMA MG 1 code letters: kVA per horsepower; G is 5.6 to 6.3, A starts at 0, V has no end. */
    @ParameterizedTest
    @CsvSource({"G, 5.6, 6.3", "A, 0, 3.15", "H, 6.3, 7.1", "J, 7.1, 8.0", "V, 22.4,"})
    void lockedRotorCurrentFollowsTheLetter(CodeLetter letter, double low, Double high) {
        double horsepower = 40;
        Nameplate plate = new Nameplate(3, 60, horsepower * 745.699872, 460, 50, 1775, Optional.of(letter));
        NameplateAssessment read = read(plate);
        double perKva = 1000 * horsepower / (Math.sqrt(3) * 460);
        assertThat(read.lockedRotorCurrentLowA().orElseThrow()).isCloseTo(low * perKva, within(1e-9));
        if (high == null) {
            assertThat(read.lockedRotorCurrentHighA()).isEmpty();
        } else {
            assertThat(read.lockedRotorCurrentHighA().orElseThrow()).isCloseTo(high * perKva, within(1e-9));
        }
    }

    @Test
    void efficiencyTimesPowerFactorDoesNotDependOnSize() {
        NameplateAssessment small = read(plate(50, 1000, 400, 2, 1450));
        NameplateAssessment large = read(plate(50, 7000, 400, 14, 1450));
        assertThat(large.efficiencyTimesPowerFactor()).isCloseTo(small.efficiencyTimesPowerFactor(), within(1e-12));
    }

    @Test
    void saysInWordsWhatCannotBe() {
        NameplateAssessment current = read(plate(50, 37_000, 400, 21, 1475));
        assertThat(current.judgement().verdict()).isEqualTo(Verdict.STOP);
        assertThat(current.contradictions()).singleElement().asString().contains("37 kW", "400 V", "21 A");

        NameplateAssessment speed = read(plate(50, 37_000, 400, 67, 1150));
        assertThat(speed.slipPlausible()).isFalse();
        assertThat(speed.contradictions()).singleElement().asString().contains("23 %", "misread");

        NameplateAssessment still = read(plate(50, 37_000, 400, 67, 1500));
        assertThat(still.judgement().verdict()).isEqualTo(Verdict.WATCH);
    }

    @Test
    void refusesAllThatIsWrongAtOnce() {
        assertThat(Refusals.fields(() -> new Nameplate(2, 0, -1, Double.NaN, 10, 3001, Optional.empty())))
                .containsExactlyInAnyOrder("phases", "frequencyHz", "ratedPowerW", "ratedVoltageV");
        assertThat(Refusals.fields(() -> plate(50, 1, 1, 1, 3000.1))).containsExactly("ratedSpeedRpm");
    }
}
