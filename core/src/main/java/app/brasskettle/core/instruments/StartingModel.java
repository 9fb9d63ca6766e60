package app.brasskettle.core.instruments;

import app.brasskettle.core.singlephase.SinglePhaseWindings;
import app.brasskettle.core.singlephase.SinglePhaseWindings.Protector;
import app.brasskettle.core.singlephase.StartingGear;
import java.util.Optional;

/**
 * Windings and starting gear of a simulated capacitor-start motor with a protector in its main winding.
 *
 * <p>The start winding reads three times the main one; a start capacitor is some 160 µF for each kilowatt.
 */
public final class StartingModel {

    private static final double START_OVER_MAIN = 3.1;
    private static final double MICROFARAD_PER_KW = 160;
    private static final double LOST_SHARE = 0.4;
    private static final double MIN_LEFT = 0.05;
    private static final double METER_NOISE = 0.004;
    private static final double SPREAD = 0.04;
    private static final double BLEEDER_OHM = 15_000;

    private final SimulatedMotor motor;

    StartingModel(SimulatedMotor motor) {
        this.motor = motor;
    }

    /** What a meter reads at the leads. */
    public SinglePhaseWindings windings() {
        double main = new ResistanceModel(motor).soundPhaseOhm();
        boolean open = motor.has(MotorFault.OPEN_PROTECTOR);
        double read = main * Noise.factor(motor.seed(), 800, METER_NOISE);
        return new SinglePhaseWindings(
                Optional.of(StartingGear.Kind.CAPACITOR_START),
                false,
                open ? Optional.empty() : Optional.of(read),
                open,
                Optional.empty(),
                false,
                Optional.of(START_OVER_MAIN * main * Noise.factor(motor.seed(), 801, SPREAD)),
                false,
                Protector.IN_MAIN,
                Optional.of(main * Noise.factor(motor.seed(), 802, METER_NOISE)),
                true);
    }

    /** What a capacitance meter reads and an ear hears, the motor run up once and let down. */
    public StartingGear gear() {
        double marked = Math.rint(MICROFARAD_PER_KW * motor.rating().powerW() / 1000);
        double lost = LOST_SHARE * motor.strength(MotorFault.WEAK_CAPACITOR);
        double left = Math.max(MIN_LEFT, 1 - lost) * Noise.factor(motor.seed(), 803, SPREAD);
        boolean heard = !motor.has(MotorFault.STUCK_SWITCH);
        return new StartingGear(
                StartingGear.Kind.CAPACITOR_START,
                StartingGear.SwitchKind.CENTRIFUGAL,
                Optional.of(heard),
                Optional.of(heard),
                Optional.of(Math.max(1, marked)),
                Optional.empty(),
                Optional.of(Math.max(1, marked) * left),
                Optional.empty(),
                Optional.empty(),
                Optional.of(BLEEDER_OHM));
    }
}
