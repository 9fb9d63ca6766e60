package app.brasskettle.core.testfile;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.insulation.InsulationReadings;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.withstand.StepVoltageReadings;
import app.brasskettle.core.worksheet.Problem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The files that people are given to look at are read, and those that are given as wrong are refused where they say. */
class SampleFilesTest {

    private static final Path FOLDER = Path.of("../docs/test-files");

    static Stream<Path> samples() throws IOException {
        return Files.list(FOLDER).filter(p -> p.toString().endsWith(".csv")).sorted();
    }

    @ParameterizedTest
    @MethodSource("samples")
    void everySampleIsRead(Path file) throws IOException {
        byte[] bytes = Files.readAllBytes(file);
        String kind = FileText.of(bytes).lines().findFirst().orElseThrow().split("[,;]")[1];
        Map<String, Object> typed = TestFile.typed(kind, type(kind), bytes);
        assertThat(typed).isNotEmpty();
    }

    private static Class<? extends Record> type(String kind) {
        return switch (kind) {
            case "insulation-resistance" -> InsulationReadings.class;
            case "surge-comparison" -> SurgeSet.class;
            default -> TestKinds.named(kind).orElseThrow().inputType();
        };
    }

    @ParameterizedTest
    @CsvSource({
        "unknown-column.csv, 'Line 2, column 2: '",
        "unknown-unit.csv, 'Line 3, column 2: '",
        "no-figure.csv, 'Line 4, column 2: '",
        "falling-voltage.csv, 'Line '"
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
