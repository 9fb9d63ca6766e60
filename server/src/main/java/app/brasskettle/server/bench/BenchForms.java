package app.brasskettle.server.bench;

import app.brasskettle.core.testkind.PlateBasis;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.jobrecord.RecordedJob;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Bench readings as typed, completed by what the nameplate says already, so that nothing is asked twice. */
final class BenchForms {

    private BenchForms() {}

    /** Completes the input of a test of {@code kind} at one speed of the motor. */
    static Map<String, Object> complete(TestKind kind, int speed, Map<String, Object> typed, RecordedJob job) {
        Map<String, Object> whole = new LinkedHashMap<>(typed);
        job.record().plate().ifPresent(plate -> PlateBasis.overlay(kind, speed, plate, whole));
        kind.complete(whole, TestBook.facts(job));
        return whole;
    }

    static InvalidInputException noPlate() {
        return new InvalidInputException(
                List.of(
                        new Problem(
                                "",
                                Problem.Code.MISSING,
                                "Read the nameplate first, or estimate it: the limits depend on voltage, winding and insulation class")));
    }
}
