package app.brasskettle.core.instruments;

import app.brasskettle.core.surge.SurgeLevel;
import app.brasskettle.core.worksheet.Samples;

/**
 * A capacitor discharged into a winding, solved step by step (fourth-order Runge–Kutta).
 *
 * <p>Each phase is an inductance in series with its resistance, coupled to a closed loop where turns are shorted. With κ
 * the square of the coupling and ρ the loop's R/L, v = R·i + L(1−κ)·di/dt − ρ·L·y and dy/dt = −κ·di/dt − ρ·y, where y is the
 * loop's current scaled to the phase. The lead under test is pulsed and the other two are grounded: in wye its phase lies in
 * series with the other two side by side, in delta its two phases lie side by side and the third is out of play. Losses in
 * iron and rotor are a resistance across the capacitor. Weak turns arc over, and are then such a loop, where the
 * charge passes what they stand. Coupling between the phases is left out.
 */
final class SurgeModel {

    private static final int SAMPLES = 1200;
    private static final int STEPS_PER_SAMPLE = 4;
    private static final double RINGS_SHOWN = 8;
    private static final double KAPPA = 0.22;
    private static final double MAX_KAPPA = 0.6;
    private static final double WEAK_LETS_GO = 0.7;
    private static final double NOISE_OF_PEAK = 0.002;
    private static final double SHAFT_ANGLE = 0.4;

    private final SimulatedMotor motor;
    private final boolean rotorFitted;
    private final double[] henry = new double[3];
    private final double[] kappa = new double[3];
    private final boolean[] open = new boolean[3];
    private final double ohm;
    private final double loopRate;
    private final double farad;
    private final double lossOhm;
    private final double period;

    SurgeModel(SimulatedMotor motor, boolean rotorFitted, java.util.Optional<Double> rotorAngleDegrees) {
        double angle = rotorAngleDegrees.map(Math::toRadians).orElse(SHAFT_ANGLE);
        this.motor = motor;
        this.rotorFitted = rotorFitted;
        double leakage = 0.2 * motor.baseOhm() / (2 * Math.PI * motor.rating().frequencyHz());
        // The rotor's cage turns flux away, so the winding rings higher and dies sooner with it in.
        double sound = leakage * (rotorFitted ? 0.8 : 1.1) * Noise.factor(motor.seed(), 3, 0.04);
        for (int p = 0; p < 3; p++) {
            double rotor = rotorFitted ? 0.006 * Math.cos(2 * (angle - p * 2 * Math.PI / 3)) : 0;
            henry[p] = sound * (1 + rotor) * Noise.factor(motor.seed(), 20 + p, 0.002);
        }
        kappa[1] = Math.min(MAX_KAPPA, KAPPA * motor.strength(MotorFault.TURN_SHORT));
        open[2] = motor.has(MotorFault.OPEN_JOINT);
        ohm = 0.02 * motor.baseOhm();
        double seen = motor.delta() ? sound / 2 : 1.5 * sound;
        farad = 0.04e-6 * Math.max(1, 400 / motor.rating().voltageV());
        period = 2 * Math.PI * Math.sqrt(seen * farad);
        double decrement = rotorFitted ? 0.55 : 0.3;
        // Parallel loss R = π·√(L/C)/decrement gives that decrement for each whole ring.
        lossOhm = Math.PI * Math.sqrt(seen / farad) / decrement;
        loopRate = 0.6 / period;
    }

    double sampleIntervalS() {
        return RINGS_SHOWN * period / SAMPLES;
    }

    /** Trace of {@code lead} (0 to 2) in V, the capacitor charged to {@code peakV}. */
    Samples pulse(int lead, double peakV) {
        boolean across = lead == 0 || (motor.delta() && lead == 1);
        kappa[0] = across && peakV > weakAboveV() ? KAPPA : 0;
        double[] state = new double[7];
        state[0] = peakV;
        double dt = sampleIntervalS() / STEPS_PER_SAMPLE;
        double[] trace = new double[SAMPLES];
        java.util.Random noise =
                new java.util.Random(motor.seed() * 31 + lead * 7 + (rotorFitted ? 1 : 0) + 97 * Math.round(peakV));
        for (int i = 0; i < SAMPLES; i++) {
            trace[i] = digitised(state[0] + NOISE_OF_PEAK * peakV * noise.nextGaussian());
            for (int k = 0; k < STEPS_PER_SAMPLE; k++) {
                state = step(lead, state, dt);
            }
        }
        return Samples.of(trace);
    }

    /**
     * Peak above which weak turns arc over: clear ones at 70 % of the level for a winding in service, slight ones just above
     * that level, severe ones at half of it.
     */
    private double weakAboveV() {
        if (!motor.has(MotorFault.WEAK_TURN)) {
            return Double.POSITIVE_INFINITY;
        }
        double level = SurgeLevel.inTheWorkshop(motor.rating().voltageV(), SurgeLevel.State.IN_SERVICE);
        return WEAK_LETS_GO * level / Math.pow(motor.strength(MotorFault.WEAK_TURN), 0.4);
    }

    /** The set digitises to a tenth of a volt. */
    private static double digitised(double volts) {
        return Math.rint(10 * volts) / 10;
    }

    private double[] step(int lead, double[] s, double dt) {
        double[] k1 = slope(lead, s);
        double[] k2 = slope(lead, plus(s, k1, dt / 2));
        double[] k3 = slope(lead, plus(s, k2, dt / 2));
        double[] k4 = slope(lead, plus(s, k3, dt));
        double[] next = s.clone();
        for (int i = 0; i < s.length; i++) {
            next[i] += dt / 6 * (k1[i] + 2 * k2[i] + 2 * k3[i] + k4[i]);
        }
        return next;
    }

    /** State: capacitor voltage, the three phase currents, the three scaled loop currents. */
    private double[] slope(int lead, double[] s) {
        double[] d = new double[7];
        double drawn = motor.delta() ? delta(lead, s, d) : wye(lead, s, d);
        d[0] = -(drawn + s[0] / lossOhm) / farad;
        for (int p = 0; p < 3; p++) {
            d[4 + p] = -kappa[p] * d[1 + p] - loopRate * s[4 + p];
        }
        return d;
    }

    private double delta(int lead, double[] s, double[] d) {
        double drawn = 0;
        // Lead A touches phases A (A to B) and C (C to A).
        for (int p : new int[] {lead, (lead + 2) % 3}) {
            if (!open[p]) {
                d[1 + p] = (s[0] - drop(p, s)) / stiff(p);
                drawn += s[1 + p];
            }
        }
        return drawn;
    }

    private double wye(int lead, double[] s, double[] d) {
        if (open[lead]) {
            return 0;
        }
        double sum = (s[0] - drop(lead, s)) / stiff(lead);
        double conductance = 1 / stiff(lead);
        for (int p = 0; p < 3; p++) {
            if (p != lead && !open[p]) {
                sum += drop(p, s) / stiff(p);
                conductance += 1 / stiff(p);
            }
        }
        double star = sum / conductance;
        d[1 + lead] = (s[0] - star - drop(lead, s)) / stiff(lead);
        for (int p = 0; p < 3; p++) {
            if (p != lead && !open[p]) {
                d[1 + p] = (star - drop(p, s)) / stiff(p);
            }
        }
        return s[1 + lead];
    }

    private double drop(int p, double[] s) {
        return ohm * s[1 + p] - loopRate * henry[p] * s[4 + p];
    }

    private double stiff(int p) {
        return henry[p] * (1 - kappa[p]);
    }

    private static double[] plus(double[] s, double[] k, double h) {
        double[] sum = s.clone();
        for (int i = 0; i < s.length; i++) {
            sum[i] += h * k[i];
        }
        return sum;
    }
}
