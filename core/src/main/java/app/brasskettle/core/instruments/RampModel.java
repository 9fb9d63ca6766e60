package app.brasskettle.core.instruments;

import app.brasskettle.core.withstand.StepVoltageReadings;
import java.util.ArrayList;
import java.util.List;

/**
 * Leakage under a rising direct voltage, a minute at each step. A sound winding leaks in proportion; a damp one more and more;
 * copper on the frame lets go at the first step.
 */
final class RampModel {

    private static final double STEP_SECONDS = 60;
    private static final double DAMP_GROWTH = 1.8;
    private static final double TRIPS_AT_MICROAMP = 5_000;

    private final SimulatedMotor motor;
    private final InsulationModel insulation;

    RampModel(SimulatedMotor motor) {
        this.motor = motor;
        this.insulation = new InsulationModel(motor);
    }

    /** Leakage in µA so many seconds after the voltage of step {@code step} of {@code steps} went on. */
    double microamp(double volts, int step, int steps, double seconds) {
        double share = (double) step / steps;
        return volts
                / insulation.megohmAt(seconds + step, volts)
                * (1 + DAMP_GROWTH * motor.strength(MotorFault.MOISTURE) * share * share * share);
    }

    /** Whether the set's own current limit trips at that step. */
    boolean trips(double volts, int step, int steps) {
        return microamp(volts, step, steps, STEP_SECONDS) > TRIPS_AT_MICROAMP;
    }

    /** The steps reached before the set tripped; fewer than asked for means breakdown. */
    List<StepVoltageReadings.Rise> upTo(double topV, int steps) {
        List<StepVoltageReadings.Rise> rises = new ArrayList<>();
        for (int i = 1; i <= steps; i++) {
            double volts = topV * i / steps;
            if (trips(volts, i, steps)) {
                return rises;
            }
            rises.add(new StepVoltageReadings.Rise(volts, microamp(volts, i, steps, STEP_SECONDS)));
        }
        return rises;
    }
}
