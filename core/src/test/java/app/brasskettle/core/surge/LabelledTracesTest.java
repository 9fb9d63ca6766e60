package app.brasskettle.core.surge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.testfile.TestFile;
import app.brasskettle.core.verdict.Verdict;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/**
 * Labelled traces of another simulator, where they stand beside this checkout: no short may be missed, no sound winding and no
 * sound motor with an uneven rotor may be stopped.
 */
class LabelledTracesTest {

    private static final Path TRACES = Path.of("..", "..", "shared", "traces");

    @TestFactory
    Stream<DynamicTest> everyTraceIsJudgedAsItsLabelWants() throws IOException {
        assumeTrue(Files.isRegularFile(TRACES.resolve("labels.csv")), "no labelled traces beside this checkout");
        List<String> rows = Files.readAllLines(TRACES.resolve("labels.csv"));
        return rows.stream()
                .skip(1)
                .map(row -> row.split(",", 3))
                .map(row -> DynamicTest.dynamicTest(row[1] + ": " + row[0], () -> judge(row[0], row[1])));
    }

    private static void judge(String file, String truth) throws IOException {
        Verdict verdict = outcome(file).verdict();
        Set<Verdict> wanted = switch (truth) {
            case "sound" -> Set.of(Verdict.HOLDS, Verdict.UNPROVEN);
            case "short" -> Set.of(Verdict.STOP);
            case "rotor" -> Set.of(Verdict.HOLDS, Verdict.WATCH, Verdict.UNPROVEN);
            case "short-rotor" -> Set.of(Verdict.STOP, Verdict.UNPROVEN);
            default -> throw new IllegalArgumentException("no label " + truth);
        };
        assertThat(wanted).as(file + " was judged " + verdict.code()).contains(verdict);
    }

    private static SurgeOutcome outcome(String file) throws IOException {
        SurgeSet set = TypedInput.read(
                        SurgeSet.class,
                        TestFile.typed("surge-comparison", SurgeSet.class, Files.readAllBytes(TRACES.resolve(file))))
                .input();
        return set.compare(SurgeLimits.standard());
    }
}
