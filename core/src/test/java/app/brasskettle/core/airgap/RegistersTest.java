package app.brasskettle.core.airgap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.airgap.Registers.Register;
import app.brasskettle.core.fits.SeatCheck.Place;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RegistersTest {

    private static Register register(Place place, double bracket, double frame) {
        return new Register(place, List.of(bracket, bracket), List.of(frame, frame), Optional.empty());
    }

    private static RegistersResult read(Optional<Double> gap, Register... registers) {
        return RegistersWorksheet.create().work().apply(new Registers(List.of(registers), gap));
    }

    /** ISO 286-2 at 250 mm: H7 46 µm and h6 29 µm make 75 µm at the loosest; watched over 52.5. Tight by more than 29 is watched. */
    @ParameterizedTest
    @CsvSource({
        "250.000, 250.000, HOLDS",
        "249.990, 250.040, HOLDS",
        "249.988, 250.041, WATCH",
        "249.971, 250.046, WATCH",
        "249.971, 250.047, STOP",
        "250.029, 250.000, HOLDS",
        "250.030, 250.000, WATCH"
    })
    void theClearanceJudges(double bracket, double frame, Verdict verdict) {
        RegistersResult r = read(Optional.empty(), register(Place.DRIVE_END, bracket, frame));
        assertThat(r.verdict()).isEqualTo(verdict);
        assertThat(r.registers().get(0).limitMm()).isCloseTo(0.075, within(1e-12));
        assertThat(r.registers().get(0).clearanceMm()).isCloseTo(frame - bracket, within(1e-9));
        assertThat(r.registers().get(0).shiftPercent()).isEmpty();
    }

    /** The same play of 60 µm lets the rotor hang 30 µm: nothing to a gap of 0.5 mm, 10 % of 0.3, too much of 0.29. */
    @ParameterizedTest
    @CsvSource({"0.50, WATCH, 6", "0.40, WATCH, 7.5", "0.30, WATCH, 10", "0.29, STOP, 10.3448"})
    void aSmallGapForgivesLess(double gap, Verdict verdict, double percent) {
        RegistersResult r = read(Optional.of(gap), register(Place.NON_DRIVE_END, 249.980, 250.040));
        assertThat(r.verdict()).isEqualTo(verdict);
        assertThat(r.registers().get(0).shiftPercent().orElseThrow()).isCloseTo(percent, within(1e-3));
    }

    @Test
    void theWorseEndJudgesAndIsNamedWithItsRemedy() {
        RegistersResult r = read(
                Optional.empty(),
                register(Place.DRIVE_END, 250.0, 250.02),
                register(Place.NON_DRIVE_END, 249.9, 250.02));
        assertThat(r.verdict()).isEqualTo(Verdict.STOP);
        assertThat(r.judgement().headline()).isEqualTo("Non-drive end: loose by 120 µm, limit 75 µm");
        assertThat(r.judgement().next()).isEqualTo("Choose a remedy: build up, sleeve frame, replace.");
        Register chosen = new Register(
                Place.NON_DRIVE_END,
                List.of(249.9, 249.9),
                List.of(250.0, 250.0),
                Optional.of(Registers.Remedy.BUILD_UP));
        assertThat(read(Optional.empty(), chosen).judgement().next())
                .contains("in one setting with the bearing housing");
    }

    /** An oval bore stops by its shape though every diameter would still take the spigot. */
    @Test
    void anOvalFrameIsSeen() {
        Register oval = new Register(Place.DRIVE_END, List.of(250.0, 250.0), List.of(250.0, 250.047), Optional.empty());
        assertThat(read(Optional.empty(), oval).judgement().headline()).contains("out of round");
        Register less = new Register(Place.DRIVE_END, List.of(250.0, 250.0), List.of(250.0, 250.024), Optional.empty());
        assertThat(read(Optional.empty(), less).verdict()).isEqualTo(Verdict.WATCH);
    }

    @Test
    void refusesAnEndTwiceAndOneDiameter() {
        assertThat(Refusals.fields(() -> new Registers(
                        List.of(register(Place.DRIVE_END, 250, 250), register(Place.DRIVE_END, 250, 250)),
                        Optional.of(0.0))))
                .containsExactlyInAnyOrder("registers[1].place", "meanGapMm");
        assertThat(Refusals.fields(() -> new Register(null, List.of(250.0), List.of(10.0, 500.1), Optional.empty())))
                .containsExactlyInAnyOrder("place", "bracketMm", "frameMm[0]", "frameMm[1]");
    }
}
