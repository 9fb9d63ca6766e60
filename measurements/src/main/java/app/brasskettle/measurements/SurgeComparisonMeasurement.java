package app.brasskettle.measurements;

import app.brasskettle.core.surge.SurgeKind;
import app.brasskettle.core.surge.SurgeLimits;
import app.brasskettle.core.surge.SurgePair;
import app.brasskettle.core.surge.SurgeResult;
import app.brasskettle.core.surge.SurgeWorksheet;
import app.brasskettle.core.worksheet.Samples;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.Blackhole;

/** Comparison of 1,000 pairs of traces of 10,000 samples each, beside the same figures by plain loops over arrays, and one pass over them. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 10)
@Measurement(iterations = 30)
public class SurgeComparisonMeasurement {

    private static final int PAIRS = 1000;
    private static final int SAMPLES = 10_000;
    private static final int TRACES = 20;

    private final Worksheet<SurgePair, SurgeResult> sheet = SurgeWorksheet.create(SurgeLimits.standard());
    private final List<double[]> traces = new ArrayList<>();

    @Setup
    public void ring() {
        Random random = new Random(1);
        for (int n = 0; n < TRACES; n++) {
            double[] v = new double[SAMPLES];
            double hertz = 9000 * (1 + 0.05 * random.nextDouble());
            for (int i = 0; i < SAMPLES; i++) {
                double t = i * 1e-7;
                v[i] = Math.rint(10_000 * Math.exp(-2500 * t) * Math.cos(2 * Math.PI * hertz * t)) / 10;
            }
            traces.add(v);
        }
    }

    /** Input checked, difference, both rings, damping, judgement in words. */
    @Benchmark
    public void compared(Blackhole hole) {
        for (int n = 0; n < PAIRS; n++) {
            hole.consume(sheet.work()
                    .apply(new SurgePair(
                            1e-7,
                            Samples.of(traces.get(n % TRACES)),
                            Samples.of(traces.get((n + 7) % TRACES)),
                            SurgeKind.PHASE_TO_PHASE,
                            true)));
        }
    }

    /** What somebody would write who wants the figures alone: copied as given, peaks, lives, difference, two rings; no words. */
    @Benchmark
    public void byPlainLoops(Blackhole hole) {
        for (int n = 0; n < PAIRS; n++) {
            double[] a = traces.get(n % TRACES).clone();
            double[] b = traces.get((n + 7) % TRACES).clone();
            double peakA = peak(a);
            double peakB = peak(b);
            int lastA = last(a, 0.05 * peakA);
            int lastB = last(b, 0.05 * peakB);
            double apart = 0;
            double size = 0;
            for (int i = 0; i <= Math.max(lastA, lastB); i++) {
                apart += Math.abs(a[i] - b[i]);
                size += Math.abs(a[i]) + Math.abs(b[i]);
            }
            hole.consume(200 * apart / size);
            hole.consume(ring(a, lastA, 0.01 * peakA));
            hole.consume(ring(b, lastB, 0.01 * peakB));
        }
    }

    private static double peak(double[] v) {
        double most = 0;
        for (double x : v) {
            most = Math.max(most, Math.abs(x));
        }
        return most;
    }

    private static int last(double[] v, double floor) {
        int i = v.length - 1;
        while (i > 0 && Math.abs(v[i]) < floor) {
            i--;
        }
        return i;
    }

    private static double ring(double[] v, int end, double floor) {
        int kept = -1;
        int crossings = 0;
        double first = 0;
        double last = 0;
        for (int i = 0; i <= end; i++) {
            if (Math.abs(v[i]) < floor || v[i] == 0) {
                continue;
            }
            if (kept >= 0 && v[kept] < 0 != v[i] < 0) {
                last = kept + (i - kept) * v[kept] / (v[kept] - v[i]);
                first = crossings == 0 ? last : first;
                crossings++;
            }
            kept = i;
        }
        return (crossings - 1) / (2 * (last - first) * 1e-7);
    }

    /** The floor under it: the sum of differences alone, once over both traces. */
    @Benchmark
    public void passedOverOnce(Blackhole hole) {
        for (int n = 0; n < PAIRS; n++) {
            double[] a = traces.get(n % TRACES);
            double[] b = traces.get((n + 7) % TRACES);
            double sum = 0;
            for (int i = 0; i < SAMPLES; i++) {
                sum += Math.abs(a[i] - b[i]);
            }
            hole.consume(sum);
        }
    }
}
