package app.brasskettle.core.testfile;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.withstand.StepVoltageReadings;
import app.brasskettle.core.worksheet.Problem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The files that people are given to look at are read, and those that are given as wrong are refused where they say. */
class SampleFilesTest {

    private static final Set<String> OF_THE_JOB = Set.of(
            "ratedVoltageV",
            "school",
            "repeat",
            "windingKind",
            "insulationSystem",
            "madeBefore1970",
            "insulationClass");
    private static final Path FOLDER = Path.of("../docs/test-files");

    static Stream<Path> samples() throws IOException {
        return Files.list(FOLDER).filter(p -> p.toString().endsWith(".csv")).sorted();
    }

    @ParameterizedTest
    @MethodSource("samples")
    void everySampleIsReadAndCanBeJudged(Path file) throws IOException {
        byte[] bytes = Files.readAllBytes(file);
        TestKind kind = TestKinds.named(
                        FileText.of(bytes).lines().findFirst().orElseThrow().split("[,;]")[1])
                .orElseThrow();
        Map<String, Object> typed = TestFile.typed(kind.code(), kind.inputType(), bytes);
        TypedInput.Attempt<? extends Record> read = TypedInput.attempt(kind.inputType(), typed);
        assertThat(read.problems())
                .as("what a job’s plate and the shop’s rules tell, and nothing else, may be missing")
                .allMatch(p -> p.code() == Problem.Code.MISSING && OF_THE_JOB.contains(p.field()));
        if (read.input().isEmpty()) {
            return;
        }
        Record input = read.input().orElseThrow();
        assertThat(kind.judge(input, ShopRules.standard()).own().headline()).isNotBlank();
        byte[] written = TestFile.csv(kind.code(), input).getBytes(UTF_8);
        assertThat(TypedInput.read(kind.inputType(), TestFile.typed(kind.code(), kind.inputType(), written))
                        .input())
                .isEqualTo(input);
    }

    @ParameterizedTest
    @CsvSource({
        "unknown-column.csv, 'Line 2, column 2: '",
        "unknown-unit.csv, 'Line 3, column 2: '",
        "no-figure.csv, 'Line 4, column 2: '",
        "falling-voltage.csv, 'Line 4'"
    })
    void everyWrongSampleIsRefusedWhereItIsWrong(String file, String place) throws IOException {
        byte[] bytes = Files.readAllBytes(FOLDER.resolve("wrong").resolve(file));
        assertThat(Refusals.of(() -> TestFile.typed("step-voltage", StepVoltageReadings.class, bytes)))
                .extracting(Problem::message)
                .first()
                .asString()
                .startsWith(place);
    }
}
