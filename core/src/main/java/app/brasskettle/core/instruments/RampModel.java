package app.brasskettle.core.instruments;

import app.brasskettle.core.withstand.StepVoltageTest;
import java.util.ArrayList;
import java.util.List;

/**
 * Leakage at the end of each step of a rising direct voltage, a minute each. A sound winding leaks in proportion; a damp one
 * more and more; copper on the frame lets go at the first step.
 */
final class RampModel {

    private static final double STEP_SECONDS = 60;
    private static final double DAMP_GROWTH = 1.8;
    private static final double TRIPS_AT_MICROAMP = 5_000;

    private final SimulatedMotor motor;

    RampModel(SimulatedMotor motor) {
        this.motor = motor;
    }

    /** The steps reached before the set's own current limit tripped; fewer than asked for means breakdown. */
    List<StepVoltageTest.Rise> upTo(double topV, int steps) {
        InsulationModel insulation = new InsulationModel(motor);
        List<StepVoltageTest.Rise> rises = new ArrayList<>();
        for (int i = 1; i <= steps; i++) {
            double volts = topV * i / steps;
            double microamp = volts / insulation.megohmAt(STEP_SECONDS + i, volts);
            if (motor.has(MotorFault.MOISTURE)) {
                microamp *= 1 + DAMP_GROWTH * Math.pow((double) i / steps, 3);
            }
            if (microamp > TRIPS_AT_MICROAMP) {
                return rises;
            }
            rises.add(new StepVoltageTest.Rise(volts, microamp));
        }
        return rises;
    }
}
