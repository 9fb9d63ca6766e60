package app.brasskettle.server.demo;

import app.brasskettle.core.catalogue.RunningTests;
import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.insulation.InsulationReadings;
import app.brasskettle.core.insulation.InsulationSystem;
import app.brasskettle.core.insulation.TestVoltage;
import app.brasskettle.core.insulation.TimedReading;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.surge.SurgeLevel;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.server.instruments.SimulatedMotors;
import app.brasskettle.server.jobs.JobBook;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** Readings of the demonstration's tests: by the simulated instruments, or as its story tells them. */
@Component
class DemoReadings {

    private static final double[] READ_AT = {15, 30, 60, 120, 180, 300, 420, 600};
    private static final int PULSE_STEPS = 8;
    /** What a story says of a test beside its readings. */
    private static final Set<String> BESIDE = Set.of("speed", "because", "here");
    /** What it says to a stand-in; anything else are readings of its own. */
    private static final Set<String> TO_STAND_IN = Set.of("rotorFitted", "seconds");

    private final JobBook book;
    private final SimulatedMotors motors;

    DemoReadings(JobBook book, SimulatedMotors motors) {
        this.book = book;
        this.motors = motors;
    }

    Record of(String tag, TestKind kind, int speed, Map<String, Object> all) {
        Map<String, Object> told = new HashMap<>(all);
        told.keySet().removeAll(BESIDE);
        if (!TO_STAND_IN.containsAll(told.keySet())) {
            return RecordReader.read(kind.inputType(), told);
        }
        Plate plate = book.plate(tag).orElseThrow();
        SimulatedMotor motor = motors.of(tag, speed);
        double surgeV = SurgeLevel.peakV(motor.rating().voltageV(), SurgeLevel.State.IN_SERVICE);
        Map<TestKind, Supplier<Record>> simulated = Map.of(
                WindingTests.INSULATION_RESISTANCE, () -> insulation(motor, plate, told),
                WindingTests.WINDING_RESISTANCE, () -> motor.resistanceTest(plate.windingKind()),
                WindingTests.SURGE_COMPARISON,
                        () -> motor.surge(surgeV, !Boolean.FALSE.equals(told.get("rotorFitted"))),
                WindingTests.SURGE_RISE, () -> motor.surgeRise(surgeV, PULSE_STEPS, false),
                WindingTests.LOW_VOLTAGE_BALANCE, () -> motor.balance(8).orElseThrow(),
                WindingTests.SINGLE_PHASE_WINDINGS, () -> motor.starting().windings(),
                RunningTests.STARTING_GEAR, () -> motor.starting().gear());
        return simulated
                .getOrDefault(kind, () -> RecordReader.read(kind.inputType(), told))
                .get();
    }

    /** The voltage a stand-in sets for a test, where its readings do not hold it. */
    Optional<Double> appliedV(String tag, TestKind kind, int speed) {
        if (!kind.notesVoltage()) {
            return Optional.empty();
        }
        double ratedV = motors.of(tag, speed).rating().voltageV();
        return Optional.of(
                kind == WindingTests.SURGE_COMPARISON
                        ? book.rules()
                                .surgePeakV(
                                        ratedV,
                                        book.read(tag).reading().windingState().state())
                        : book.rules().insulationTestV(ratedV));
    }

    private static InsulationReadings insulation(SimulatedMotor motor, Plate plate, Map<String, Object> told) {
        double last = told.get("seconds") instanceof Number n ? n.doubleValue() : 600;
        List<TimedReading> readings = new ArrayList<>();
        double ratedV = motor.rating().voltageV();
        for (double t : READ_AT) {
            if (t <= last) {
                readings.add(motor.insulationAt(t, TestVoltage.forRated(ratedV).lowV()));
            }
        }
        return new InsulationReadings(
                ratedV,
                plate.windingKind(),
                InsulationSystem.THERMOSETTING,
                plate.madeBefore1970(),
                plate.insulationClass(),
                motor.windingTemperatureC(),
                Optional.of(motor.windingTemperatureC()),
                Optional.of(58.0),
                readings);
    }
}
