package app.brasskettle.core.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.mechanics.VibrationReadings.Direction;
import app.brasskettle.core.mechanics.VibrationReadings.Mounting;
import app.brasskettle.core.mechanics.VibrationReadings.Place;
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
                .apply(new VibrationReadings(
                        watt,
                        mounting,
                        Optional.empty(),
                        Optional.empty(),
                        List.of(
                                new VibrationReadings.Reading(Place.DRIVE_END, Direction.HORIZONTAL, 0.2),
                                new VibrationReadings.Reading(Place.NON_DRIVE_END, Direction.AXIAL, mmPerS))));
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
        assertThat(r.judgement().headline()).contains("non-drive end, axial");
    }

    /**
     * IEC 60034-14:2003 with A1:2007, table 1, grade A: 1.6, 2.2, 2.8 mm/s free and 1.3, 1.8, 2.3 rigid, for shaft heights to 132,
     * to 280 and above. A machine in zone B by ISO 20816-3 may be too rough to leave a shop.
     */
    @ParameterizedTest
    @CsvSource({
        "FLEXIBLE, 132, 1.6, HOLDS",
        "FLEXIBLE, 132, 1.61, STOP",
        "RIGID, 132, 1.31, STOP",
        "FLEXIBLE, 133, 2.2, HOLDS",
        "RIGID, 160, 1.8, HOLDS",
        "RIGID, 160, 1.81, STOP",
        "RIGID, 280, 1.9, STOP",
        "RIGID, 281, 2.3, HOLDS",
        "FLEXIBLE, 315, 2.81, STOP"
    })
    void whatLeavesTheShopIsJudgedByItsShaftHeightAsWell(Mounting mounting, double height, double v, Verdict verdict) {
        VibrationResult r = repaired(mounting, Optional.of(height), v);
        assertThat(r.verdict()).isEqualTo(verdict);
        assertThat(r.inService().verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(r.judgement().source()).contains("IEC 60034-14");
    }

    @Test
    void aRepairedMachineOfUnknownHeightIsUnprovenAndAHarmfulOneStopsAnyhow() {
        assertThat(repaired(Mounting.RIGID, Optional.empty(), 1).verdict()).isEqualTo(Verdict.UNPROVEN);
        assertThat(repaired(Mounting.RIGID, Optional.empty(), 9).judgement()).satisfies(j -> {
            assertThat(j.verdict()).isEqualTo(Verdict.STOP);
            assertThat(j.headline()).startsWith("Zone D");
        });
    }

    private static VibrationResult repaired(Mounting mounting, Optional<Double> height, double v) {
        return VibrationWorksheet.create()
                .work()
                .apply(new VibrationReadings(
                        30_000,
                        mounting,
                        Optional.of(true),
                        height,
                        List.of(new VibrationReadings.Reading(Place.DRIVE_END, Direction.VERTICAL, v))));
    }

    @ParameterizedTest
    @CsvSource({"500, 1, HOLDS", "500, 0.99, STOP", "250, 5, UNPROVEN", "250, 0.5, STOP"})
    void anInsulatedBearingReadsAMegohmAt500Volts(double volts, double megohm, Verdict verdict) {
        assertThat(BearingInsulationWorksheet.create()
                        .work()
                        .apply(new BearingInsulationReadings(volts, megohm, Optional.empty()))
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
        assertThat(Refusals.fields(() -> new VibrationReadings(0, null, null, Optional.of(-1.0), List.of())))
                .containsExactlyInAnyOrder("ratedPowerW", "mounting", "shaftHeightMm", "readings");
        assertThat(Refusals.fields(() -> new BearingInsulationReadings(0, -1, null)))
                .containsExactlyInAnyOrder("testVoltageV", "megohm");
        assertThat(Refusals.fields(() -> new RotorBalance(0, 0, Optional.of(0.0), -1, -1)))
                .hasSize(5);
    }
}
