package app.brasskettle.core.jobs;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.cause.EarlierFailure;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.choice.ChosenOption;
import app.brasskettle.core.drying.DryingCurve;
import app.brasskettle.core.energise.DischargeClock;
import app.brasskettle.core.energise.LockOut;
import app.brasskettle.core.energise.PowerRecord;
import app.brasskettle.core.energise.Settlement;
import app.brasskettle.core.energise.Waiver;
import app.brasskettle.core.instruments.Faults;
import app.brasskettle.core.instruments.MotorFault;
import app.brasskettle.core.instruments.SimulatedBench;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.insulation.InsulationReadings;
import app.brasskettle.core.insulation.TesterProof;
import app.brasskettle.core.insulation.WindingKind;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.Plates;
import app.brasskettle.core.pricing.OfferBuilder;
import app.brasskettle.core.pricing.PricingFacts;
import app.brasskettle.core.pricing.ShopPrices;
import app.brasskettle.core.quote.QuoteReply;
import app.brasskettle.core.release.ReleaseRecord;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.resistance.ResistanceReadings;
import app.brasskettle.core.rewind.RewindRecord;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.teardown.CoilMap;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.InstrumentUsed;
import app.brasskettle.core.testrecord.MotorTimeline;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.testrecord.Overruling;
import app.brasskettle.core.testrecord.RecordedTest;
import app.brasskettle.core.windingtake.WindingAssessment;
import app.brasskettle.core.windingtake.WindingRecord;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.work.WorkDone;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A job filled in step by step, as a technician would. */
final class Job {

    static final double NOW = 100_000;

    /** Readings and when they were taken. */
    record Taken<T extends Record>(T input, double at) {}

    Optional<Arrival> arrival = Optional.empty();
    double arrivedAt = NOW - 6000;
    Optional<Plate> plate = Optional.empty();
    List<JobRecord.PlateVersion> earlierPlates = List.of();
    Optional<String> certificate = Optional.empty();
    ShopRules rules = ShopRules.standard();
    boolean demonstration;
    Routing routing = Routing.usual();
    Optional<LockOut> lockedOut = Optional.empty();
    Optional<Double> lockOutEnded = Optional.empty();
    Optional<Taken<TesterProof>> proof = Optional.empty();
    Optional<Taken<InsulationReadings>> insulation = Optional.empty();
    Optional<Taken<ResistanceReadings>> resistance = Optional.empty();
    Optional<Taken<SurgeSet>> surge = Optional.empty();
    List<RecordedTest> further = List.of();
    List<Overruling> overrulings = List.of();
    Map<TestKind, InstrumentUsed> instruments = new HashMap<>();
    Map<TestKind, Origin> origins = new HashMap<>();
    Optional<Double> released = Optional.empty();
    List<Waiver> waivers = List.of();
    List<Settlement> settlements = List.of();
    List<DischargeClock.Applied> voltages = List.of();
    List<WorkDone> works = List.of();
    Optional<CoilMap> map = Optional.empty();
    TakenApart apart = TakenApart.not();
    List<Evidence> added = List.of();
    Set<String> struck = Set.of();
    Optional<String> concluded = Optional.empty();
    Map<Explanation, Integer> closed = Map.of();
    List<EarlierFailure> earlier = List.of();
    boolean priced;
    Optional<ChosenOption> chosen = Optional.empty();
    Optional<QuoteReply> reply = Optional.empty();
    Optional<DryingCurve> drying = Optional.empty();
    RewindRecord rewind = RewindRecord.none();
    ReleaseRecord release = ReleaseRecord.none();

    JobAssessment read() {
        return JobAssessment.of(record(), NOW);
    }

    JobRecord record() {
        List<JobRecord.PlateVersion> plates = new ArrayList<>(earlierPlates);
        plate.ifPresent(p -> plates.add(new JobRecord.PlateVersion(p, NOW - 5500, "M. Orre")));
        return new JobRecord(
                arrival.map(a -> new JobRecord.Received(a, arrivedAt, false)),
                plates,
                certificate,
                rules,
                demonstration,
                routing,
                10,
                new MotorTimeline(tests(), works, overrulings),
                new PowerRecord(
                        lockedOut,
                        lockOutEnded,
                        released,
                        Set.of(),
                        Optional.empty(),
                        waivers,
                        settlements,
                        voltages,
                        List.of(),
                        Optional.empty(),
                        Optional.empty()),
                apart,
                map,
                added,
                struck,
                concluded,
                closed,
                earlier,
                WindingAssessment.of(WindingRecord.none(), rules),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                priced
                        ? Optional.of(OfferBuilder.build(PricingFacts.rating(15_000, 4), ShopPrices.shipped()))
                        : Optional.empty(),
                chosen,
                reply,
                drying,
                rewind,
                release);
    }

    private List<RecordedTest> tests() {
        List<RecordedTest> all = new ArrayList<>(further);
        proof.ifPresent(t -> all.add(test(WindingTests.TESTER_PROOF, t)));
        insulation.ifPresent(t -> all.add(test(WindingTests.INSULATION_RESISTANCE, t)));
        resistance.ifPresent(t -> all.add(test(WindingTests.WINDING_RESISTANCE, t)));
        surge.ifPresent(t -> all.add(test(WindingTests.SURGE_COMPARISON, t)));
        return all;
    }

    private RecordedTest test(TestKind kind, Taken<?> taken) {
        Optional<Double> volts = kind == WindingTests.INSULATION_RESISTANCE
                ? Optional.of(500.0)
                : kind == WindingTests.SURGE_COMPARISON ? Optional.of(5000.0) : Optional.empty();
        return test(kind, 1, taken.input(), taken.at(), volts);
    }

    RecordedTest test(TestKind kind, int speed, Record input, double at, Optional<Double> volts) {
        return new RecordedTest(
                kind,
                speed,
                input,
                Optional.empty(),
                at,
                "M. Orre",
                volts,
                Optional.ofNullable(instruments.get(kind)),
                origins.getOrDefault(kind, Origin.HERE),
                "",
                Optional.empty());
    }

    /** A further test at the first speed. */
    static RecordedTest further(TestKind kind, Record input, double at) {
        return RecordedTest.taken(kind, input, at, Optional.empty());
    }

    Job received() {
        arrival = Optional.of(arrived(Arrival.ShaftState.FREE));
        plate = Optional.of(Plates.plate(Map.of()));
        return this;
    }

    Job safe() {
        lockedOut = Optional.of(new LockOut(NOW - 4500, "M. Orre", "meter and grounding stick"));
        proof = Optional.of(new Taken<>(new TesterProof(20_000, true, 0), NOW - 4000));
        return this;
    }

    Job tested(MotorFault... faults) {
        SimulatedMotor motor = motor(faults);
        resistance = Optional.of(new Taken<>(motor.resistanceTest(WindingKind.RANDOM_WOUND), NOW - 3000));
        insulation = Optional.of(new Taken<>(new SimulatedBench(motor).insulationTest(), NOW - 2000));
        return this;
    }

    /** Surged with the rotor in. */
    Job surged(MotorFault... faults) {
        return surged(true, faults);
    }

    Job surged(boolean rotorFitted, MotorFault... faults) {
        SimulatedMotor motor = motor(faults);
        surge = Optional.of(new Taken<>(motor.surge(new SimulatedBench(motor).surgeV(), rotorFitted), NOW - 1000));
        return this;
    }

    Job worked(Work work, double at) {
        List<WorkDone> all = new ArrayList<>(works);
        all.add(new WorkDone(work, at, "M. Orre"));
        works = all;
        return this;
    }

    private static SimulatedMotor motor(MotorFault... faults) {
        return new SimulatedMotor(SimulatedMotor.Rating.usual(400, 15_000, Connection.WYE), 22, Faults.of(faults), 11);
    }

    JobAssessment.Next next() {
        return read().next();
    }

    List<String> steps() {
        return read().stations().stream()
                .flatMap(s -> s.steps().stream())
                .map(JobAssessment.StepAssessment::step)
                .toList();
    }

    static Arrival arrived(Arrival.ShaftState shaft, Evidence... signs) {
        return new Arrival(shaft, List.of(signs), List.of(), Optional.empty(), Optional.empty(), Optional.empty());
    }
}
