package app.brasskettle.measurements;

import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.core.connection.ConnectionScheme;
import app.brasskettle.core.connection.DiagramQuestion;
import app.brasskettle.core.connection.DiagramWorksheet;
import app.brasskettle.core.redesign.RewindDesign;
import app.brasskettle.core.redesign.RewindDesignWorksheet;
import app.brasskettle.core.redesign.RewindQuestion;
import app.brasskettle.core.redesign.RewindQuestion.OldWinding;
import app.brasskettle.core.redesign.RewindQuestion.StockWire;
import app.brasskettle.core.redesign.WindingBasis;
import app.brasskettle.core.winding.WindingConnection;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A new winding from a rack of 60 sizes, six in hand; diagrams of a usual winding and of the largest the laws are held on. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class WindingMeasurement {

    private static final int SIZES = 60;

    private final RewindQuestion rack = new RewindQuestion(
            new OldWinding(400, 50, WindingConnection.WYE, 2, 0.925, 10, 4.91),
            new WindingBasis(690, 50, WindingConnection.WYE, 1, 0.925),
            IntStream.range(0, SIZES)
                    .mapToObj(n -> new StockWire("wire " + n, 0.2 + 0.03 * n))
                    .toList(),
            6,
            3);
    private final DiagramQuestion usual = question(48, 4, 10, 2);
    private final DiagramQuestion largest = question(144, 16, 8, 4);

    private static DiagramQuestion question(int slots, int poles, int span, int circuits) {
        return new DiagramQuestion(
                slots,
                poles,
                span,
                circuits,
                ConnectionScheme.TWELVE_LEAD,
                Optional.empty(),
                Optional.<List<Integer>>empty());
    }

    /** Turns, copper of a turn, the best five of all combinations. */
    @Benchmark
    public RewindDesign wireFromTheRack() {
        return RewindDesignWorksheet.create().work().apply(rack);
    }

    /** Twelve leads derived, four connections each spun and fed. */
    @Benchmark
    public ConnectionDiagram diagramOf48Slots() {
        return DiagramWorksheet.create().work().apply(usual);
    }

    /** The same of 144 slots and 16 poles. */
    @Benchmark
    public ConnectionDiagram diagramOf144Slots() {
        return DiagramWorksheet.create().work().apply(largest);
    }
}
