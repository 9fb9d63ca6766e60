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

/** Comparison of 1,000 pairs of traces of 10,000 samples each, beside one pass over the same numbers. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3)
@Measurement(iterations = 7)
public class SurgeComparisonMeasurement {

    private static final int PAIRS = 1000;
    private static final int SAMPLES = 10_000;
    private static final int TRACES = 20;

    private final Worksheet<SurgePair, SurgeResult> sheet = SurgeWorksheet.create(SurgeLimits.standard());
    private final List<Samples> traces = new ArrayList<>();

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
            traces.add(Samples.of(v));
        }
    }

    /** Input checked, difference, both rings, damping, judgement in words. */
    @Benchmark
    public void compared(Blackhole hole) {
        for (int n = 0; n < PAIRS; n++) {
            hole.consume(sheet.work()
                    .apply(new SurgePair(
                            1e-7,
                            traces.get(n % TRACES),
                            traces.get((n + 7) % TRACES),
                            SurgeKind.PHASE_TO_PHASE,
                            true)));
        }
    }

    /** The floor under it: the sum of differences alone, once over both traces. */
    @Benchmark
    public void passedOverOnce(Blackhole hole) {
        for (int n = 0; n < PAIRS; n++) {
            Samples a = traces.get(n % TRACES);
            Samples b = traces.get((n + 7) % TRACES);
            double sum = 0;
            for (int i = 0; i < SAMPLES; i++) {
                sum += Math.abs(a.at(i) - b.at(i));
            }
            hole.consume(sum);
        }
    }
}
