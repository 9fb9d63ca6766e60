package app.brasskettle.core.instruments;

import app.brasskettle.core.resistance.Conductor;
import app.brasskettle.core.resistance.Pair;
import java.util.EnumMap;
import java.util.Map;

/** Copper of the three phases, seen from the terminals. */
final class ResistanceModel {

    private static final double OPEN = Double.POSITIVE_INFINITY;
    private static final double POOR_JOINT_SHARE = 0.09;
    private static final double SHORTED_SHARE = 0.03;
    private static final double BRIDGE_NOISE = 0.0008;

    private final SimulatedMotor motor;

    ResistanceModel(SimulatedMotor motor) {
        this.motor = motor;
    }

    /** Stator resistance falls from about 6 % of the base impedance at 1 kW to 1 % at 250 kW. */
    double soundPhaseOhm() {
        double perUnit = 0.06 * Math.pow(Math.max(motor.rating().powerW(), 100) / 1000, -0.32);
        double at25 = perUnit * motor.baseOhm() * Noise.factor(motor.seed(), 2, 0.05);
        return Conductor.COPPER.from25(at25, motor.windingTemperatureC());
    }

    double[] phases() {
        double sound = soundPhaseOhm();
        double a = sound * (1 + POOR_JOINT_SHARE * motor.strength(MotorFault.POOR_JOINT));
        double b = sound * (1 - SHORTED_SHARE * motor.strength(MotorFault.TURN_SHORT));
        double c = motor.has(MotorFault.OPEN_JOINT) ? OPEN : sound;
        return new double[] {a, b, c};
    }

    /** In delta phase A lies between terminals A and B, B between B and C, C between C and A. */
    Map<Pair, Double> between() {
        double[] r = phases();
        Map<Pair, Double> read = new EnumMap<>(Pair.class);
        for (Pair pair : Pair.values()) {
            int own = pair.ordinal();
            int next = (own + 1) % 3;
            double ohm = motor.delta() ? parallel(r[own], r[next] + r[(own + 2) % 3]) : r[own] + r[next];
            if (ohm != OPEN) {
                read.put(pair, ohm * Noise.factor(motor.seed(), 10 + own, BRIDGE_NOISE));
            }
        }
        return read;
    }

    private static double parallel(double a, double b) {
        if (a == OPEN) {
            return b;
        }
        return b == OPEN ? a : a * b / (a + b);
    }
}
