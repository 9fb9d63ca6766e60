package app.brasskettle.core.surge;

import app.brasskettle.core.worksheet.Samples;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Traces made comparable: triggers aligned, and peaks scaled where the charging voltages were nearly the same. */
final class SurgeTraces {

    /** Peaks further apart than this are no spread of the charging voltage any more. */
    private static final double PEAKS_ALIKE = 0.1;
    /** Triggers closer than this many samples are not moved, since moving adds noise of its own. */
    private static final double SAME_TRIGGER = 1;
    /** The latest trigger that is moved, as a share of the record. */
    private static final double LATEST_TRIGGER = 0.1;

    private SurgeTraces() {}

    /** The same traces, as long as the shortest of them is after alignment. */
    static List<Samples> comparable(List<Samples> traces, double intervalS) {
        return scaled(aligned(traces, intervalS));
    }

    private static List<Samples> scaled(List<Samples> traces) {
        double high = traces.stream().mapToDouble(Samples::peak).max().orElseThrow();
        double low = traces.stream().mapToDouble(Samples::peak).min().orElseThrow();
        return low > 0 && high / low - 1 <= PEAKS_ALIKE
                ? traces.stream().map(t -> t.over(t.peak())).toList()
                : traces;
    }

    private static List<Samples> aligned(List<Samples> traces, double intervalS) {
        double[] start = new double[traces.size()];
        for (int i = 0; i < start.length; i++) {
            Optional<Double> at = triggerAt(traces.get(i), intervalS);
            if (at.isEmpty()) {
                return traces;
            }
            start[i] = at.get();
        }
        double first = Arrays.stream(start).min().orElseThrow();
        double last = Arrays.stream(start).max().orElseThrow();
        if (last - first <= SAME_TRIGGER
                || last - first > LATEST_TRIGGER * traces.get(0).size()) {
            return traces;
        }
        int length = traces.get(0).size() - (int) Math.ceil(last - first) - 1;
        Samples[] moved = new Samples[start.length];
        for (int i = 0; i < moved.length; i++) {
            moved[i] = from(traces.get(i), start[i] - first, length);
        }
        return List.of(moved);
    }

    /**
     * When the discharge began, in samples: a quarter of its own ring before its first zero crossing, so that a trace that merely
     * rings faster is not taken for one that was triggered earlier.
     */
    private static Optional<Double> triggerAt(Samples trace, double intervalS) {
        Optional<Double> ring = Ring.frequencyHz(trace, intervalS);
        return ring.map(f -> Ring.firstCrossing(trace) - 1 / (4 * f * intervalS));
    }

    private static Samples from(Samples trace, double offset, int length) {
        double[] values = new double[length];
        for (int i = 0; i < length; i++) {
            double at = i + offset;
            int low = (int) Math.floor(at);
            int high = Math.min(low + 1, trace.size() - 1);
            values[i] = trace.at(low) + (at - low) * (trace.at(high) - trace.at(low));
        }
        return Samples.of(values);
    }
}
