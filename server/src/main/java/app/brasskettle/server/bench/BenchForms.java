package app.brasskettle.server.bench;

import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.testkind.PlateBasis;
import app.brasskettle.core.testkind.RecordFacts;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.winding.WindingResult;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.jobs.TestBook;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Bench readings as typed, completed by what the nameplate says already, so that nothing is asked twice. */
final class BenchForms {

    private BenchForms() {}

    /** Completes the input of a test of {@code kind} at one speed of the motor. */
    static Map<String, Object> complete(
            TestKind kind, int speed, Map<String, Object> typed, JobRecord job, TestBook.Winding winding) {
        Map<String, Object> whole = new LinkedHashMap<>(typed);
        job.plate().ifPresent(plate -> PlateBasis.overlay(kind, speed, plate, whole));
        kind.complete(
                whole,
                new RecordFacts(
                        winding.state(),
                        winding.opened(),
                        winding.stood()
                                .filter(s -> s.state() == winding.state())
                                .isPresent(),
                        job.winding().map(WindingResult::currentDensityAPerMm2),
                        job.rules()));
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
