package app.brasskettle.server.worksheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.worksheet.Worksheet;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class WorksheetCallTest {

    private static final String PLATE = "{\"phases\":3,\"frequencyHz\":50,\"ratedPowerW\":30000,\"ratedVoltageV\":400,"
            + "\"ratedCurrentA\":56,\"ratedSpeedRpm\":1465%s}";

    private Visitor visitor;

    @BeforeEach
    void signIn(Visitor visitor) {
        this.visitor = visitor.as("tech");
    }

    private Visitor.Answer nameplate(String body) {
        return visitor.raw("POST", "/api/worksheets/nameplate", body);
    }

    @Test
    void answersUnroundedAndSaysWhy() {
        JsonNode answer = nameplate(PLATE.formatted("")).with(200).json();
        assertThat(answer.get("poles").asInt()).isEqualTo(4);
        assertThat(answer.get("slipPercent").asDouble()).isCloseTo(100 * 35.0 / 1500, within(1e-12));
        assertThat(answer.get("lockedRotorCurrentLowA").isNull()).isTrue();
        assertThat(answer.at("/judgement/verdict").asString()).isEqualTo("holds");
        assertThat(answer.get("steps").size()).isGreaterThan(2);
    }

    @Test
    void fourPointZeroIsAWholeNumberAndNullIsAbsent() {
        nameplate(PLATE.formatted(",\"codeLetter\":null").replace(":3,", ":3.0,"))
                .with(200);
    }

    /** Whoever opens a worksheet sees it filled in and computed. */
    @ParameterizedTest
    @MethodSource("worksheets")
    void everyWorksheetHasAnExampleThatItComputes(String name) {
        JsonNode example =
                visitor.get("/api/worksheets/" + name + "/example").with(200).json();
        assertThat(example).isNotEmpty();
        JsonNode answer = visitor.post("/api/worksheets/" + name + "/typed", example)
                .with(200)
                .json();
        assertThat(answer.get("problems")).isEmpty();
        assertThat(answer.get("output").isNull()).isFalse();
    }

    static Stream<String> worksheets() {
        return WorksheetCatalogue.all().stream().map(Worksheet::name);
    }

    /** What is asked, answered and pre-filled are fields of the readings; nothing else reaches a form. */
    @Test
    void whatADefinitionAnswersAndFillsInAreFieldsOfItsReadings() {
        for (TestKind kind : TestKinds.all()) {
            List<String> fields = Arrays.stream(kind.inputType().getRecordComponents())
                    .map(RecordComponent::getName)
                    .toList();
            assertThat(fields)
                    .as(kind.code())
                    .containsAll(kind.answeredFields())
                    .containsAll(kind.blank().keySet());
            assertThat(kind.caution()).as(kind.code()).isNotBlank();
            assertThat(TestKinds.named(kind.code())).contains(kind);
            assertThat(TestKinds.atStep(kind.step(1))).contains(kind);
        }
    }

    /** Everything that is no usable input is refused with its place and kind, and nothing repaired. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "|                                            '' | syntax",
                "{                                            | '' | syntax",
                "[]                                           | '' | type",
                "null                                         | '' | type",
                "{\"phases\":NaN}                             | '' | syntax",
                "{\"phases\":Infinity}                        | '' | syntax",
                "{\"phases\":3,\"phases\":3}                  | '' | syntax",
                "{} trailing                                  | '' | syntax"
            })
    void refusesWhatIsNoSingleObject(String body, String field, String code) {
        JsonNode problem = nameplate(body == null ? "" : body).with(400).json().at("/problems/0");
        assertThat(problem.get("field").asString()).isEqualTo(field == null ? "" : field);
        assertThat(problem.get("code").asString()).isEqualTo(code == null ? "syntax" : code);
    }

    @ParameterizedTest
    @CsvSource({
        "'\"ratedPowerW\":30000', '\"ratedPowerW\":-1', ratedPowerW, range",
        "'\"ratedPowerW\":30000', '\"ratedPowerW\":\"30 kW\"', ratedPowerW, type",
        "'\"ratedPowerW\":30000', '\"ratedPowerW\":1e400', ratedPowerW, range",
        "'\"ratedPowerW\":30000', '\"ratedPowerW\":1e-400', ratedPowerW, range",
        "'\"ratedPowerW\":30000,', '', ratedPowerW, missing",
        "'\"ratedPowerW\":30000', '\"ratedPowerW\":null', ratedPowerW, missing",
        "'\"phases\":3', '\"phases\":3.5', phases, type",
        "'\"phases\":3', '\"phases\":2', phases, range",
        "'\"phases\":3', '\"phases\":3,\"colour\":1', colour, unknown",
        "'\"phases\":3', '\"phases\":3,\"codeLetter\":\"I\"', codeLetter, word",
        "1465, 3000.5, ratedSpeedRpm, contradiction"
    })
    void namesFieldAndKindOfFault(String from, String to, String field, String code) {
        Visitor.Answer answer = nameplate(PLATE.formatted("").replace(from, to)).with(400);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.problemFields()).containsExactly(field);
        assertThat(answer.json().at("/problems/0/code").asString()).isEqualTo(code);
        assertThat(answer.json().at("/problems/0/message").asString()).contains(field);
    }

    @Test
    void namesAllProblemsAtOnce() {
        assertThat(nameplate("{\"phases\":9,\"ratedPowerW\":-1,\"x\":1}")
                        .with(400)
                        .problemFields())
                .contains(
                        "phases", "ratedPowerW", "x", "frequencyHz", "ratedVoltageV", "ratedCurrentA", "ratedSpeedRpm");
    }

    @Test
    void anUnknownSheetIsNotFound() {
        visitor.raw("POST", "/api/worksheets/astrology", "{}").with(404);
    }

    @Test
    void aBodyOverFourMegabytesIsTooLarge() {
        Visitor.Answer answer =
                nameplate("{\"x\":\"" + "a".repeat(5 << 20) + "\"}").with(413);
        assertThat(answer.type()).startsWith("application/problem+json");
    }

    @Test
    void oneHundredThousandSamplesFit() {
        StringBuilder trace = new StringBuilder("[");
        for (int i = 0; i < 100_000; i++) {
            trace.append(i == 0 ? "" : ",").append(Math.round(1000 * Math.cos(i / 500.0)));
        }
        String body = "{\"sampleIntervalS\":1e-7,\"traceA\":" + trace + "],\"traceB\":" + trace
                + "],\"kind\":\"phase-to-phase\",\"rotorFitted\":true}";
        JsonNode answer = visitor.raw("POST", "/api/worksheets/surge-comparison", body)
                .with(200)
                .json();
        assertThat(answer.get("differencePercent").asDouble()).isZero();
        assertThat(answer.get("verdict").asString()).isEqualTo("holds");
        String longer = body.replace("\"traceA\":[", "\"traceA\":[0,");
        assertThat(visitor.raw("POST", "/api/worksheets/surge-comparison", longer)
                        .with(400)
                        .problemFields())
                .contains("traceA");
    }

    @Test
    void rankingSpeaksOfForAndAgainst() {
        JsonNode answer = visitor.raw(
                        "POST",
                        "/api/worksheets/failure-pattern",
                        "{\"connection\":\"wye\",\"poles\":4,\"groups\":[],\"spots\":[],\"evidence\":[\"noisy\",\"bearing-rough\"]}")
                .with(200)
                .json();
        JsonNode first = answer.at("/ranking/0");
        assertThat(first.get("for").get(0).get("decibans").asDouble()).isPositive();
        assertThat(first.has("against")).isTrue();
        assertThat(answer.get("nextLooks").isArray()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"tech", "lead", "office", "admin"})
    void needsNoRole(String username) {
        visitor.stranger()
                .as(username)
                .raw("POST", "/api/worksheets/nameplate", PLATE.formatted(""))
                .with(200);
    }

    @Test
    void theTypedCallReadsUnitsAndKeepsSilentAboutNothing() {
        JsonNode answer = visitor.post(
                        "/api/worksheets/nameplate/typed",
                        Map.of(
                                "phases", "3",
                                "frequencyHz", "60",
                                "ratedPowerW", "50 hp",
                                "ratedVoltageV", "460",
                                "ratedCurrentA", "61",
                                "ratedSpeedRpm", "1775"))
                .with(200)
                .json();
        assertThat(answer.at("/shown/ratedPowerW").asString()).contains("37.28 kW");
        assertThat(answer.at("/output/poles").asInt()).isEqualTo(4);
        JsonNode wrong = visitor.post("/api/worksheets/nameplate/typed", Map.of("ratedPowerW", "50 horses"))
                .with(200)
                .json();
        assertThat(wrong.get("output").isNull()).isTrue();
        assertThat(wrong.get("problems").size()).isEqualTo(6);
    }

    @Test
    void formsDescribeEverySheet() {
        JsonNode forms = visitor.get("/api/worksheets").with(200).json();
        assertThat(forms.size()).isEqualTo(WorksheetCatalogue.all().size());
        assertThat(forms.toString()).contains("\"kind\":\"rows\"", "\"unit\":\"kW\"");
    }
}
