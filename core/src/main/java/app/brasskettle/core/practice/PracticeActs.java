package app.brasskettle.core.practice;

import app.brasskettle.core.catalogue.RunningTests;
import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.instruments.MotorFault;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.insulation.TesterProof;
import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.verdict.Judgement;
import java.util.List;
import java.util.Optional;

/** What the acts of the practice bench do and show, and which gate holds them. */
final class PracticeActs {

    private static final double TESTER_RANGE = 20_000;
    private static final double TEST_SECONDS = 600;
    private static final double SURGE_SECONDS = 10;
    private static final int POSITIONS = 8;
    private static final double STANDSTILL = 6;

    private final Exercise exercise;
    private final PracticeMotor motor;
    private final long seed;
    private final boolean quiet;

    /** Acts on a motor; quiet ones are done and not put into words. */
    PracticeActs(Exercise exercise, PracticeMotor motor, long seed, boolean quiet) {
        this.exercise = exercise;
        this.motor = motor;
        this.seed = seed;
        this.quiet = quiet;
    }

    /** What holds an act at a moment, and what would have happened without it. */
    Optional<PracticeBench.Unsafe> unsafe(PracticeAct act, double now) {
        JobAssessment reading = motor.read(now, act == PracticeAct.RUN);
        boolean atLeads = switch (act) {
            case INSULATION, RESISTANCE, BALANCE, SURGE, SURGE_ROTOR_OUT, WINDINGS, GEAR, PROTECTOR, OPEN -> true;
            default -> false;
        };
        if (atLeads && !reading.gate().leads().mayConnect()) {
            return unsafe(
                    reading.gate().leads().sentence(),
                    "Anybody could have switched it on with your hands at the terminals");
        }
        boolean touches = atLeads && act != PracticeAct.INSULATION;
        if (touches && reading.discharge().filter(c -> c.runs(now)).isPresent()) {
            return unsafe(
                    "The winding still discharges for "
                            + Math.round(reading.discharge().get().secondsLeft(now) / 60) + " min",
                    "What the tester left in it would have gone through your hands");
        }
        return switch (act) {
            case SURGE, SURGE_ROTOR_OUT ->
                reading.highVoltage().holding().stream().findFirst().flatMap(r -> unsafe(r.sentence(), highVoltage()));
            case RUN -> running(reading);
            default -> Optional.empty();
        };
    }

    private Optional<PracticeBench.Unsafe> running(JobAssessment reading) {
        if (reading.gate().mayRun().contains(RunningTests.NO_LOAD_RUN)) {
            return Optional.empty();
        }
        return reading.gate().holding().stream()
                .findFirst()
                .map(EnergiseGate.Reason::sentence)
                .flatMap(why -> unsafe(why, onPower()));
    }

    private static Optional<PracticeBench.Unsafe> unsafe(String because, String consequence) {
        return Optional.of(new PracticeBench.Unsafe(because, consequence));
    }

    private boolean has(MotorFault fault) {
        return exercise.faults().present().containsKey(fault);
    }

    private String highVoltage() {
        return has(MotorFault.GROUND) || has(MotorFault.MOISTURE)
                ? "The surge would have broken down what damp or copper had left, and burnt the rest of the slot"
                : "High voltage on a winding nobody proved: what it finds, it may have made itself";
    }

    private String onPower() {
        SimulatedMotor.Rating r = exercise.rating();
        String amps = Figures.significant(STANDSTILL * r.currentA(), 2) + " A";
        if (has(MotorFault.GROUND)) {
            return "The frame would have stood at " + Figures.plain(Math.round(r.voltageV() / Math.sqrt(3)))
                    + " V until the breaker opened, and you beside it";
        }
        if (has(MotorFault.BOUND_SHAFT) || exercise.shaft() == Arrival.ShaftState.BINDS) {
            return "Standing still it would have drawn some " + amps + " until something opened";
        }
        if (has(MotorFault.TURN_SHORT) || has(MotorFault.WEAK_TURN)) {
            return "The shorted turns would have burnt through, with the evidence in them";
        }
        if (has(MotorFault.OPEN_JOINT)) {
            return "On two phases it would have hummed at some " + amps + " and burnt the other two";
        }
        return "Nobody could have said before that it would be sound: this time it was";
    }

    /** Does it, and says what it shows in figures. */
    List<String> done(PracticeAct act, double from, double to) {
        return switch (act) {
            case ASK -> {
                motor.asked();
                yield exercise.outageCostPerHour() > 0
                        ? List.of("An hour without it costs " + Figures.plain(exercise.outageCostPerHour()))
                        : List.of();
            }
            case LOOK_OVER -> {
                motor.lookedOver();
                yield List.of();
            }
            case READ_PLATE -> {
                motor.plateRead(PracticePlates.of(exercise.rating()));
                yield List.of(PracticePlates.words(exercise.rating()));
            }
            case LOCK_OUT -> {
                motor.lockedOut(from);
                yield judged(WindingTests.TESTER_PROOF, new TesterProof(TESTER_RANGE, true, 0), to, Optional.empty());
            }
            case INSULATION -> {
                motor.charged(to, TEST_SECONDS);
                yield judged(
                        WindingTests.INSULATION_RESISTANCE, motor.bench().insulationTest(), to, Optional.of(500.0));
            }
            case DISCHARGE -> List.of("Grounded for 40 minutes");
            case RESISTANCE -> resistance(to);
            case BALANCE ->
                motor.motor()
                        .balance(POSITIONS)
                        .map(r -> judged(WindingTests.LOW_VOLTAGE_BALANCE, r, to, Optional.empty()))
                        .orElse(List.of("The bridge finds no value: a phase is open, or the shaft cannot be turned"));
            case SURGE -> surged(true, to);
            case SURGE_ROTOR_OUT -> motor.opened() ? surged(false, to) : List.of("It is not open: the rotor is in");
            case WINDINGS ->
                judged(
                        WindingTests.SINGLE_PHASE_WINDINGS,
                        motor.motor().starting().windings(),
                        to,
                        Optional.empty());
            case GEAR ->
                judged(RunningTests.STARTING_GEAR, motor.motor().starting().gear(), to, Optional.empty());
            case PROTECTOR -> judged(WindingTests.PROTECTOR, motor.motor().protector(), to, Optional.empty());
            case RUN ->
                motor.bench()
                        .noLoadRun()
                        .map(r -> judged(RunningTests.NO_LOAD_RUN, r, to, Optional.empty()))
                        .orElse(List.of("It does not come up"));
            case OPEN -> {
                if (motor.opened()) {
                    yield List.of("It is open already");
                }
                motor.opened(to);
                yield List.of("Marked, apart, rotor out");
            }
            case LOOK_INSIDE -> {
                if (!motor.opened()) {
                    yield List.of("It is closed: only the fan can be seen");
                }
                motor.lookedInside();
                yield List.of();
            }
            case FIELD -> stator().field();
            case WARM -> stator().warm();
            case COUNT_SPAN -> stator().counted();
            case PRICE -> decision().priced();
            case ADVICE -> decision().advised();
        };
    }

    private List<String> resistance(double to) {
        return exercise.rating().phases() == 1
                ? List.of("Read start and main winding instead")
                : judged(
                        WindingTests.WINDING_RESISTANCE,
                        motor.motor().resistanceTest(motor.kind()),
                        to,
                        Optional.empty());
    }

    private List<String> surged(boolean rotor, double to) {
        double volts = motor.bench().surgeV();
        motor.charged(to, SURGE_SECONDS);
        return judged(WindingTests.SURGE_COMPARISON, motor.motor().surge(volts, rotor), to, Optional.of(volts));
    }

    private List<String> judged(TestKind kind, Record input, double at, Optional<Double> volts) {
        motor.tested(kind, input, at, volts);
        if (quiet) {
            return List.of();
        }
        Judgement j = motor.read(at, false)
                .tests()
                .standing(kind, 1)
                .map(JudgedTest::effective)
                .orElseThrow();
        return j.because().isEmpty() ? List.of(j.headline()) : List.of(j.headline(), j.because());
    }

    private PracticeStator stator() {
        return new PracticeStator(exercise, seed);
    }

    private PracticeDecision decision() {
        return new PracticeDecision(exercise);
    }

    /** Ways forward that the figures advise, by their code. */
    List<String> advised() {
        return decision().ways();
    }
}
