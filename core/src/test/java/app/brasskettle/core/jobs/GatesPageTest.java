package app.brasskettle.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.energise.GateRow;
import app.brasskettle.core.testrecord.InstrumentKind;
import app.brasskettle.core.testrecord.StopEffect.Hold;
import app.brasskettle.core.testrecord.TestKind;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.worksheet.Word;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** docs/gates.md shows the tables the gates are computed from, row for row. */
class GatesPageTest {

    private static final Path PAGE = Path.of("../docs/gates.md");

    private static String holds(Hold hold) {
        return switch (hold) {
            case NOTHING -> "–";
            case TEST_POWER_ONLY -> "leaves test power";
            case BLOCKED -> "blocks";
        };
    }

    private static String words(Collection<? extends Word> words) {
        return words.isEmpty() ? "–" : words.stream().map(Word::word).sorted().collect(Collectors.joining(", "));
    }

    private static String row(String... cells) {
        return "| " + String.join(" | ", cells) + " |";
    }

    private static List<String> rows() {
        return Arrays.stream(GateRow.values())
                .map(r -> row(
                        "`" + r.word() + "`",
                        holds(r.hold()),
                        r.waivable() ? "yes, missed by a little" : "no",
                        r.why(),
                        r.source(),
                        r.liftedBy()))
                .toList();
    }

    private static List<String> stops() {
        return Arrays.stream(TestKind.values())
                .map(k -> row(
                        "`" + k.word() + "`",
                        k.group().word(),
                        holds(k.stop().hold()) + (k.stop().waivable() ? ", waivable" : ""),
                        k.stop().why(),
                        k.powered() ? "power" : k.highVoltage() ? "high voltage" : "–",
                        k.instruments().stream()
                                .map(InstrumentKind::label)
                                .sorted()
                                .collect(Collectors.collectingAndThen(
                                        Collectors.joining(", "), s -> s.isEmpty() ? "–" : s))))
                .toList();
    }

    private static List<String> works() {
        return Arrays.stream(Work.values())
                .map(w -> row(
                        w.label(),
                        words(w.harms()),
                        words(w.mends()),
                        w.startsNewWinding() ? "yes" : "–",
                        w.why(),
                        w.source()))
                .toList();
    }

    private static void stands(List<String> rows) throws IOException {
        assertThat(Files.readString(PAGE)).contains(String.join("\n", rows));
    }

    @Test
    void theRowsOfTheGate() throws IOException {
        stands(rows());
    }

    @Test
    void whatTheStopOfEachTestDoes() throws IOException {
        stands(stops());
    }

    @Test
    void whatWorkMakesOfTests() throws IOException {
        stands(works());
    }
}
