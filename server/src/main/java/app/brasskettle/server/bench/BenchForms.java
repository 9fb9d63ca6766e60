package app.brasskettle.server.bench;

import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.resistance.Pair;
import app.brasskettle.core.rules.Question;
import app.brasskettle.core.rules.School;
import app.brasskettle.core.run.NoLoadRun;
import app.brasskettle.core.testrecord.PlateBasis;
import app.brasskettle.core.testrecord.TestKind;
import app.brasskettle.core.winding.WindingResult;
import app.brasskettle.core.withstand.WithstandTest;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Word;
import app.brasskettle.server.jobs.TestBook;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Bench readings as typed, completed by what the nameplate says already, so that nothing is asked twice. */
final class BenchForms {

    private BenchForms() {}

    /** The whole input of a test of {@code kind} at one speed of the motor. */
    static Map<String, Object> complete(
            TestKind kind, int speed, Map<String, Object> typed, JobRecord job, TestBook.Winding winding) {
        Map<String, Object> whole = new LinkedHashMap<>(typed);
        job.plate().ifPresent(plate -> PlateBasis.overlay(kind, speed, plate, whole));
        switch (kind) {
            case WINDING_RESISTANCE -> openPairs(whole);
            case NO_LOAD_RUN -> deadLines(whole);
            case WITHSTAND_RECORD -> withstand(whole, job, winding);
            case VIBRATION -> whole.put("repairedHere", winding.opened());
            case START_LOG ->
                job.winding()
                        .map(WindingResult::currentDensityAPerMm2)
                        .ifPresent(j -> whole.put("currentDensityAPerMm2", j));
            default -> {}
        }
        return whole;
    }

    /** How new the winding is comes from the record and is not chosen; what counts as the same winding ends with work on it. */
    private static void withstand(Map<String, Object> whole, JobRecord job, TestBook.Winding winding) {
        Object told = whole.get("state");
        if (told != null && !told.equals(winding.state().word())) {
            throw new InvalidInputException(List.of(new Problem(
                    "state",
                    Problem.Code.CONTRADICTION,
                    "state is " + told + "; by the work on record the winding is "
                            + winding.state().word())));
        }
        whole.put("state", winding.state().word());
        whole.put(
                "repeat",
                winding.stood().filter(s -> s.state() == winding.state()).isPresent());
        whole.put("school", school(job).word());
    }

    private static WithstandTest.School school(JobRecord job) {
        return job.rules().school(Question.SURGE_LEVEL) == School.STANDARD
                ? WithstandTest.School.STANDARD
                : WithstandTest.School.WORKSHOP;
    }

    /** A line that reads nothing is named as dead, so that it is a finding and no slip. */
    private static void deadLines(Map<String, Object> whole) {
        if (!(whole.get("lineCurrentsA") instanceof List<?> currents)) {
            return;
        }
        List<String> dead = new ArrayList<>();
        for (NoLoadRun.Line line : NoLoadRun.Line.values()) {
            if (line.ordinal() < currents.size() && nothing(currents.get(line.ordinal()))) {
                dead.add(line.word());
            }
        }
        if (!dead.isEmpty()) {
            whole.put("deadLines", dead);
        }
    }

    private static boolean nothing(Object typed) {
        return typed != null && typed.toString().strip().matches("0+([.,]0*)?\\s*(A|mA)?");
    }

    /** A pair typed as "open" is named as open and has no figure. */
    private static void openPairs(Map<String, Object> whole) {
        if (!(whole.get("terminalOhms") instanceof Map<?, ?> ohms)) {
            return;
        }
        Map<String, Object> figures = new LinkedHashMap<>();
        List<String> open = new ArrayList<>();
        ohms.forEach((pair, value) -> {
            if (value instanceof String text && text.strip().equalsIgnoreCase("open")) {
                open.add(pair.toString());
            } else {
                figures.put(pair.toString(), value);
            }
        });
        whole.put("terminalOhms", figures);
        if (!open.isEmpty()) {
            whole.put("openPairs", open.stream().filter(p -> isPair(p)).toList());
        }
    }

    private static boolean isPair(String word) {
        return Word.parse(Pair.class, word).isPresent();
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
