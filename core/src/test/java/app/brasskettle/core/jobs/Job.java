package app.brasskettle.core.jobs;

import app.brasskettle.core.cause.EarlierFailure;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.choice.PriceBook;
import app.brasskettle.core.energise.DischargeClock;
import app.brasskettle.core.instruments.Faults;
import app.brasskettle.core.instruments.MotorFault;
import app.brasskettle.core.instruments.SimulatedBench;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.jobs.JobRecord.Taken;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.Plates;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.teardown.CoilMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A job filled in step by step, as a technician would. */
final class Job {

    static final double NOW = 100_000;

    Optional<Arrival> arrival = Optional.empty();
    Optional<Plate> plate = Optional.empty();
    Optional<String> certificate = Optional.empty();
    Course course = Course.usual();
    Optional<String> lockedOut = Optional.empty();
    Optional<Taken<TesterProof>> proof = Optional.empty();
    Optional<Taken<InsulationResult>> insulation = Optional.empty();
    Optional<Taken<ResistanceResult>> resistance = Optional.empty();
    Optional<Taken<SurgeSet.Outcome>> surge = Optional.empty();
    List<FurtherTest> further = List.of();
    List<Overruling> overrulings = List.of();
    List<Overdue> overdue = List.of();
    Optional<Double> released = Optional.empty();
    List<DischargeClock.Applied> voltages = List.of();
    Optional<Double> worked = Optional.empty();
    Optional<CoilMap> map = Optional.empty();
    TakenApart apart = TakenApart.not();
    List<Evidence> added = List.of();
    Set<String> struck = Set.of();
    Optional<String> concluded = Optional.empty();
    Map<Explanation, Integer> closed = Map.of();
    List<EarlierFailure> earlier = List.of();
    boolean priced;
    Optional<String> chosen = Optional.empty();

    JobReading read() {
        return JobReading.of(record(), NOW);
    }

    JobRecord record() {
        return new JobRecord(
                arrival,
                plate,
                certificate,
                app.brasskettle.core.rules.ShopRules.standard(),
                course,
                10,
                lockedOut,
                proof,
                insulation,
                resistance,
                surge,
                further,
                overrulings,
                overdue,
                released,
                Set.of(),
                List.of(),
                voltages,
                List.of(),
                worked,
                worked.isPresent(),
                apart,
                map,
                added,
                struck,
                concluded,
                closed,
                earlier,
                Optional.empty(),
                priced
                        ? Optional.of(PriceBook.estimate(15_000, app.brasskettle.core.choice.Rates.usual()))
                        : Optional.empty(),
                chosen);
    }

    Job received() {
        arrival = Optional.of(arrived(Arrival.ShaftState.FREE));
        plate = Optional.of(Plates.plate(Map.of()));
        return this;
    }

    Job safe() {
        lockedOut = Optional.of("M. Orre");
        proof = Optional.of(new Taken<>(new TesterProof(20_000, true, 0), NOW - 4000));
        return this;
    }

    Job tested(MotorFault... faults) {
        SimulatedBench bench = bench(faults);
        resistance = Optional.of(new Taken<>(bench.resistance(), NOW - 3000));
        insulation = Optional.of(new Taken<>(bench.insulation(), NOW - 2000));
        return this;
    }

    Job surged(MotorFault... faults) {
        surge = Optional.of(new Taken<>(bench(faults).surge(true), NOW - 1000));
        return this;
    }

    private static SimulatedBench bench(MotorFault... faults) {
        return new SimulatedBench(new SimulatedMotor(
                SimulatedMotor.Rating.usual(400, 15_000, Connection.WYE), 22, Faults.of(faults), 11));
    }

    JobReading.Next next() {
        return read().next();
    }

    List<String> steps() {
        return read().stations().stream()
                .flatMap(s -> s.steps().stream())
                .map(JobReading.StepReading::step)
                .toList();
    }

    static Arrival arrived(Arrival.ShaftState shaft, Evidence... signs) {
        return new Arrival(shaft, List.of(signs), List.of(), Optional.empty(), Optional.empty(), Optional.empty());
    }
}
