package app.brasskettle.measurements;

import app.brasskettle.core.bank.BankIndex;
import app.brasskettle.core.bank.BankQuestion;
import app.brasskettle.core.bank.BankRecord;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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

/** The twenty nearest of 50,000 windings in memory, by four figures and by a word. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class BankMeasurement {

    private static final int SHOWN = 20;

    private final BankIndex index = index();
    private final BankQuestion core = new BankQuestion(
            Optional.empty(),
            Optional.empty(),
            Optional.of(4),
            Optional.of(48),
            Optional.of(0.19),
            Optional.of(0.2),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());
    private final BankQuestion word = new BankQuestion(
            Optional.of("maker 7"),
            Optional.of(30_000.0),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    private static BankIndex index() {
        List<BankRecord> bank = BankTrial.bank(BankTrial.WINDINGS);
        List<BankIndex.Entry> entries = new ArrayList<>();
        for (int i = 0; i < bank.size(); i++) {
            entries.add(BankIndex.Entry.of(i, bank.get(i)));
        }
        return new BankIndex(entries);
    }

    /** By poles, slots, bore and length. */
    @Benchmark
    public List<BankIndex.Near> byCore() {
        return index.nearest(core, SHOWN);
    }

    /** By maker and power. */
    @Benchmark
    public List<BankIndex.Near> byMaker() {
        return index.nearest(word, SHOWN);
    }
}
