package app.brasskettle.server.bench;

import app.brasskettle.core.insulation.InsulationSystem;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateReading;
import app.brasskettle.core.nameplate.RatingBlock;
import app.brasskettle.core.resistance.Conductor;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.resistance.Pair;
import app.brasskettle.core.rules.Question;
import app.brasskettle.core.rules.School;
import app.brasskettle.core.winding.WindingResult;
import app.brasskettle.core.withstand.WithstandRecord;
import app.brasskettle.core.withstand.WithstandTest;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Word;
import app.brasskettle.server.jobs.TestKind;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Bench readings as typed, completed by what the nameplate says already, so that nothing is asked twice. */
final class BenchForms {

    private BenchForms() {}

    /** The whole input of a test of {@code kind} at one speed of the motor. */
    static Map<String, Object> complete(
            TestKind kind, int speed, Map<String, Object> typed, JobRecord job, Optional<WithstandRecord> stood) {
        Map<String, Object> whole = new LinkedHashMap<>(typed);
        job.plate().ifPresent(plate -> fromPlate(kind, speed, plate, whole));
        if (kind == TestKind.WITHSTAND_RECORD) {
            // What counts as the same winding ends when somebody opens or rewinds it.
            whole.put(
                    "repeat",
                    stood.filter(s -> s.state().word().equals(typed.get("state")))
                            .isPresent());
            whole.put("school", school(job).word());
        }
        if (kind == TestKind.START_LOG) {
            job.winding()
                    .map(WindingResult::currentDensityAPerMm2)
                    .ifPresent(j -> whole.put("currentDensityAPerMm2", j));
        }
        return whole;
    }

    private static WithstandTest.School school(JobRecord job) {
        return job.rules().school(Question.SURGE_LEVEL) == School.STANDARD
                ? WithstandTest.School.STANDARD
                : WithstandTest.School.WORKSHOP;
    }

    private static void fromPlate(TestKind kind, int speed, Plate plate, Map<String, Object> whole) {
        Optional<RatingBlock> second = plate.secondSpeed().filter(b -> speed == 2);
        Connection connection = second.map(RatingBlock::connection).orElse(plate.connection());
        switch (kind) {
            case INSULATION_RESISTANCE, CIRCUIT_INSULATION -> {
                plate.ratedVoltageV().ifPresent(v -> whole.put("ratedVoltageV", v));
                whole.put("windingKind", plate.windingKind().word());
                whole.put("insulationClass", plate.insulationClass().word());
                whole.put("madeBefore1970", plate.madeBefore1970());
                whole.putIfAbsent("insulationSystem", InsulationSystem.THERMOSETTING.word());
            }
            case WINDING_RESISTANCE -> {
                whole.put("connection", connection.word());
                whole.put("windingKind", plate.windingKind().word());
                whole.putIfAbsent("conductor", Conductor.COPPER.word());
                openPairs(whole);
            }
            case SURGE_COMPARISON -> whole.put("connection", connection.word());
            case WITHSTAND_RECORD -> plate.ratedVoltageV().ifPresent(v -> whole.put("ratedVoltageV", v));
            case VIBRATION -> plate.ratedPowerW().ifPresent(v -> whole.put("ratedPowerW", v));
            case NO_LOAD_RUN -> {
                rating(plate, second, whole, true);
                poles(plate, second).ifPresent(p -> whole.put("poles", p));
            }
            case START_LOG -> {
                rating(plate, second, whole, false);
                second.map(RatingBlock::ratedSpeedRpm)
                        .or(plate::ratedSpeedRpm)
                        .ifPresent(n -> whole.put("ratedSpeedRpm", n));
            }
            case POLE_CHECK -> poles(plate, second).ifPresent(p -> whole.put("poles", p));
            case ROTOR_PROOF -> {
                whole.put("frequencyHz", plate.frequencyHz());
                poles(plate, second).ifPresent(p -> whole.put("poles", p));
            }
            default -> {}
        }
    }

    private static void rating(
            Plate plate, Optional<RatingBlock> second, Map<String, Object> whole, boolean withPower) {
        second.map(RatingBlock::ratedCurrentA).or(plate::ratedCurrentA).ifPresent(v -> whole.put("ratedCurrentA", v));
        second.map(RatingBlock::ratedVoltageV).or(plate::ratedVoltageV).ifPresent(v -> whole.put("ratedVoltageV", v));
        if (withPower) {
            second.map(RatingBlock::ratedPowerW).or(plate::ratedPowerW).ifPresent(v -> whole.put("ratedPowerW", v));
        }
    }

    /** Poles of the speed at hand. */
    static Optional<Integer> poles(Plate plate, Optional<RatingBlock> second) {
        return second.map(RatingBlock::poles).or(() -> PlateReading.of(plate).poles());
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

    /** Whether {@code plate} says what a test of {@code kind} is set and judged by. */
    static boolean tells(Optional<Plate> plate, TestKind kind) {
        return switch (kind) {
            case NO_LOAD_RUN -> plate.flatMap(Plate::rating).isPresent();
            case START_LOG ->
                plate.filter(p -> p.ratedVoltageV().isPresent()
                                && p.ratedCurrentA().isPresent()
                                && p.ratedSpeedRpm().isPresent())
                        .isPresent();
            case WINDING_RESISTANCE, ROTOR_PROOF -> plate.isPresent();
            case INSULATION_RESISTANCE, CIRCUIT_INSULATION, SURGE_COMPARISON, WITHSTAND_RECORD ->
                plate.flatMap(Plate::ratedVoltageV).isPresent();
            case VIBRATION -> plate.flatMap(Plate::ratedPowerW).isPresent();
            default -> true;
        };
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
