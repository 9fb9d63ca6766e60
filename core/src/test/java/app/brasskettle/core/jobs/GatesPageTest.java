package app.brasskettle.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.energise.GateRow;
import app.brasskettle.core.testkind.InstrumentKind;
import app.brasskettle.core.testkind.StopEffect.Hold;
import app.brasskettle.core.work.Fault;
import app.brasskettle.core.work.Remedy;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.worksheet.Coded;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** docs/gates.md shows the tables the gates are computed from, row for row; the schema of the job file names every kind of test. */
class GatesPageTest {

    private static final Path PAGE = Path.of("../docs/gates.md");
    private static final Path SCHEMA = Path.of("../docs/job-file.schema.json");

    private static String holds(Hold hold) {
        return switch (hold) {
            case NOTHING -> "–";
            case TEST_POWER_ONLY -> "leaves test power";
            case BLOCKED -> "blocks";
        };
    }

    private static String words(Collection<? extends Coded> words) {
        return words.isEmpty() ? "–" : words.stream().map(Coded::code).sorted().collect(Collectors.joining(", "));
    }

    private static String row(String... cells) {
        return "| " + String.join(" | ", cells) + " |";
    }

    private static List<String> rows() {
        return Arrays.stream(GateRow.values())
                .map(r -> row(
                        "`" + r.code() + "`",
                        holds(r.hold()),
                        r.waivable() ? "yes, missed by a little" : "no",
                        r.why(),
                        r.source(),
                        r.liftedBy()))
                .toList();
    }

    private static List<String> stops() {
        return TestKinds.all().stream()
                .map(k -> row(
                        "`" + k.code() + "`",
                        k.group().code(),
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
                .map(w -> row(w.label(), words(w.harms()), w.startsNewWinding() ? "yes" : "–", w.why(), w.source()))
                .toList();
    }

    /** The table under {@code heading} is that of the code; it is written anew where that is asked for. */
    private static void stands(String heading, List<String> rows) throws IOException {
        String page = Files.readString(PAGE);
        Matcher table = Pattern.compile("(?<=" + Pattern.quote(heading) + "\n\\|[-|]{1,99}\n)(\\|.*\n)+")
                .matcher(page);
        assertThat(table.find()).as(heading).isTrue();
        holds(PAGE, page, table.start(), table.end(), String.join("\n", rows) + "\n");
    }

    /** What stands in a file between two places; {@code scripts/describe-tests} writes it. */
    private static void holds(Path file, String whole, int from, int to, String wanted) throws IOException {
        if (Boolean.getBoolean("brasskettle.docs.write")) {
            Files.writeString(file, whole.substring(0, from) + wanted + whole.substring(to));
            return;
        }
        assertThat(whole.substring(from, to))
                .as(file + "; scripts/describe-tests writes it")
                .isEqualTo(wanted);
    }

    @Test
    void theRowsOfTheGate() throws IOException {
        stands("| reason | holds | waivable | why | source | lifted by |", rows());
    }

    @Test
    void whatTheStopOfEachTestDoes() throws IOException {
        stands("| test | group | its Stop | why | needs | read by |", stops());
    }

    @Test
    void whatWorkMakesOfTests() throws IOException {
        stands("| after it was | harms | a new winding | why | source |", works());
    }

    @Test
    void whatARepairMakesOfTests() throws IOException {
        stands("| a repair of | harms | names its place | shaft turned by hand after |", remedies());
    }

    @Test
    void whatEndsAStop() throws IOException {
        stands("| kind of Stop | a bare repeat | parts that fit | work that fits |", faults());
    }

    private static List<String> remedies() {
        return Arrays.stream(Remedy.values())
                .map(r -> row(r.code(), words(r.harms()), r.needsPlace() ? "yes" : "–", r.movesShaft() ? "yes" : "–"))
                .toList();
    }

    private static List<String> faults() {
        return Arrays.stream(Fault.values())
                .map(f -> row(f.code(), f.repeat().code(), words(f.remedies()), words(f.works())))
                .toList();
    }

    @Test
    void theJobFileNamesEveryKindOfTest() throws IOException {
        String schema = Files.readString(SCHEMA);
        Matcher list = Pattern.compile("(?<=\"kind\": \\{ \"enum\": \\[)\"tester-proof\"[^]]*")
                .matcher(schema);
        assertThat(list.find()).isTrue();
        holds(
                SCHEMA,
                schema,
                list.start(),
                list.end(),
                TestKinds.all().stream().map(k -> '"' + k.code() + '"').collect(Collectors.joining(", ")));
    }
}
