package app.brasskettle.core.insulation;

import java.util.List;
import java.util.Optional;
import org.hipparchus.analysis.ParametricUnivariateFunction;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.fitting.SimpleCurveFitter;
import org.hipparchus.fitting.WeightedObservedPoints;

/**
 * Parts of the current of an insulation test: i(t) = a·t^(−n) + g.
 *
 * <p>Fitted by Levenberg–Marquardt. The first part is the insulation drinking charge and dies away; the second is leakage
 * through moisture, dirt or carbon and stays.
 *
 * @param absorptionMicroamp a, the dying part at one second
 * @param exponent n, how fast it dies
 * @param leakageMicroamp g, the lasting part
 */
public record AbsorptionFit(double absorptionMicroamp, double exponent, double leakageMicroamp) {

    private static final int MIN_READINGS = 5;

    /**
     * The parts of the current that {@code readings} at {@code testV} show; empty with fewer than five readings within
     * range, or when no such curve fits.
     */
    public static Optional<AbsorptionFit> of(List<TimedReading> readings, double testV) {
        WeightedObservedPoints points = new WeightedObservedPoints();
        double last = Double.NaN;
        double first = Double.NaN;
        int count = 0;
        for (TimedReading r : readings) {
            if (!r.beyond() && r.megohm() > 0) {
                double microamp = testV / r.megohm();
                // Relative errors matter: the early currents are larger by far and would drown the leakage.
                points.add(1 / (microamp * microamp), r.seconds(), microamp);
                first = Double.isNaN(first) ? microamp : first;
                last = microamp;
                count++;
            }
        }
        if (count < MIN_READINGS) {
            return Optional.empty();
        }
        double start = Math.max(first - last, 0.05 * last);
        try {
            double[] fit = SimpleCurveFitter.create(new Curve(), new double[] {start, 0.7, 0.8 * last})
                    .withMaxIterations(2000)
                    .fit(points.toList());
            boolean physical = fit[0] >= 0 && fit[1] > 0 && fit[1] < 3 && fit[2] >= -0.02 * last;
            return physical ? Optional.of(new AbsorptionFit(fit[0], fit[1], Math.max(0, fit[2]))) : Optional.empty();
        } catch (MathRuntimeException noFit) {
            return Optional.empty();
        }
    }

    /** Current in µA after {@code seconds}. */
    public double microampAt(double seconds) {
        return absorptionMicroamp * Math.pow(seconds, -exponent) + leakageMicroamp;
    }

    /** Share of leakage in the current after one minute, in percent. */
    public double leakageSharePercent() {
        return 100 * leakageMicroamp / microampAt(60);
    }

    private static final class Curve implements ParametricUnivariateFunction {
        @Override
        public double value(double t, double... p) {
            return p[0] * Math.pow(t, -p[1]) + p[2];
        }

        @Override
        public double[] gradient(double t, double... p) {
            double power = Math.pow(t, -p[1]);
            return new double[] {power, -p[0] * power * Math.log(t), 1};
        }
    }
}
