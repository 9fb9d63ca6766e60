package app.brasskettle.core.instruments;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.instruments.InstrumentScript.Leakage;
import app.brasskettle.core.instruments.InstrumentScript.Pulsed;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.rules.ShopRules;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.EnumSource.Mode;

class InstrumentScriptTest {

    private static SimulatedMotor motor(MotorFault... faults) {
        return new SimulatedMotor(SimulatedMotor.Rating.usual(400, 15_000, Connection.WYE), 22, Faults.of(faults), 11);
    }

    private static List<Leakage> leakage(InstrumentScript script) {
        return script.moments().stream().map(m -> (Leakage) m.shown()).toList();
    }

    @Test
    void aRampShowsEveryStepToItsEnd() {
        InstrumentScript script = InstrumentScript.ramp(motor(), 850, 5, DeviceFault.NONE);
        assertThat(script.lengthS()).isEqualTo(300);
        assertThat(script.fault()).isEmpty();
        assertThat(leakage(script).stream().filter(Leakage::last).map(Leakage::voltageV))
                .containsExactly(170.0, 340.0, 510.0, 680.0, 850.0);
        assertThat(motor().ramp(850, 5).get(4).microamp())
                .isEqualTo(leakage(script).get(29).microamp());
    }

    /** Within a step the current falls, as absorption dies. */
    @Test
    void leakageFallsWithinAStepOfASoundWinding() {
        List<Leakage> first = leakage(InstrumentScript.ramp(motor(), 850, 5, DeviceFault.NONE))
                .subList(0, 6);
        assertThat(first.get(5).microamp()).isLessThan(first.get(0).microamp());
    }

    @Test
    void aGroundTripsTheSetAndSoDoesAHeldVoltage() {
        InstrumentScript ramp = InstrumentScript.ramp(motor(MotorFault.GROUND), 850, 5, DeviceFault.NONE);
        assertThat(ramp.moments()).isEmpty();
        assertThat(ramp.fault().orElseThrow()).contains("tripped at 170 V");
        assertThat(InstrumentScript.hold(motor(MotorFault.GROUND), 850, DeviceFault.NONE)
                        .fault())
                .isPresent();
        assertThat(InstrumentScript.hold(motor(), 850, DeviceFault.NONE).fault())
                .isEmpty();
    }

    @Test
    void aSoakedWindingMakesTheSetStopTheRamp() {
        SimulatedMotor soaked = new SimulatedMotor(
                SimulatedMotor.Rating.usual(400, 15_000, Connection.WYE),
                22,
                Faults.none().with(MotorFault.MOISTURE, Severity.SEVERE),
                11);
        InstrumentScript script = InstrumentScript.ramp(soaked, 850, 3, DeviceFault.NONE);
        assertThat(script.fault().orElseThrow()).startsWith("Ramp stopped by itself");
    }

    @Test
    void noPulseIsGivenAfterTurnInsulationLetGo() {
        InstrumentScript weak = InstrumentScript.pulses(
                motor(MotorFault.WEAK_TURN).surgeRise(1170, 8, false), ShopRules.standard(), DeviceFault.NONE);
        Pulsed last = (Pulsed) weak.moments().get(weak.moments().size() - 1).shown();
        assertThat(last.lead()).isEqualTo("A");
        assertThat(last.differencePercent().orElseThrow()).isGreaterThan(last.limitPercent());
        assertThat(weak.fault().orElseThrow()).contains("Lead A lets go");
        InstrumentScript sound =
                InstrumentScript.pulses(motor().surgeRise(1170, 8, false), ShopRules.standard(), DeviceFault.NONE);
        assertThat(sound.moments()).hasSize(24);
        assertThat(sound.fault()).isEmpty();
    }

    /** Whatever fails, what was shown until then is what a whole run would have shown. */
    @ParameterizedTest
    @EnumSource(value = DeviceFault.class, mode = Mode.EXCLUDE, names = "NONE")
    void aFailingInstrumentShowsTheTruthUntilItFails(DeviceFault device) {
        InstrumentScript whole = InstrumentScript.insulation(motor(), 500, 600, DeviceFault.NONE);
        InstrumentScript failing = InstrumentScript.insulation(motor(), 500, 600, device);
        assertThat(failing.lengthS()).isEqualTo(240);
        assertThat(failing.fault()).isPresent();
        assertThat(whole.moments()).startsWith(failing.moments().toArray(InstrumentScript.Moment[]::new));
    }
}
