package app.brasskettle.core.surge;

import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.worksheet.Samples;
import java.util.Optional;
import org.hipparchus.stat.regression.SimpleRegression;

/** What one trace shows of itself: how long it lives, how fast it rings, how fast it dies. */
final class Ring {

    private static final double ALIVE = 0.05;
    private static final double NOISE = 0.01;

    private Ring() {}

    /** Index of the last sample at 5 % of the trace's own peak or more. */
    static int lastAlive(Samples trace) {
        double floor = ALIVE * trace.peak();
        for (int i = trace.size() - 1; i > 0; i--) {
            if (!Limit.under(Math.abs(trace.at(i)), floor)) {
                return i;
            }
        }
        return 0;
    }

    /** Ring frequency in Hz from interpolated zero crossings; empty under three of them. */
    static Optional<Double> frequencyHz(Samples trace, double intervalS) {
        double floor = NOISE * trace.peak();
        int end = lastAlive(trace);
        int kept = -1;
        double before = 0;
        int crossings = 0;
        double first = 0;
        double last = 0;
        for (int i = 0; i <= end; i++) {
            double v = trace.at(i);
            if (v == 0 || Limit.under(Math.abs(v), floor)) {
                continue;
            }
            if (kept >= 0 && before < 0 != v < 0) {
                last = kept + (i - kept) * before / (before - v);
                first = crossings == 0 ? last : first;
                crossings++;
            }
            kept = i;
            before = v;
        }
        return crossings < 3 ? Optional.empty() : Optional.of((crossings - 1) / (2 * (last - first) * intervalS));
    }

    /** Sample, with its fraction, at which the trace first crosses zero; 0 where it never does. */
    static double firstCrossing(Samples trace) {
        double floor = NOISE * trace.peak();
        int kept = -1;
        for (int i = 0; i <= lastAlive(trace); i++) {
            double v = trace.at(i);
            if (v == 0 || Limit.under(Math.abs(v), floor)) {
                continue;
            }
            if (kept >= 0 && Math.signum(trace.at(kept)) != Math.signum(v)) {
                double before = trace.at(kept);
                return kept + (i - kept) * before / (before - v);
            }
            kept = i;
        }
        return 0;
    }

    /**
     * Logarithmic decrement of a whole ring, by a line through the logarithms of all its extremes; empty under three of them.
     * All extremes together are far less noisy than the first two.
     */
    static Optional<Double> damping(Samples trace) {
        SimpleRegression line = new SimpleRegression();
        int end = lastAlive(trace);
        double floor = NOISE * trace.peak();
        double extreme = 0;
        int half = 0;
        double sign = 0;
        for (int i = 0; i <= end; i++) {
            double v = trace.at(i);
            if (v == 0 || Limit.under(Math.abs(v), floor)) {
                continue;
            }
            if (sign != 0 && Math.signum(v) != sign) {
                line.addData(half++, Math.log(extreme));
                extreme = 0;
            }
            sign = Math.signum(v);
            extreme = Math.max(extreme, Math.abs(v));
        }
        return half < 3 ? Optional.empty() : Optional.of(-2 * line.getSlope());
    }

    /** Logarithmic decrement between the first two peaks of one sign; empty when there is no second. */
    static Optional<Double> decrement(Samples trace) {
        int end = lastAlive(trace);
        double first = 0;
        double second = 0;
        int turns = 0;
        for (int i = 1; i < end; i++) {
            double v = trace.at(i);
            if (Math.signum(v) != Math.signum(trace.at(i - 1))) {
                turns++;
            }
            if (turns < 1) {
                first = Math.max(first, Math.abs(v));
            } else if (turns == 2) {
                second = Math.max(second, Math.abs(v));
            } else if (turns > 2) {
                break;
            }
        }
        return first > 0 && second > 0 && second < first ? Optional.of(Math.log(first / second)) : Optional.empty();
    }
}
