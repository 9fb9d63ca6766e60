package app.brasskettle.server.bench;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.testfile.TestFile;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.json.StrictJson;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.retries.Unkeyed;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Readings of a test as a file, those of earlier visits, and files read into the form of a test; nothing is recorded here. */
@RestController
@RequestMapping("/api/jobs/{tag}/tests/{kind}")
class TestFileController {

    private final JobBook book;
    private final TestBook tests;
    private final StrictJson json;

    TestFileController(JobBook book, TestBook tests, StrictJson json) {
        this.book = book;
        this.tests = tests;
        this.json = json;
    }

    /** The standing test's readings, whole as the instrument gave them. */
    @GetMapping("/readings.csv")
    ResponseEntity<byte[]> csv(
            @PathVariable String tag, @PathVariable String kind, @RequestParam(defaultValue = "1") int speed) {
        Record input = standing(tag, kind, speed);
        return file(tag, kind, "csv", new MediaType("text", "csv", StandardCharsets.UTF_8), TestFile.csv(kind, input));
    }

    /** The same as JSON: the worksheet's own input, in SI units. */
    @GetMapping("/readings.json")
    ResponseEntity<byte[]> readings(
            @PathVariable String tag, @PathVariable String kind, @RequestParam(defaultValue = "1") int speed) {
        Record input = standing(tag, kind, speed);
        return file(tag, kind, "json", MediaType.APPLICATION_JSON, json.text(Map.of("test", kind, "input", input)));
    }

    /** The same test at earlier visits of the motor, as it was judged then. */
    @GetMapping("/earlier")
    List<TestBook.EarlierJudged> earlier(
            @PathVariable String tag, @PathVariable String kind, @RequestParam(defaultValue = "1") int speed) {
        return tests.earlierJudged(tag, kind(kind), speed);
    }

    /** What a file of either kind says, as it would be typed; refused by line and column. */
    @Unkeyed("Looks ahead and keeps nothing")
    @PostMapping(value = "/file", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    Map<String, Object> read(@PathVariable String tag, @PathVariable String kind, InputStream body) throws IOException {
        book.mustExist(tag);
        TestKind test = kind(kind);
        byte[] bytes = body.readAllBytes();
        return isJson(bytes) ? JsonReadings.typed(json, test, bytes) : TestFile.typed(kind, test.inputType(), bytes);
    }

    private static boolean isJson(byte[] bytes) {
        for (byte b : bytes) {
            if (!Character.isWhitespace(b)) {
                return b == '{';
            }
        }
        return false;
    }

    private Record standing(String tag, String kind, int speed) {
        return tests.standingInput(tag, kind(kind), speed)
                .orElseThrow(() -> RefusedException.unknown("No " + kind + " stands on " + tag));
    }

    private static ResponseEntity<byte[]> file(String tag, String kind, String ending, MediaType type, String text) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(tag + "-" + kind + "." + ending)
                                .build()
                                .toString())
                .body(text.getBytes(StandardCharsets.UTF_8));
    }

    private static TestKind kind(String word) {
        return TestKinds.named(word)
                .filter(k -> k != WindingTests.TESTER_PROOF)
                .orElseThrow(() -> RefusedException.unknown("The bench has no test called " + word));
    }
}
