package app.brasskettle.core.jobs;

import app.brasskettle.core.catalogue.OpenMotorTests;
import app.brasskettle.core.catalogue.RunningTests;
import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.instruments.Faults;
import app.brasskettle.core.instruments.SimulatedBench;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.insulation.TesterProof;
import app.brasskettle.core.insulation.WindingKind;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.testkind.TestKind;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Sound readings of every kind of test, on the 15 kW motor of the plates or a single-phase one. */
final class SampleReadings {

    private static final SimulatedMotor MOTOR =
            new SimulatedMotor(SimulatedMotor.Rating.usual(400, 15_000, Connection.WYE), 22, Faults.of(), 11);
    private static final SimulatedMotor SINGLE =
            new SimulatedMotor(new SimulatedMotor.Rating(1, 230, 750, 50, 4, Connection.UNKNOWN), 22, Faults.of(), 2);

    private static final Map<TestKind, Function<TestKind, Record>> READINGS = Map.ofEntries(
            Map.entry(WindingTests.TESTER_PROOF, kind -> new TesterProof(20_000, true, 0)),
            Map.entry(WindingTests.WINDING_RESISTANCE, kind -> MOTOR.resistanceTest(WindingKind.RANDOM_WOUND)),
            Map.entry(
                    WindingTests.SINGLE_PHASE_WINDINGS,
                    kind -> SINGLE.starting().windings()),
            Map.entry(WindingTests.INSULATION_RESISTANCE, kind -> new SimulatedBench(MOTOR).insulationTest()),
            Map.entry(WindingTests.CIRCUIT_INSULATION, kind -> typed(kind, circuits())),
            Map.entry(WindingTests.PROTECTOR, kind -> MOTOR.protector()),
            Map.entry(WindingTests.LOW_VOLTAGE_BALANCE, kind -> MOTOR.balance(8).orElseThrow()),
            Map.entry(
                    RunningTests.BEARING_INSULATION,
                    kind -> typed(kind, Map.of("testVoltageV", "500", "megohm", "40"))),
            Map.entry(
                    WindingTests.STEP_VOLTAGE,
                    kind -> typed(
                            kind,
                            Map.of(
                                    "steps",
                                    List.of(
                                            Map.of("voltageV", "425", "microamp", "0.5"),
                                            Map.of("voltageV", "850", "microamp", "1"))))),
            Map.entry(WindingTests.WITHSTAND_RECORD, kind -> typed(kind, withstand("reconditioned", "1.7 kV", false))),
            Map.entry(WindingTests.SURGE_COMPARISON, kind -> MOTOR.surge(new SimulatedBench(MOTOR).surgeV(), false)),
            Map.entry(WindingTests.SURGE_RISE, kind -> MOTOR.surgeRise(new SimulatedBench(MOTOR).surgeV(), 4, false)),
            Map.entry(RunningTests.STARTING_GEAR, kind -> SINGLE.starting().gear()),
            Map.entry(
                    RunningTests.NO_LOAD_RUN,
                    kind -> typed(
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
                                    List.of(400, 400, 400)))),
            Map.entry(
                    RunningTests.ROLLED_LEADS,
                    kind -> typed(
                            kind,
                            Map.of("currentsBeforeA", List.of(10, 10, 10), "currentsAfterA", List.of(10, 10, 10)))),
            Map.entry(
                    RunningTests.RUN_WATCH,
                    kind -> typed(
                            kind,
                            Map.of(
                                    "ambientTemperatureC",
                                    "20 °C",
                                    "readings",
                                    List.of(watch("0", "20 °C"), watch("15", "35 °C"))))),
            Map.entry(
                    RunningTests.VIBRATION,
                    kind -> typed(
                            kind,
                            Map.of(
                                    "ratedPowerW",
                                    "15 kW",
                                    "mounting",
                                    "rigid",
                                    "readings",
                                    List.of(Map.of(
                                            "place",
                                            "drive-end",
                                            "direction",
                                            "horizontal",
                                            "velocityMmPerS",
                                            "0.9"))))),
            Map.entry(
                    RunningTests.ROTOR_PROOF,
                    kind -> typed(
                            kind,
                            Map.of("frequencyHz", "50", "poles", "4", "turnCurrentsA", Collections.nCopies(32, 5.0)))),
            Map.entry(
                    RunningTests.SHAFT_VOLTAGE,
                    kind -> typed(
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
                                            "0.1"))))),
            Map.entry(
                    RunningTests.HEAT_RUN,
                    kind -> typed(
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
                                    "1"))),
            Map.entry(
                    OpenMotorTests.CORE_LOOP_RESULT,
                    kind -> typed(
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
                                    "1.32 T"))),
            Map.entry(
                    OpenMotorTests.BEARING_SEATS,
                    kind -> typed(
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
                                            List.of(List.of("45.008mm", "45.009mm"))))))),
            Map.entry(OpenMotorTests.AIR_GAP, kind -> typed(kind, Map.of("gapsMm", Collections.nCopies(8, "0.5mm")))),
            Map.entry(
                    OpenMotorTests.BRACKET_REGISTERS,
                    kind -> typed(
                            kind,
                            Map.of(
                                    "registers",
                                    List.of(Map.of(
                                            "place",
                                            "drive-end",
                                            "bracketMm",
                                            List.of("249.99mm", "249.99mm"),
                                            "frameMm",
                                            List.of("250.01mm", "250.01mm")))))),
            Map.entry(
                    OpenMotorTests.KEY_SEAT,
                    kind -> typed(
                            kind,
                            Map.of(
                                    "extensionMm",
                                    "42mm",
                                    "seatWidthsMm",
                                    List.of("11.97mm", "11.97mm"),
                                    "keyWidthsMm",
                                    List.of("11.97mm", "11.97mm")))),
            Map.entry(
                    OpenMotorTests.POLE_CHECK,
                    kind -> typed(kind, Map.of("poles", "4", "felt", List.of("pulls", "pulls", "pulls", "pulls")))),
            Map.entry(
                    OpenMotorTests.ROTOR_BALANCE,
                    kind -> typed(
                            kind,
                            Map.of(
                                    "rotorMassKg",
                                    "84",
                                    "serviceSpeedRpm",
                                    "1500",
                                    "residualGmmDriveEnd",
                                    "100",
                                    "residualGmmOtherEnd",
                                    "100"))));

    private SampleReadings() {}

    static Record of(TestKind kind) {
        return READINGS.getOrDefault(kind, SampleReadings::example).apply(kind);
    }

    /** Readings of a kind without a sample of its own are those of its example. */
    private static Record example(TestKind kind) {
        String file = "/app/brasskettle/core/examples/" + kind.code() + ".json";
        Map<String, Object> read =
                JsonMapper.shared().readValue(SampleReadings.class.getResourceAsStream(file), new TypeReference<>() {});
        return typed(kind, read);
    }

    /** The voltage a sound test is taken at, where its readings do not hold it. */
    static Optional<Double> volts(TestKind kind) {
        return !kind.notesVoltage()
                ? Optional.empty()
                : Optional.of(kind == WindingTests.SURGE_COMPARISON ? 10_000.0 : 500.0);
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
                "minute",
                minute,
                "currentA",
                "10",
                "driveEndTemperatureC",
                bearing,
                "nonDriveEndTemperatureC",
                bearing);
    }

    static Record typed(TestKind kind, Map<String, Object> typed) {
        return TypedInput.read(kind.inputType(), typed).input();
    }
}
