package app.brasskettle.core.practice;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.energise.DischargeClock;
import app.brasskettle.core.energise.LockOut;
import app.brasskettle.core.energise.PowerRecord;
import app.brasskettle.core.instruments.SimulatedBench;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.insulation.WindingKind;
import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.jobs.Routing;
import app.brasskettle.core.jobs.TakenApart;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.release.ReleaseRecord;
import app.brasskettle.core.rewind.RewindRecord;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.teardown.CoilMap;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.MotorTimeline;
import app.brasskettle.core.testrecord.RecordedTest;
import app.brasskettle.core.windingtake.WindingAssessment;
import app.brasskettle.core.windingtake.WindingRecord;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.work.WorkDone;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The record of a motor that exists only in an exercise, filled in step by step; the core reads it like any other. */
final class PracticeMotor {

    private static final String BY = "you";

    private final Exercise exercise;
    private final SimulatedMotor motor;
    private final long seed;
    private final Set<Evidence> signs = new LinkedHashSet<>();
    private final Set<Evidence> found = new LinkedHashSet<>();
    private final List<RecordedTest> tests = new ArrayList<>();
    private final List<WorkDone> works = new ArrayList<>();
    private final List<DischargeClock.Applied> voltages = new ArrayList<>();
    private Optional<Arrival.ShaftState> shaft = Optional.empty();
    private Optional<Plate> plate = Optional.empty();
    private Optional<LockOut> lockOut = Optional.empty();
    private Optional<CoilMap> coils = Optional.empty();

    PracticeMotor(Exercise exercise, long seed) {
        this.exercise = exercise;
        this.seed = seed;
        this.motor = new SimulatedMotor(exercise.rating(), exercise.celsius(), exercise.faults(), seed);
    }

    SimulatedMotor motor() {
        return motor;
    }

    SimulatedBench bench() {
        return new SimulatedBench(motor);
    }

    boolean opened() {
        return !works.isEmpty();
    }

    void asked() {
        signs.addAll(exercise.told());
    }

    void lookedOver() {
        shaft = Optional.of(exercise.shaft());
        signs.addAll(exercise.outside());
    }

    void plateRead(Plate read) {
        plate = Optional.of(read);
    }

    void lockedOut(double at) {
        lockOut = Optional.of(new LockOut(at, BY, "meter and grounding stick"));
    }

    void opened(double at) {
        works.add(new WorkDone(Work.OPENED, at, BY));
    }

    void lookedInside() {
        found.addAll(exercise.inside());
        coils = PaintedStator.of(
                exercise.pattern(),
                exercise.rating().connection(),
                exercise.rating().poles(),
                seed);
    }

    void tested(TestKind kind, Record input, double at, Optional<Double> volts) {
        tests.add(RecordedTest.taken(kind, input, at, volts));
    }

    void charged(double endedAt, double seconds) {
        voltages.add(new DischargeClock.Applied(endedAt, seconds, 1));
    }

    WindingKind kind() {
        return WindingKind.RANDOM_WOUND;
    }

    /** What the core reads in it at a moment. */
    JobAssessment read(double now, boolean released) {
        return JobAssessment.of(record(now, released), now);
    }

    private JobRecord record(double now, boolean released) {
        Optional<Arrival> arrival = shaft.isEmpty() && signs.isEmpty()
                ? Optional.empty()
                : Optional.of(new Arrival(
                        shaft.orElse(Arrival.ShaftState.NOT_TRIED),
                        List.copyOf(signs),
                        List.of(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()));
        ShopRules rules = ShopRules.standard();
        return new JobRecord(
                arrival.map(a -> new JobRecord.Received(a, 0, false)),
                plate.map(p -> List.of(new JobRecord.PlateVersion(p, 0, BY))).orElse(List.of()),
                Optional.empty(),
                rules,
                false,
                Routing.usual(),
                exercise.outageCostPerHour(),
                new MotorTimeline(tests, works, List.of()),
                new PowerRecord(
                        lockOut,
                        Optional.empty(),
                        released ? Optional.of(now) : Optional.empty(),
                        Set.of(),
                        Optional.empty(),
                        List.of(),
                        List.of(),
                        voltages,
                        List.of(),
                        Optional.empty(),
                        Optional.empty()),
                TakenApart.not(),
                coils,
                List.copyOf(found),
                Set.of(),
                Optional.empty(),
                Map.of(),
                List.of(),
                WindingAssessment.of(WindingRecord.none(), rules),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                RewindRecord.none(),
                ReleaseRecord.none());
    }
}
