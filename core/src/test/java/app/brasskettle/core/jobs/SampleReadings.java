package app.brasskettle.core.jobs;

import app.brasskettle.core.instruments.Faults;
import app.brasskettle.core.instruments.SimulatedBench;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.insulation.TesterProof;
import app.brasskettle.core.insulation.WindingKind;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.testrecord.TestKind;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/** Sound readings of every kind of test, on the 15 kW motor of the plates or a single-phase one. */
final class SampleReadings {

    private static final SimulatedMotor MOTOR =
            new SimulatedMotor(SimulatedMotor.Rating.usual(400, 15_000, Connection.WYE), 22, Faults.of(), 11);
    private static final SimulatedMotor SINGLE =
            new SimulatedMotor(new SimulatedMotor.Rating(1, 230, 750, 50, 4, Connection.UNKNOWN), 22, Faults.of(), 2);

    private SampleReadings() {}

    static Record of(TestKind kind) {
        return switch (kind) {
            case TESTER_PROOF -> new TesterProof(20_000, true, 0);
            case LEAD_SETS ->
                typed(
                        kind,
                        Map.of(
                                "leads",
                                List.of("T1", "T2", "T3"),
                                "continuity",
                                List.of(List.of("T1", "T2"), List.of("T2", "T3"))));
            case WINDING_RESISTANCE -> MOTOR.resistanceTest(WindingKind.RANDOM_WOUND);
            case SINGLE_PHASE_WINDINGS -> SINGLE.starting().windings();
            case INSULATION_RESISTANCE -> new SimulatedBench(MOTOR).insulationTest();
            case CIRCUIT_INSULATION -> typed(kind, circuits());
            case PROTECTOR -> MOTOR.protector();
            case LOW_VOLTAGE_BALANCE -> MOTOR.balance(8).orElseThrow();
            case BEARING_INSULATION -> typed(kind, Map.of("testVoltageV", "500", "megohm", "40"));
            case STEP_VOLTAGE ->
                typed(
                        kind,
                        Map.of(
                                "steps",
                                List.of(
                                        Map.of("voltageV", "425", "microamp", "0.5"),
                                        Map.of("voltageV", "850", "microamp", "1"))));
            case WITHSTAND_RECORD -> typed(kind, withstand("reconditioned", "1.7 kV", false));
            case SURGE_COMPARISON -> MOTOR.surge(new SimulatedBench(MOTOR).surgeV(), false);
            case SURGE_RISE -> MOTOR.surgeRise(new SimulatedBench(MOTOR).surgeV(), 4, false);
            case STARTING_GEAR -> SINGLE.starting().gear();
            case START_LOG ->
                typed(
                        kind,
                        Map.of(
                                "ratedVoltageV",
                                "400",
                                "ratedCurrentA",
                                "29",
                                "ratedSpeedRpm",
                                "1460",
                                "attempts",
                                List.of(Map.of(
                                        "feed",
                                        "reduced-voltage",
                                        "voltageV",
                                        "200",
                                        "currentA",
                                        "80",
                                        "reachedRpm",
                                        "1440",
                                        "seconds",
                                        "3"))));
            case NO_LOAD_RUN ->
                typed(
                        kind,
                        Map.of(
                                "ratedCurrentA",
                                "29",
                                "ratedPowerW",
                                "15 kW",
                                "ratedVoltageV",
                                "400",
                                "poles",
                                "4",
                                "lineCurrentsA",
                                List.of(10, 10.1, 9.9),
                                "lineVoltagesV",
                                List.of(400, 400, 400)));
            case ROLLED_LEADS ->
                typed(kind, Map.of("currentsBeforeA", List.of(10, 10, 10), "currentsAfterA", List.of(10, 10, 10)));
            case RUN_WATCH ->
                typed(
                        kind,
                        Map.of(
                                "ambientTemperatureC",
                                "20 °C",
                                "readings",
                                List.of(watch("0", "20 °C"), watch("15", "35 °C"))));
            case VIBRATION ->
                typed(
                        kind,
                        Map.of(
                                "ratedPowerW",
                                "15 kW",
                                "mounting",
                                "rigid",
                                "readings",
                                List.of(Map.of(
                                        "place", "drive-end", "direction", "horizontal", "velocityMmPerS", "0.9"))));
            case ROTOR_PROOF ->
                typed(kind, Map.of("frequencyHz", "50", "poles", "4", "turnCurrentsA", Collections.nCopies(32, 5.0)));
            case SHAFT_VOLTAGE ->
                typed(
                        kind,
                        Map.of(
                                "supply",
                                "drive",
                                "bearing",
                                "rolling",
                                "bearingLoadN",
                                "1800",
                                "readings",
                                List.of(Map.of(
                                        "remedy",
                                        "none",
                                        "place",
                                        "drive-end",
                                        "touch",
                                        "brush",
                                        "shaftMillivolt",
                                        "40",
                                        "bearingPeakA",
                                        "0.1"))));
            case HEAT_RUN ->
                typed(
                        kind,
                        Map.of(
                                "rise",
                                Map.of(
                                        "coldOhm",
                                        "0.812",
                                        "coldTemperatureC",
                                        "21 °C",
                                        "hotOhm",
                                        "0.95",
                                        "ambientTemperatureC",
                                        "24 °C",
                                        "conductor",
                                        "copper",
                                        "insulationClass",
                                        "F",
                                        "serviceFactor",
                                        "1"),
                                "loadPercent",
                                "100",
                                "lastHourK",
                                "1"));
            case CORE_LOOP_RESULT ->
                typed(
                        kind,
                        Map.of(
                                "coreMassKg",
                                "92 kg",
                                "measuredW",
                                "400",
                                "beforeBurnoutW",
                                "395",
                                "hottestC",
                                "42 °C",
                                "meanCoreC",
                                "41 °C",
                                "fluxDensityT",
                                "1.32 T"));
            case BEARING_SEATS ->
                typed(
                        kind,
                        Map.of(
                                "seats",
                                List.of(Map.of(
                                        "place",
                                        "drive-end",
                                        "seat",
                                        "shaft",
                                        "designation",
                                        "6309",
                                        "planesMm",
                                        List.of(List.of("45.008mm", "45.009mm"))))));
            case AIR_GAP -> typed(kind, Map.of("gapsMm", Collections.nCopies(8, "0.5mm")));
            case BRACKET_REGISTERS ->
                typed(
                        kind,
                        Map.of(
                                "registers",
                                List.of(Map.of(
                                        "place",
                                        "drive-end",
                                        "bracketMm",
                                        List.of("249.99mm", "249.99mm"),
                                        "frameMm",
                                        List.of("250.01mm", "250.01mm")))));
            case SHAFT_RUNOUT ->
                typed(
                        kind,
                        Map.of(
                                "extensionMm",
                                "42mm",
                                "dialReadingsMm",
                                List.of("0.00mm", "0.01mm", "0.01mm", "0.00mm")));
            case KEY_SEAT ->
                typed(
                        kind,
                        Map.of(
                                "extensionMm",
                                "42mm",
                                "seatWidthsMm",
                                List.of("11.97mm", "11.97mm"),
                                "keyWidthsMm",
                                List.of("11.97mm", "11.97mm")));
            case POLE_CHECK -> typed(kind, Map.of("poles", "4", "felt", List.of("pulls", "pulls", "pulls", "pulls")));
            case ROTOR_BALANCE ->
                typed(
                        kind,
                        Map.of(
                                "rotorMassKg",
                                "84",
                                "serviceSpeedRpm",
                                "1500",
                                "residualGmmDriveEnd",
                                "100",
                                "residualGmmOtherEnd",
                                "100"));
        };
    }

    /** The voltage a sound test is taken at, where its readings do not hold it. */
    static Optional<Double> volts(TestKind kind) {
        return !kind.notesVoltage()
                ? Optional.empty()
                : Optional.of(kind == TestKind.SURGE_COMPARISON ? 10_000.0 : 500.0);
    }

    static Map<String, Object> withstand(String state, String volts, boolean broke) {
        return Map.of(
                "ratedVoltageV",
                "400",
                "state",
                state,
                "school",
                "standard",
                "repeat",
                false,
                "supply",
                "direct",
                "appliedVoltageV",
                volts,
                "heldSeconds",
                "60",
                "brokeDown",
                broke);
    }

    private static Map<String, Object> circuits() {
        return Map.of(
                "ratedVoltageV", "400",
                "windingKind", "random-wound",
                "insulationSystem", "thermosetting",
                "madeBefore1970", false,
                "insulationClass", "F",
                "windingTemperatureC", "21 °C",
                "circuits",
                        IntStream.rangeClosed(1, 3)
                                .mapToObj(n -> Map.of("circuit", "c" + n, "seconds", "60", "megohm", "900"))
                                .toList());
    }

    private static Map<String, Object> watch(String minute, String bearing) {
        return Map.of(
                "minute", minute, "currentA", "10", "driveEndTemperatureC", bearing, "otherEndTemperatureC", bearing);
    }

    static Record typed(TestKind kind, Map<String, Object> typed) {
        return TypedInput.read(kind.inputType(), typed).input();
    }
}
