package app.brasskettle.core.jobs;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.cause.FailureRanking;
import app.brasskettle.core.coilset.CoilSetAssessment;
import app.brasskettle.core.energise.DischargeClock;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.energise.HighVoltageGate;
import app.brasskettle.core.findings.FindingsAssessment;
import app.brasskettle.core.leads.LeadMapAssessment;
import app.brasskettle.core.nameplate.PlateAssessment;
import app.brasskettle.core.prove.ProofTable;
import app.brasskettle.core.redesign.RedesignAssessment;
import app.brasskettle.core.release.ReleaseAssessment;
import app.brasskettle.core.rewind.RewindAssessment;
import app.brasskettle.core.teardown.DismantlingPermit;
import app.brasskettle.core.teardown.TeardownLogAssessment;
import app.brasskettle.core.testkind.StopEffect;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.JudgedTests;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.windingtake.WindingAssessment;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.worksheet.Phrase;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The work of a job in its order: what stands, what is open, what comes next. */
final class Stations {

    private static final Judgement NOTHING =
            new Judgement(Verdict.UNPROVEN, "Nothing tested yet", "", "", "Receive it, then test.");

    private final JobRecord job;
    private final JudgedTests tests;
    private final DismantledAssessment apart;
    private final Optional<ArrivalAssessment> arrival;
    private final Optional<PlateAssessment> plate;
    private final EnergiseGate gate;
    private final HighVoltageGate high;
    private final DismantlingPermit opening;
    private final WindingAssessment winding;
    private final Optional<CoilSetAssessment> coilSets;
    private final Optional<RedesignAssessment> redesign;
    private final RewindAssessment rewind;
    private final ProofTable proof;
    private final ReleaseAssessment release;
    private final FailureRanking ranking;
    private final ChoiceNext choice;
    private final Optional<DischargeClock> discharging;

    Stations(
            JobRecord job,
            JudgedTests tests,
            DismantledAssessment apart,
            Optional<ArrivalAssessment> arrival,
            Optional<PlateAssessment> plate,
            EnergiseGate gate,
            HighVoltageGate high,
            DismantlingPermit opening,
            WindingAssessment winding,
            Optional<CoilSetAssessment> coilSets,
            Optional<RedesignAssessment> redesign,
            RewindAssessment rewind,
            ProofTable proof,
            ReleaseAssessment release,
            FailureRanking ranking,
            Optional<DischargeClock> discharging) {
        this.job = job;
        this.tests = tests;
        this.apart = apart;
        this.arrival = arrival;
        this.plate = plate;
        this.gate = gate;
        this.high = high;
        this.opening = opening;
        this.winding = winding;
        this.coilSets = coilSets;
        this.redesign = redesign;
        this.rewind = rewind;
        this.proof = proof;
        this.release = release;
        this.ranking = ranking;
        this.discharging = discharging;
        this.choice = new ChoiceNext(job, tests, new FinishNext(job, apart, redesign, rewind, proof, release));
    }

    /** The word of the test that stands; one made on a winding that is no longer there asks anew. */
    private Optional<Verdict> word(TestKind kind, int speed) {
        return tests.current(kind, speed).map(JudgedTest::verdict);
    }

    List<JobAssessment.StationAssessment> all() {
        return JobStep.stations().stream()
                .map(this::station)
                .filter(s -> !s.steps().isEmpty())
                .toList();
    }

    /** Every step of a station in its order; what is measured inside belongs to a motor that was opened. */
    private JobAssessment.StationAssessment station(Station station) {
        return station(
                station,
                StationOrder.of(station, job, tests, gate.state(), this::shown).stream()
                        .map(p -> step(p, verdict(p)))
                        .toArray(JobAssessment.StepAssessment[]::new));
    }

    private boolean shown(JobStep step) {
        return switch (step) {
            case REASSEMBLY ->
                apart.log().filter(l -> !l.reassembly().isEmpty()).isPresent();
            // The lap winding of three phases; a motor of one phase is taken coil by coil.
            case WINDING_DATA, SECOND_TAKE, WINDING_CONNECTION ->
                !job.singlePhase() || verdict(step).isPresent();
            case DRYING -> choice.offersDrying();
            case DISPATCH -> job.chosen().isPresent() || job.concluded().isPresent();
            default -> choice.shows(step) || verdict(step).isPresent();
        };
    }

    private Optional<Verdict> verdict(StationOrder.Place place) {
        return place.kind()
                .map(k -> word(k, place.speed()))
                .orElseGet(() -> verdict(place.step().orElseThrow()));
    }

    private Optional<Verdict> verdict(JobStep step) {
        return switch (step) {
            case ARRIVAL -> arrival.map(ArrivalAssessment::handling);
            case PLATE -> plate.map(p -> p.judgement().verdict());
            case DEAD -> safe();
            case RELEASE ->
                gate.state() == EnergiseGate.State.PERMITTED ? Optional.of(Verdict.HOLDS) : Optional.empty();
            case PARTS -> apart.log().map(TeardownLogAssessment::verdict);
            case LEAD_MAP -> apart.leads().map(LeadMapAssessment::verdict);
            case FINDINGS -> apart.findings().map(FindingsAssessment::verdict);
            case COIL_MAP -> job.coilMap().map(m -> Verdict.HOLDS);
            case REASSEMBLY -> apart.log().map(Stations::together);
            case CAUSE -> job.concluded().map(c -> Verdict.HOLDS);
            case WINDING_DATA -> winding.judgement().map(Judgement::verdict);
            case SECOND_TAKE -> secondTake();
            case WINDING_CONNECTION ->
                winding.connection().map(a -> a.judgement().verdict());
            case OPTIONS -> job.chosen().map(c -> Verdict.HOLDS);
            case DRYING -> choice.dried();
            case COIL_SETS -> coilSets.map(a -> a.judgement().verdict());
            case NEW_WINDING -> redesign.map(r -> r.judgement().verdict());
            case PROVE -> Optional.of(proof.judgement().verdict()).filter(v -> choice.works());
            case DISPATCH ->
                release.items().stream().anyMatch(i -> i.done().isPresent()) || release.released()
                        ? Optional.of(release.judgement().verdict())
                        : Optional.empty();
            default -> rewind.verdict(step);
        };
    }

    /** A second take is open until both are settled; takes that differ are a stop. */
    private Optional<Verdict> secondTake() {
        if (winding.stripping().open()) {
            return Optional.of(Verdict.HOLDS);
        }
        return winding.secondBy().map(by -> winding.differences().isEmpty() ? Verdict.UNPROVEN : Verdict.STOP);
    }

    private static Verdict together(TeardownLogAssessment log) {
        if (log.off() > 0) {
            return Verdict.UNPROVEN;
        }
        boolean all = log.reassembly().stream()
                .allMatch(s -> s.refit().filter(r -> r.leftOut().isEmpty()).isPresent());
        return all ? Verdict.HOLDS : Verdict.WATCH;
    }

    /** Dead and proved is a state of today, not a record: once the lock-out has ended the step is open again. */
    private Optional<Verdict> safe() {
        Optional<Verdict> tester = word(WindingTests.TESTER_PROOF, 1);
        if (!gate.leads().mayConnect()) {
            return job.power().lockOut().isPresent() ? Optional.empty() : tester.map(t -> Verdict.UNPROVEN);
        }
        return tester.or(() -> Optional.of(Verdict.UNPROVEN));
    }

    private static JobAssessment.StepAssessment step(StationOrder.Place place, Optional<Verdict> verdict) {
        return new JobAssessment.StepAssessment(
                place.path(),
                place.label(),
                verdict.orElse(Verdict.UNPROVEN),
                verdict.isPresent(),
                place.kind().filter(TestKind::further).isPresent());
    }

    /** A station with nothing on record is unproven; else the worst of what is on record judges it. */
    private JobAssessment.StationAssessment station(Station station, JobAssessment.StepAssessment... steps) {
        List<Verdict> done = Arrays.stream(steps)
                .filter(JobAssessment.StepAssessment::done)
                .map(JobAssessment.StepAssessment::verdict)
                .toList();
        return new JobAssessment.StationAssessment(
                station,
                station.label(),
                Verdict.worst(done),
                List.of(steps),
                Optional.ofNullable(job.routing().skipped().get(station)));
    }

    Judgement worst() {
        return Judgement.worst(tests.standing()
                        .filter(JudgedTest::current)
                        .filter(t -> !t.kind().checksTester())
                        .filter(t -> t.kind().stop().hold() == StopEffect.Hold.BLOCKED || t.verdict() == Verdict.STOP)
                        .map(JudgedTest::effective)
                        .toList())
                .orElse(NOTHING);
    }

    /**
     * The first thing left undone, in the order of the work; what blocks comes with its reason. A job that left, waits or was
     * sent back says so before anything else.
     */
    JobAssessment.Next next() {
        JobAssessment.Next usual = usual();
        Routing routing = job.routing();
        if (routing.left().isPresent()) {
            return next("Left the shop: " + routing.left().get(), usual.step(), usual.station());
        }
        if (routing.hold().isPresent()) {
            return next(routing.hold().get().label(), usual.step(), usual.station());
        }
        return routing.back()
                .map(b -> next("Back to " + b.to().label() + ": " + b.reason(), firstStep(b.to()), b.to()))
                .orElse(usual);
    }

    private String firstStep(Station station) {
        return all().stream()
                .filter(s -> s.station() == station)
                .findFirst()
                .orElseThrow()
                .steps()
                .get(0)
                .step();
    }

    /** The bench asks for more until the motor was opened and painted, or the customer has answered. */
    private boolean benchSpeaks() {
        return job.coilMap().isEmpty() && open(Station.BENCH) && job.chosen().isEmpty();
    }

    private boolean open(Station station) {
        return !job.routing().skipped().containsKey(station);
    }

    private JobAssessment.Next usual() {
        if (job.arrival().isEmpty() && open(Station.RECEIVE)) {
            return next("Look it over: shaft, smell, missing parts", JobStep.ARRIVAL);
        }
        if (open(Station.RECEIVE)) {
            Optional<JobAssessment.Next> plate = plate();
            if (plate.isPresent()) {
                return plate.get();
            }
        }
        if (benchSpeaks()) {
            Optional<JobAssessment.Next> bench = bench().find();
            if (bench.isPresent()) {
                return bench.get();
            }
        }
        return afterBench();
    }

    /** A plate that leaves the voltage open stops the bench: no test voltage can be set without one. */
    private Optional<JobAssessment.Next> plate() {
        if (plate.isEmpty()) {
            return Optional.of(next("Read the nameplate", JobStep.PLATE));
        }
        return job.plate()
                .filter(p -> p.ratedVoltageV().isEmpty())
                .map(p -> next("Estimate the plate: voltage not known", JobStep.PLATE));
    }

    private BenchNext bench() {
        return new BenchNext(job, tests, gate, high, discharging.isPresent());
    }

    private JobAssessment.Next afterBench() {
        Judgement worst = worst();
        boolean sound = worst.verdict() == Verdict.HOLDS;
        if (job.coilMap().isEmpty() && !sound && job.concluded().isEmpty() && open(Station.TEARDOWN)) {
            if (!opening.open()) {
                return closed();
            }
            if (apart.log().isEmpty()) {
                return next("Mark it, take it apart, log the parts: " + Phrase.lower(worst.headline()), JobStep.PARTS);
            }
            return next("Open it and paint the coil map: " + Phrase.lower(worst.headline()), JobStep.COIL_MAP);
        }
        if (sound && job.concluded().isEmpty() && benchSpeaks()) {
            Optional<JobAssessment.Next> bench = bench().sound();
            if (bench.isPresent()) {
                return bench.get();
            }
        }
        if (job.concluded().isEmpty() && open(Station.CAUSE)) {
            FailureRanking.Ranked first = ranking.ranking().get(0);
            return next(
                    "Conclude: " + first.label() + " " + Math.round(100 * first.probability()) + " %", JobStep.CAUSE);
        }
        boolean taken = !winding.stages().isEmpty() || coilSets.isPresent();
        if (!taken && !sound && opening.open() && choice.mayStrip() && open(Station.WINDING)) {
            return next(
                    "Take the winding data before stripping",
                    job.singlePhase() ? JobStep.COIL_SETS : JobStep.WINDING_DATA);
        }
        return choice.next(open(Station.REWIND));
    }

    /** What a motor that may not be opened here needs: an exposure made safe, or the customer told. */
    private JobAssessment.Next closed() {
        DismantlingPermit.Reason first = opening.holding().get(0);
        if (first.code().equals("exposure")) {
            return next(first.sentence(), JobStep.ARRIVAL);
        }
        return job.offers().isEmpty()
                ? next("Explosion-protected: certified repairer or a new motor; price both", JobStep.OPTIONS)
                : choice.answered();
    }

    private static JobAssessment.Next next(String sentence, JobStep step) {
        return next(sentence, step.path(), step.station());
    }

    private static JobAssessment.Next next(String sentence, String step, Station station) {
        return new JobAssessment.Next(sentence, step, station);
    }
}
