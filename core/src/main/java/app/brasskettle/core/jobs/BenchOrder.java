package app.brasskettle.core.jobs;

import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateDetails;
import app.brasskettle.core.nameplate.RatingBlock;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.testrecord.JudgedTests;
import app.brasskettle.core.testrecord.TestKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The tests of the bench that fit a machine, in their safe order: nothing is shown that does not apply, and what needs power
 * stands after the release to run.
 */
final class BenchOrder {

    /** A place in the order: a step, its name, and the further test taken there, where it is one. */
    record Place(String step, String name, Optional<TestKind> kind, int speed) {

        static Place of(String step, String name) {
            return new Place(step, name, Optional.empty(), 1);
        }
    }

    private final JobRecord job;
    private final JudgedTests tests;
    private final EnergiseGate.State gate;
    private final Optional<RatingBlock> second;
    private final List<Place> places = new ArrayList<>();

    private BenchOrder(JobRecord job, JudgedTests tests, EnergiseGate.State gate) {
        this.job = job;
        this.tests = tests;
        this.gate = gate;
        this.second = job.plate().flatMap(Plate::secondSpeed);
    }

    static List<Place> of(JobRecord job, JudgedTests tests, EnergiseGate.State gate) {
        return new BenchOrder(job, tests, gate).all();
    }

    private List<Place> all() {
        boolean single = job.singlePhase();
        places.add(Place.of("bench/dead", "Dead, tester proved"));
        if (single) {
            add(TestKind.SINGLE_PHASE_WINDINGS);
        } else {
            if (moreThanThreeLeads() || taken(TestKind.LEAD_SETS)) {
                add(TestKind.LEAD_SETS);
            }
            eachSpeed("bench/resistance", TestKind.WINDING_RESISTANCE);
        }
        add(TestKind.INSULATION_RESISTANCE);
        if (severalCircuits() || taken(TestKind.CIRCUIT_INSULATION)) {
            add(TestKind.CIRCUIT_INSULATION);
        }
        if (protectedByPlate() || taken(TestKind.PROTECTOR)) {
            add(TestKind.PROTECTOR);
        }
        if (!single) {
            eachSpeed(TestKind.LOW_VOLTAGE_BALANCE.step(1), TestKind.LOW_VOLTAGE_BALANCE);
        }
        add(TestKind.STEP_VOLTAGE);
        if (job.timeline().winding().opened() || taken(TestKind.WITHSTAND_RECORD)) {
            add(TestKind.WITHSTAND_RECORD);
        }
        if (!single) {
            eachSpeed("bench/surge", TestKind.SURGE_COMPARISON);
            add(TestKind.SURGE_RISE);
        }
        powered(single);
        return List.copyOf(places);
    }

    /** Release, start and run; what is read while it runs is offered once it may run or did. */
    private void powered(boolean single) {
        places.add(Place.of("bench/release", "Release to run"));
        eachSpeed(TestKind.START_LOG.step(1), TestKind.START_LOG);
        if (single) {
            add(TestKind.STARTING_GEAR);
        } else {
            eachSpeed(TestKind.NO_LOAD_RUN.step(1), TestKind.NO_LOAD_RUN);
        }
        boolean runs = gate == EnergiseGate.State.PERMITTED || taken(TestKind.NO_LOAD_RUN) || taken(TestKind.START_LOG);
        for (TestKind kind : List.of(
                TestKind.ROLLED_LEADS,
                TestKind.RUN_WATCH,
                TestKind.VIBRATION,
                TestKind.ROTOR_PROOF,
                TestKind.HEAT_RUN)) {
            boolean fits = !single || (kind != TestKind.ROLLED_LEADS && kind != TestKind.ROTOR_PROOF);
            if (fits && (runs || taken(kind))) {
                add(kind);
            }
        }
        if (job.fedByDrive() || taken(TestKind.SHAFT_VOLTAGE)) {
            add(TestKind.SHAFT_VOLTAGE);
        }
        if (job.fedByDrive() || taken(TestKind.BEARING_INSULATION)) {
            add(TestKind.BEARING_INSULATION);
        }
    }

    private boolean protectedByPlate() {
        return job.plate()
                .flatMap(Plate::details)
                .flatMap(PlateDetails::protector)
                .filter(p -> p != PlateDetails.Protector.NONE)
                .isPresent();
    }

    /** Two windings, or phases whose both ends are known to come out, can be told apart to frame. */
    private boolean severalCircuits() {
        return second.isPresent()
                || job.plate()
                        .flatMap(Plate::details)
                        .flatMap(PlateDetails::leads)
                        .filter(l -> l >= 6)
                        .isPresent();
    }

    /** Three leads leave nothing to sort; as long as nobody counted them there may be more. */
    private boolean moreThanThreeLeads() {
        return job.plate()
                .flatMap(Plate::details)
                .flatMap(PlateDetails::leads)
                .map(l -> l > 3)
                .orElse(true);
    }

    private boolean taken(TestKind kind) {
        return tests.standing(kind, 1).isPresent();
    }

    private void add(TestKind kind) {
        places.add(new Place(kind.step(1), kind.label(), Optional.of(kind), 1));
    }

    /** One place for a motor with one speed, two named by their speeds for a motor with two. */
    private void eachSpeed(String step, TestKind kind) {
        if (second.isEmpty()) {
            places.add(new Place(step, kind.label(), Optional.of(kind), 1));
            return;
        }
        double first = job.plate().flatMap(Plate::ratedSpeedRpm).orElse(0.0);
        places.add(new Place(
                step, kind.label() + named(first, job.plate().map(Plate::connection)), Optional.of(kind), 1));
        places.add(new Place(
                kind.step(2),
                kind.label() + named(second.get().ratedSpeedRpm(), second.map(RatingBlock::connection)),
                Optional.of(kind),
                2));
    }

    private static String named(double rpm, Optional<Connection> connection) {
        String joined = connection
                .map(c -> switch (c) {
                    case WYE -> " Y";
                    case DELTA -> " Δ";
                    case UNKNOWN -> "";
                })
                .orElse("");
        return ", " + Figures.plain(rpm) + joined;
    }
}
