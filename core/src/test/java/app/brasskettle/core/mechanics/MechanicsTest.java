package app.brasskettle.core.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.mechanics.VibrationTest.Direction;
import app.brasskettle.core.mechanics.VibrationTest.Mounting;
import app.brasskettle.core.mechanics.VibrationTest.Place;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MechanicsTest {

    private static VibrationResult vibrates(double watt, Mounting mounting, double mmPerS) {
        return VibrationWorksheet.create()
                .work()
                .apply(new VibrationTest(
                        watt,
                        mounting,
                        List.of(
                                new VibrationTest.Reading(Place.DRIVE_END, Direction.HORIZONTAL, 0.2),
                                new VibrationTest.Reading(Place.OTHER_END, Direction.AXIAL, mmPerS))));
    }

    /** Boundaries of ISO 20816-1 to 15 kW and of ISO 20816-3 above, rigid and flexible; a boundary belongs to the better zone. */
    @ParameterizedTest
    @CsvSource({
        "15000, RIGID, 0.71, A, HOLDS",
        "15000, RIGID, 1.8, B, HOLDS",
        "15000, RIGID, 1.81, C, WATCH",
        "15000, RIGID, 4.51, D, STOP",
        "15001, RIGID, 2.8, B, HOLDS",
        "90000, RIGID, 2.81, C, WATCH",
        "90000, RIGID, 4.51, D, STOP",
        "90000, FLEXIBLE, 4.5, B, HOLDS",
        "90000, FLEXIBLE, 7.2, D, STOP",
        "400000, RIGID, 4.5, B, HOLDS",
        "400000, FLEXIBLE, 11.1, D, STOP"
    })
    void theZoneGoesBySizeAndMounting(double watt, Mounting mounting, double v, String zone, Verdict verdict) {
        VibrationResult r = vibrates(watt, mounting, v);
        assertThat(r.zone()).isEqualTo(zone);
        assertThat(r.verdict()).isEqualTo(verdict);
        assertThat(r.judgement().headline()).contains("other end, axial");
    }

    @ParameterizedTest
    @CsvSource({"500, 1, HOLDS", "500, 0.99, STOP", "250, 5, UNPROVEN", "250, 0.5, STOP"})
    void anInsulatedBearingReadsAMegohmAt500Volts(double volts, double megohm, Verdict verdict) {
        assertThat(BearingInsulationWorksheet.create()
                        .work()
                        .apply(new BearingInsulationTest(volts, megohm, Optional.empty()))
                        .verdict())
                .isEqualTo(verdict);
    }

    /**
     * ISO 21940-11: 100 kg at 3000 r/min and G2.5 may keep 1000·2.5·100/314.16 = 796 g·mm, half of it in each plane; twice the
     * speed allows half as much.
     */
    @Test
    void theUnbalanceAllowedFallsWithSpeed() {
        RotorBalanceResult r = balanced(3000, 398);
        assertThat(r.permissibleGmm()).isCloseTo(795.8, within(0.1));
        assertThat(r.verdict()).isEqualTo(Verdict.STOP);
        assertThat(balanced(3000, 397).verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(balanced(6000, 1).permissibleGmm()).isCloseTo(r.permissibleGmm() / 2, within(1e-9));
    }

    private static RotorBalanceResult balanced(double rpm, double residual) {
        return RotorBalanceWorksheet.create().work().apply(new RotorBalance(100, rpm, Optional.empty(), residual, 10));
    }

    @Test
    void refusesWhatCannotBe() {
        assertThat(Refusals.fields(() -> new VibrationTest(0, null, List.of())))
                .containsExactlyInAnyOrder("ratedPowerW", "mounting", "readings");
        assertThat(Refusals.fields(() -> new BearingInsulationTest(0, -1, null)))
                .containsExactlyInAnyOrder("testVoltageV", "megohm");
        assertThat(Refusals.fields(() -> new RotorBalance(0, 0, Optional.of(0.0), -1, -1)))
                .hasSize(5);
    }
}
