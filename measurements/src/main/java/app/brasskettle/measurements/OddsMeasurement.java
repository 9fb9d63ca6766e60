package app.brasskettle.measurements;

import app.brasskettle.core.decision.OddsQuestion;
import app.brasskettle.core.decision.OptionOdds;
import app.brasskettle.core.decision.OptionOddsWorksheet;
import app.brasskettle.core.worksheet.Triangular;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How often each of four options is the cheapest, every figure uncertain, 10,000 draws. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class OddsMeasurement {

    private final OddsQuestion question = new OddsQuestion(
            0.06,
            new Triangular(0.12, 0.16, 0.24),
            new Triangular(0.6, 0.75, 0.9),
            new Triangular(3000, 4000, 6000),
            132_000,
            new Triangular(0, 60, 200),
            List.of(
                    option("rewind", 6000, 200, 94.8),
                    option("new", 14_000, 240, 95.6),
                    option("better new", 16_500, 240, 96.4),
                    option("used", 8000, 100, 94.2)),
            10_000,
            1);

    private static OddsQuestion.Option option(String name, double price, double lead, double efficiency) {
        return new OddsQuestion.Option(
                name,
                new Triangular(0.9 * price, price, 1.2 * price),
                new Triangular(0.8 * lead, lead, 2 * lead),
                new Triangular(efficiency - 0.5, efficiency, efficiency + 0.3),
                new Triangular(8, 12, 16));
    }

    @Benchmark
    public OptionOdds tenThousandDraws() {
        return OptionOddsWorksheet.work(question);
    }
}
