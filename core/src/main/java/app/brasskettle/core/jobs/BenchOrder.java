package app.brasskettle.core.jobs;

import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.jobs.FurtherTest.Kind;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateDetails;
import app.brasskettle.core.nameplate.RatingBlock;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.resistance.Connection;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The tests of the bench that fit a machine, in their safe order: nothing is shown that does not apply, and what needs power
 * stands after the release to run.
 */
final class BenchOrder {

    /** A place in the order: a step, its name, and the further test taken there, where it is one. */
    record Place(String step, String name, Optional<Kind> kind, int speed) {

        static Place of(String step, String name) {
            return new Place(step, name, Optional.empty(), 1);
        }
    }

    private final JobRecord job;
    private final EnergiseGate.State gate;
    private final Optional<RatingBlock> second;
    private final List<Place> places = new ArrayList<>();

    private BenchOrder(JobRecord job, EnergiseGate.State gate) {
        this.job = job;
        this.gate = gate;
        this.second = job.plate().flatMap(Plate::secondSpeed);
    }

    static List<Place> of(JobRecord job, EnergiseGate.State gate) {
        return new BenchOrder(job, gate).all();
    }

    private List<Place> all() {
        boolean single = job.plate().filter(p -> p.phases() == 1).isPresent();
        places.add(Place.of("bench/dead", "Dead, tester proved"));
        if (single) {
            add(Kind.SINGLE_PHASE_WINDINGS);
        } else {
            if (moreThanThreeLeads() || taken(Kind.LEAD_SETS)) {
                add(Kind.LEAD_SETS);
            }
            eachSpeed("bench/resistance", Kind.WINDING_RESISTANCE);
        }
        places.add(Place.of("bench/insulation", "Insulation to frame"));
        if (severalCircuits() || taken(Kind.CIRCUIT_INSULATION)) {
            add(Kind.CIRCUIT_INSULATION);
        }
        if (protectedByPlate() || taken(Kind.PROTECTOR)) {
            add(Kind.PROTECTOR);
        }
        if (!single) {
            eachSpeed(Kind.LOW_VOLTAGE_BALANCE.step(1), Kind.LOW_VOLTAGE_BALANCE);
        }
        add(Kind.STEP_VOLTAGE);
        if (job.opened() || taken(Kind.WITHSTAND_RECORD)) {
            add(Kind.WITHSTAND_RECORD);
        }
        if (!single) {
            eachSpeed("bench/surge", Kind.SURGE_COMPARISON);
            add(Kind.SURGE_RISE);
        }
        powered(single);
        return List.copyOf(places);
    }

    /** Release, start and run; what is read while it runs is offered once it may run or did. */
    private void powered(boolean single) {
        places.add(Place.of("bench/release", "Release to run"));
        eachSpeed(Kind.START_LOG.step(1), Kind.START_LOG);
        if (single) {
            add(Kind.STARTING_GEAR);
        } else {
            eachSpeed(Kind.NO_LOAD_RUN.step(1), Kind.NO_LOAD_RUN);
        }
        boolean runs = gate == EnergiseGate.State.OPEN || taken(Kind.NO_LOAD_RUN) || taken(Kind.START_LOG);
        for (Kind kind : List.of(Kind.ROLLED_LEADS, Kind.RUN_WATCH, Kind.VIBRATION, Kind.ROTOR_PROOF, Kind.HEAT_RUN)) {
            boolean fits = !single || (kind != Kind.ROLLED_LEADS && kind != Kind.ROTOR_PROOF);
            if (fits && (runs || taken(kind))) {
                add(kind);
            }
        }
        if (job.fedByDrive() || taken(Kind.SHAFT_VOLTAGE)) {
            add(Kind.SHAFT_VOLTAGE);
        }
        if (job.fedByDrive() || taken(Kind.BEARING_INSULATION)) {
            add(Kind.BEARING_INSULATION);
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

    private boolean taken(Kind kind) {
        return FurtherTest.find(job.further(), kind, 1).isPresent();
    }

    private void add(Kind kind) {
        places.add(new Place(kind.step(1), kind.spoken(), Optional.of(kind), 1));
    }

    /** One place for a motor with one speed, two named by their speeds for a motor with two. */
    private void eachSpeed(String step, Kind kind) {
        if (second.isEmpty()) {
            places.add(new Place(step, kind.spoken(), Optional.of(kind), 1));
            return;
        }
        double first = job.plate().flatMap(Plate::ratedSpeedRpm).orElse(0.0);
        places.add(new Place(
                step, kind.spoken() + named(first, job.plate().map(Plate::connection)), Optional.of(kind), 1));
        places.add(new Place(
                kind.step(2),
                kind.spoken() + named(second.get().ratedSpeedRpm(), second.map(RatingBlock::connection)),
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
