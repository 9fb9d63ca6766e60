package app.brasskettle.server.bench;

import app.brasskettle.core.insulation.InsulationSystem;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateReading;
import app.brasskettle.core.resistance.Conductor;
import app.brasskettle.core.resistance.Pair;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.jobs.TestKind;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Bench readings as typed, completed by what the nameplate says already, so that nothing is asked twice. */
final class BenchForms {

    private BenchForms() {}

    /** The whole input of a test of {@code kind}. */
    static Map<String, Object> complete(TestKind kind, Map<String, Object> typed, Plate plate) {
        Map<String, Object> whole = new LinkedHashMap<>(typed);
        switch (kind) {
            case INSULATION_RESISTANCE -> {
                plate.ratedVoltageV().ifPresent(v -> whole.put("ratedVoltageV", v));
                whole.put("windingKind", plate.windingKind().word());
                whole.put("insulationClass", plate.insulationClass().word());
                whole.put("madeBefore1970", plate.madeBefore1970());
                whole.putIfAbsent("insulationSystem", InsulationSystem.THERMOSETTING.word());
            }
            case WINDING_RESISTANCE -> {
                whole.put("connection", plate.connection().word());
                whole.put("windingKind", plate.windingKind().word());
                whole.putIfAbsent("conductor", Conductor.COPPER.word());
                openPairs(whole);
            }
            case SURGE_COMPARISON -> whole.put("connection", plate.connection().word());
            case NO_LOAD_RUN -> {
                plate.ratedCurrentA().ifPresent(v -> whole.put("ratedCurrentA", v));
                plate.ratedPowerW().ifPresent(v -> whole.put("ratedPowerW", v));
                plate.ratedVoltageV().ifPresent(v -> whole.put("ratedVoltageV", v));
                PlateReading.of(plate).poles().ifPresent(p -> whole.put("poles", p));
            }
            case TESTER_PROOF, LOW_VOLTAGE_BALANCE, STEP_VOLTAGE, CORE_LOOP_RESULT -> {}
        }
        return whole;
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
        return app.brasskettle.core.worksheet.Word.parse(Pair.class, word).isPresent();
    }

    /** Whether {@code plate} says what a test of {@code kind} is set and judged by. */
    static boolean tells(Optional<Plate> plate, TestKind kind) {
        return switch (kind) {
            case TESTER_PROOF, LOW_VOLTAGE_BALANCE, STEP_VOLTAGE, CORE_LOOP_RESULT -> true;
            case NO_LOAD_RUN -> plate.flatMap(Plate::rating).isPresent();
            case WINDING_RESISTANCE -> plate.isPresent();
            case INSULATION_RESISTANCE, SURGE_COMPARISON ->
                plate.flatMap(Plate::ratedVoltageV).isPresent();
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
