package app.brasskettle.core.instruments;

import app.brasskettle.core.insulation.InsulationSystem;

/**
 * Insulation as a leakage resistance beside an absorption current that dies with time: i = V/R + a·V·t^(−n).
 *
 * <p>The leakage resistance is set at 40 °C and moved to the winding's temperature by the same factor the standard uses for
 * thermosetting insulation (IEEE Std 43-2013, 6.3).
 */
final class InsulationModel {

    private static final double SOUND_MEGOHM = 2500;
    private static final double DAMP_MEGOHM = 2.2;
    private static final double GROUND_MEGOHM = 0.008;
    private static final double DAMP_EXPONENT = 1.5;
    /** Absorption of a random winding of average size, in µA for each volt at one second. */
    private static final double ABSORPTION = 0.004;

    private static final double EXPONENT = 0.9;
    private static final double INSTRUMENT_NOISE = 0.006;

    private final SimulatedMotor motor;

    InsulationModel(SimulatedMotor motor) {
        this.motor = motor;
    }

    double megohmAt(double seconds, double testV) {
        double spread = Math.exp(0.35 * (Noise.factor(motor.seed(), 1, 1) - 1));
        double at40 = motor.has(MotorFault.GROUND)
                ? GROUND_MEGOHM / motor.strength(MotorFault.GROUND)
                : motor.has(MotorFault.MOISTURE)
                        ? DAMP_MEGOHM / Math.pow(motor.strength(MotorFault.MOISTURE), DAMP_EXPONENT)
                        : SOUND_MEGOHM;
        double leakMegohm = at40 * spread / InsulationSystem.THERMOSETTING.correctionTo40(motor.windingTemperatureC());
        double microamp = testV / leakMegohm + ABSORPTION * testV * Math.pow(seconds, -EXPONENT);
        return testV / microamp * Noise.factor(motor.seed(), 100 + Math.round(10 * seconds), INSTRUMENT_NOISE);
    }
}
