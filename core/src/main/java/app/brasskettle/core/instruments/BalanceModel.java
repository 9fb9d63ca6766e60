package app.brasskettle.core.instruments;

import app.brasskettle.core.balance.BalanceReadings;
import java.util.ArrayList;
import java.util.List;

/**
 * Inductance of three phases at low voltage over a pole pitch of the shaft: a magnetising inductance of common per-unit size,
 * less what shorted turns turn away, with a little that moves with the rotor's slots.
 */
final class BalanceModel {

    private static final double MAGNETISING_PER_UNIT = 2.2;
    private static final double ROTOR_SHARE = 0.006;
    private static final double SHORTED_SHARE = 0.09;
    private static final double MAX_SHORTED = 0.6;
    private static final double BROKEN_SHARE = 0.045;
    private static final double INSTRUMENT_NOISE = 0.0015;

    private final SimulatedMotor motor;

    BalanceModel(SimulatedMotor motor) {
        this.motor = motor;
    }

    BalanceReadings over(int positions) {
        double sound = 1000
                * MAGNETISING_PER_UNIT
                * motor.baseOhm()
                / (2 * Math.PI * motor.rating().frequencyHz());
        List<BalanceReadings.Position> all = new ArrayList<>();
        for (int i = 0; i < positions; i++) {
            double angle = 180.0 * i / positions;
            double[] mh = new double[3];
            for (int p = 0; p < 3; p++) {
                double moves = ROTOR_SHARE + BROKEN_SHARE * motor.strength(MotorFault.BROKEN_BAR);
                double rotor = moves * Math.cos(Math.toRadians(2 * angle - 120 * p));
                double shorted = p == 1 ? SHORTED_SHARE * motor.strength(MotorFault.TURN_SHORT) : 0;
                mh[p] = sound
                        * (1 + rotor)
                        * (1 - Math.min(MAX_SHORTED, shorted))
                        * Noise.factor(motor.seed(), 40 + p, 0.003)
                        * Noise.factor(motor.seed(), 400 + 3L * i + p, INSTRUMENT_NOISE);
            }
            all.add(new BalanceReadings.Position(angle, new BalanceReadings.Phases(mh[0], mh[1], mh[2])));
        }
        return new BalanceReadings(all);
    }
}
