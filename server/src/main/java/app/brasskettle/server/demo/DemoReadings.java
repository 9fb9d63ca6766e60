package app.brasskettle.server.demo;

import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.insulation.InsulationSystem;
import app.brasskettle.core.insulation.InsulationTest;
import app.brasskettle.core.insulation.TestVoltage;
import app.brasskettle.core.insulation.TimedReading;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.surge.SurgeLevel;
import app.brasskettle.core.testrecord.TestKind;
import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.server.instruments.SimulatedMotors;
import app.brasskettle.server.jobs.JobBook;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Readings of the demonstration's tests: by the simulated instruments, or as its story tells them. */
@Component
class DemoReadings {

    private static final double[] READ_AT = {15, 30, 60, 120, 180, 300, 420, 600};
    private static final int PULSE_STEPS = 8;

    private final JobBook book;
    private final SimulatedMotors motors;

    DemoReadings(JobBook book, SimulatedMotors motors) {
        this.book = book;
        this.motors = motors;
    }

    Record of(String tag, TestKind kind, int speed, Map<String, Object> told) {
        Plate plate = book.plate(tag).orElseThrow();
        SimulatedMotor motor = motors.of(tag, speed);
        double surgeV = SurgeLevel.peakV(motor.rating().voltageV(), SurgeLevel.State.IN_SERVICE);
        return switch (kind) {
            case INSULATION_RESISTANCE -> insulation(motor, plate, told);
            case WINDING_RESISTANCE -> motor.resistanceTest(plate.windingKind());
            case SURGE_COMPARISON -> motor.surge(surgeV, !Boolean.FALSE.equals(told.get("rotorFitted")));
            case SURGE_RISE -> motor.surgeRise(surgeV, PULSE_STEPS, false);
            case LOW_VOLTAGE_BALANCE -> motor.balance(8).orElseThrow();
            case SINGLE_PHASE_WINDINGS -> motor.starting().windings();
            case STARTING_GEAR -> motor.starting().gear();
            case TESTER_PROOF -> throw new IllegalArgumentException("a proof of the tester reads no motor");
            default -> RecordReader.read(kind.inputType(), told);
        };
    }

    /** The voltage a stand-in sets for a test, where its readings do not hold it. */
    Optional<Double> appliedV(String tag, TestKind kind, int speed) {
        if (!kind.notesVoltage()) {
            return Optional.empty();
        }
        double ratedV = motors.of(tag, speed).rating().voltageV();
        return Optional.of(
                kind == TestKind.SURGE_COMPARISON
                        ? book.rules()
                                .surgePeakV(
                                        ratedV, book.view(tag).windingState().state())
                        : book.rules().insulationTestV(ratedV));
    }

    private static InsulationTest insulation(SimulatedMotor motor, Plate plate, Map<String, Object> told) {
        double last = told.get("seconds") instanceof Number n ? n.doubleValue() : 600;
        List<TimedReading> readings = new ArrayList<>();
        double ratedV = motor.rating().voltageV();
        for (double t : READ_AT) {
            if (t <= last) {
                readings.add(motor.insulationAt(t, TestVoltage.forRated(ratedV).lowV()));
            }
        }
        return new InsulationTest(
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
