package app.brasskettle.server.instruments;

import app.brasskettle.core.balance.BalanceReadings;
import app.brasskettle.core.catalogue.OpenMotorTests;
import app.brasskettle.core.catalogue.RunningTests;
import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.extension.KeySeat;
import app.brasskettle.core.fits.FitClass;
import app.brasskettle.core.fits.Seat;
import app.brasskettle.core.fits.SeatCheck;
import app.brasskettle.core.instruments.RunModel;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.nameplate.PlateDetails;
import app.brasskettle.core.protection.ProtectorReadings;
import app.brasskettle.core.run.RunWatch;
import app.brasskettle.core.run.StartLog;
import app.brasskettle.core.singlephase.SinglePhaseWindings;
import app.brasskettle.core.singlephase.StartingGear;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.turningfield.FieldReading;
import app.brasskettle.server.problems.RefusedException;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** What simulated instruments show, as it would be typed into the form of a test: five figures and no more. */
final class SimulatedReadings {

    private static final int BALANCE_POSITIONS = 8;
    private static final double AIR_C = 20;
    private static final double REDUCED = 0.5;
    private static final double START_TIMES = 5.5;

    private static final Map<TestKind, Function<SimulatedMotor, Map<String, Object>>> READINGS = Map.ofEntries(
            Map.entry(WindingTests.LOW_VOLTAGE_BALANCE, motor -> balance(motor)),
            Map.entry(
                    RunningTests.NO_LOAD_RUN,
                    motor -> Map.of(
                            "lineCurrentsA", figures(running(motor).lineCurrentsA(1)),
                            "lineVoltagesV", figures(running(motor).lineVoltagesV(1)))),
            Map.entry(RunningTests.START_LOG, motor -> start(motor)),
            Map.entry(RunningTests.RUN_WATCH, motor -> watch(motor)),
            Map.entry(
                    RunningTests.VIBRATION,
                    motor -> Map.of(
                            "mounting",
                            "rigid",
                            "readings",
                            running(motor).vibration().stream()
                                    .map(r -> Map.of(
                                            "place", r.place().code(),
                                            "direction", r.direction().code(),
                                            "velocityMmPerS", fiveFigures(r.velocityMmPerS())))
                                    .toList())),
            Map.entry(RunningTests.ROTOR_PROOF, motor -> rotor(motor)),
            Map.entry(
                    OpenMotorTests.AIR_GAP,
                    motor -> Map.of(
                            "gapsMm",
                            motor.machined().airGap().stream()
                                    .map(SimulatedReadings::mm)
                                    .toList())),
            Map.entry(
                    OpenMotorTests.SHAFT_RUNOUT,
                    motor -> Map.of(
                            "extensionMm", mm(motor.machined().extensionMm()),
                            "dialReadingsMm", lengths(motor.machined().dial()))),
            Map.entry(
                    OpenMotorTests.BRACKET_REGISTERS,
                    motor -> Map.of(
                            "registers",
                            Arrays.stream(SeatCheck.Place.values())
                                    .map(motor.machined()::register)
                                    .map(r -> Map.of(
                                            "place", r.place().code(),
                                            "bracketMm", lengths(r.bracketMm()),
                                            "frameMm", lengths(r.frameMm())))
                                    .toList())),
            Map.entry(OpenMotorTests.KEY_SEAT, motor -> {
                KeySeat seat = motor.machined().keySeat();
                return Map.of(
                        "extensionMm", mm(seat.extensionMm()),
                        "seatWidthsMm", lengths(seat.seatWidthsMm()),
                        "keyWidthsMm", lengths(seat.keyWidthsMm()));
            }),
            Map.entry(WindingTests.PROTECTOR, motor -> protector(motor.protector())),
            Map.entry(
                    WindingTests.SINGLE_PHASE_WINDINGS,
                    motor -> windings(motor.starting().windings())),
            Map.entry(RunningTests.STARTING_GEAR, motor -> gear(motor.starting().gear())));

    private SimulatedReadings() {}

    /** Reads a test; refused where no instrument is simulated for it. */
    static Map<String, Object> of(TestKind kind, SimulatedMotor motor) {
        return Optional.ofNullable(READINGS.get(kind))
                .orElseThrow(() -> RefusedException.unknown("No simulated instrument reads " + kind.code()))
                .apply(motor);
    }

    /** Both seats of both bearings that the plate names; refused where it names none that is known here. */
    static Map<String, Object> seats(PlateDetails plate, SimulatedMotor motor) {
        List<Map<String, Object>> seats = new ArrayList<>();
        for (SeatCheck.Place place : SeatCheck.Place.values()) {
            Optional<String> bearing =
                    place == SeatCheck.Place.DRIVE_END ? plate.driveEndBearing() : plate.nonDriveEndBearing();
            for (Seat seat : Seat.values()) {
                bearing.flatMap(b -> FitClass.middleMm(b, seat))
                        .ifPresent(middle -> seats.add(Map.of(
                                "place", place.code(),
                                "seat", seat.code(),
                                "designation", bearing.orElseThrow(),
                                "planesMm",
                                        motor.machined().seat(middle, place, seat).stream()
                                                .map(SimulatedReadings::lengths)
                                                .toList())));
            }
        }
        if (seats.isEmpty()) {
            throw RefusedException.gated(
                    "Write the bearings on the nameplate first, 62xx, 63xx or N 2xx and 3xx: the micrometer is set by their size");
        }
        return Map.of("seats", seats);
    }

    /** The turning field of a bare stator, at the voltage its winding asks for. */
    static Map<String, Object> field(FieldReading r) {
        Map<String, Object> typed = new LinkedHashMap<>();
        typed.put("appliedVoltageV", fiveFigures(r.appliedVoltageV()));
        typed.put("lineCurrentsA", figures(r.lineCurrentsA()));
        typed.put("predictedCurrentA", fiveFigures(r.predictedCurrentA().orElseThrow()));
        typed.put(
                "places",
                r.places().stream()
                        .map(p -> Map.of("turned", p.turned().code()))
                        .toList());
        typed.put("groupRisesK", figures(r.groupRisesK().orElseThrow()));
        typed.put("countedSpansSlots", r.countedSpansSlots().orElseThrow());
        return typed;
    }

    private static List<String> lengths(List<Double> lengths) {
        return lengths.stream().map(SimulatedReadings::micrometer).toList();
    }

    /** As a micrometer and a dial show it, to the last figure. */
    private static String micrometer(double value) {
        return BigDecimal.valueOf(value).setScale(3, RoundingMode.HALF_UP).toPlainString() + "mm";
    }

    private static String mm(double value) {
        return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString() + "mm";
    }

    /** The instrument shows five figures, which is what gets recorded. */
    static String fiveFigures(double value) {
        return new BigDecimal(value).round(new MathContext(5)).toPlainString();
    }

    private static List<Double> figures(List<Double> values) {
        return values.stream().map(v -> Double.valueOf(fiveFigures(v))).toList();
    }

    private static RunModel running(SimulatedMotor motor) {
        RunModel run = motor.running();
        if (!run.comesUp()) {
            throw RefusedException.gated(
                    "It hums and does not come up: cut at once. A phase is open, or the shaft binds");
        }
        return run;
    }

    private static Map<String, Object> balance(SimulatedMotor motor) {
        BalanceReadings read = motor.balance(BALANCE_POSITIONS)
                .orElseThrow(() -> RefusedException.gated(
                        motor.turnsByHand()
                                ? "The bridge finds no value: a phase is open. Measure the resistances, they tell which"
                                : "The shaft cannot be turned from position to position"));
        return Map.of(
                "positions",
                read.positions().stream()
                        .map(p -> Map.<String, Object>of(
                                "angleDegrees", fiveFigures(p.angleDegrees()),
                                "inductanceMh",
                                        Map.of(
                                                "a",
                                                        fiveFigures(
                                                                p.inductanceMh().a()),
                                                "b",
                                                        fiveFigures(
                                                                p.inductanceMh().b()),
                                                "c",
                                                        fiveFigures(
                                                                p.inductanceMh().c()))))
                        .toList());
    }

    private static Map<String, Object> start(SimulatedMotor motor) {
        boolean up = motor.running().comesUp();
        double synchronous = 120 * motor.rating().frequencyHz() / motor.rating().poles();
        return Map.of(
                "attempts",
                List.of(Map.of(
                        "feed", StartLog.Feed.REDUCED_VOLTAGE.code(),
                        "voltageV", fiveFigures(REDUCED * motor.rating().voltageV()),
                        "currentA",
                                fiveFigures(
                                        REDUCED * START_TIMES * motor.rating().currentA()),
                        "reachedRpm", up ? fiveFigures(0.985 * synchronous) : "0",
                        "seconds", up ? "3.2" : "2")));
    }

    private static Map<String, Object> watch(SimulatedMotor motor) {
        List<Map<String, Object>> rows = new ArrayList<>();
        for (RunWatch.Reading r : running(motor).watch(AIR_C)) {
            Map<String, Object> row = new LinkedHashMap<>();
            row.put("minute", fiveFigures(r.minute()));
            row.put("currentA", fiveFigures(r.currentA()));
            row.put("driveEndTemperatureC", fiveFigures(r.driveEndTemperatureC()) + " °C");
            row.put("nonDriveEndTemperatureC", fiveFigures(r.nonDriveEndTemperatureC()) + " °C");
            r.noise().ifPresent(n -> row.put("noise", n));
            rows.add(row);
        }
        return Map.of("ambientTemperatureC", fiveFigures(AIR_C) + " °C", "readings", rows);
    }

    private static Map<String, Object> rotor(SimulatedMotor motor) {
        Map<String, Object> typed = new LinkedHashMap<>();
        motor.running().turnCurrents().ifPresent(t -> typed.put("turnCurrentsA", figures(t)));
        RunModel run = running(motor);
        typed.put("loadSpeedRpm", fiveFigures(run.loadSpeedRpm()));
        typed.put("sampleIntervalS", fiveFigures(run.recordIntervalS()));
        List<Double> record = new ArrayList<>();
        for (double sample : run.currentRecord().toArray()) {
            record.add(Math.rint(sample * 1e6) / 1e6);
        }
        typed.put("lineCurrentA", record);
        return typed;
    }

    private static Map<String, Object> windings(SinglePhaseWindings w) {
        Map<String, Object> typed = new LinkedHashMap<>();
        typed.put("dualVoltage", w.dualVoltage());
        ohm(typed, "mainOhm", w.mainOhm());
        typed.put("mainOpen", w.mainOpen());
        typed.put("secondHalfOpen", w.secondHalfOpen());
        ohm(typed, "startOhm", w.startOhm());
        typed.put("startOpen", w.startOpen());
        typed.put("protector", w.protector().code());
        ohm(typed, "acrossProtectorOhm", w.acrossProtectorOhm());
        typed.put("steadyWhenFlexed", w.steadyWhenFlexed());
        return typed;
    }

    private static Map<String, Object> protector(ProtectorReadings p) {
        Map<String, Object> typed = new LinkedHashMap<>();
        typed.put("kind", p.kind().code());
        typed.put("state", p.state().code());
        ohm(typed, "coldOhm", p.coldOhm());
        return typed;
    }

    private static Map<String, Object> gear(StartingGear g) {
        Map<String, Object> typed = new LinkedHashMap<>();
        typed.put("kind", g.kind().code());
        typed.put("switchKind", g.switchKind().code());
        g.heardDropOut().ifPresent(h -> typed.put("heardDropOut", h));
        g.heardDropIn().ifPresent(h -> typed.put("heardDropIn", h));
        ohm(typed, "startMarkedMicrofarad", g.startMarkedMicrofarad());
        ohm(typed, "startMeasuredMicrofarad", g.startMeasuredMicrofarad());
        ohm(typed, "bleederOhm", g.bleederOhm());
        return typed;
    }

    private static void ohm(Map<String, Object> typed, String field, Optional<Double> value) {
        value.ifPresent(v -> typed.put(field, fiveFigures(v)));
    }
}
