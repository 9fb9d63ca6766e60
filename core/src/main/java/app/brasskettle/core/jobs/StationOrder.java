package app.brasskettle.core.jobs;

import app.brasskettle.core.catalogue.RunningTests;
import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateDetails;
import app.brasskettle.core.nameplate.RatingBlock;
import app.brasskettle.core.testkind.MotorFacts;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.JudgedTests;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.work.Station;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * The steps of a station in their safe order: nothing is shown that does not fit the machine, and what needs power stands after
 * the release to run.
 */
final class StationOrder {

    /** A place in the order: a step that is no test, or a test at one speed. */
    record Place(String path, String label, Optional<JobStep> step, Optional<TestKind> kind, int speed) {

        static Place of(JobStep step) {
            return new Place(step.path(), step.label(), Optional.of(step), Optional.empty(), 1);
        }

        static Place of(TestKind kind, String label, int speed) {
            return new Place(kind.step(speed), label, Optional.empty(), Optional.of(kind), speed);
        }
    }

    private final JobRecord job;
    private final JudgedTests tests;
    private final EnergiseGate.State gate;
    private final Optional<RatingBlock> second;
    private final List<Place> places = new ArrayList<>();

    private StationOrder(JobRecord job, JudgedTests tests, EnergiseGate.State gate) {
        this.job = job;
        this.tests = tests;
        this.gate = gate;
        this.second = job.plate().flatMap(Plate::secondSpeed);
    }

    static List<Place> of(
            Station station, JobRecord job, JudgedTests tests, EnergiseGate.State gate, Predicate<JobStep> shown) {
        return new StationOrder(job, tests, gate)
                .all(station, JobStep.of(station).stream().filter(shown).toList());
    }

    private List<Place> all(Station station, List<JobStep> steps) {
        MotorFacts facts = facts();
        add(steps, JobStep.Order.BEFORE_TESTS);
        for (TestKind kind : TestKinds.of(station)) {
            if (kind.triesTestPower()) {
                add(steps, JobStep.Order.BEFORE_POWER);
            }
            boolean fits = kind.phases().filter(n -> n != facts.phases()).isEmpty();
            if (!kind.checksTester() && fits && (kind.offered(facts) || taken(kind))) {
                add(kind);
            }
        }
        add(steps, JobStep.Order.AFTER_TESTS);
        return List.copyOf(places);
    }

    private void add(List<JobStep> steps, JobStep.Order order) {
        steps.stream().filter(s -> s.order() == order).map(Place::of).forEach(places::add);
    }

    /** What is read while it runs is offered once it may run or did. */
    private MotorFacts facts() {
        return new MotorFacts(
                job.singlePhase() ? 1 : 3,
                job.plate().flatMap(Plate::details).flatMap(PlateDetails::leads),
                second.isPresent(),
                job.plate()
                        .flatMap(Plate::details)
                        .flatMap(PlateDetails::protector)
                        .filter(p -> p != PlateDetails.Protector.NONE)
                        .isPresent(),
                job.timeline().openedHere(),
                job.timeline().winding().bare(),
                job.fedByDrive(),
                gate == EnergiseGate.State.PERMITTED
                        || taken(RunningTests.NO_LOAD_RUN)
                        || taken(RunningTests.START_LOG));
    }

    private boolean taken(TestKind kind) {
        return tests.standing(kind, 1).isPresent();
    }

    /** One place for a motor with one speed, two named by their speeds for a motor with two. */
    private void add(TestKind kind) {
        if (second.isEmpty() || !kind.eachSpeed()) {
            places.add(Place.of(kind, kind.label(), 1));
            return;
        }
        List<String> names = Speeds.names(job);
        places.add(Place.of(kind, kind.label() + names.get(0), 1));
        places.add(Place.of(kind, kind.label() + names.get(1), 2));
    }
}
