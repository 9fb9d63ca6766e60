package app.brasskettle.core.jobs;

import app.brasskettle.core.cause.FailureRanking;
import app.brasskettle.core.energise.DischargeClock;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.energise.HighVoltageGate;
import app.brasskettle.core.findings.FindingsReading;
import app.brasskettle.core.leads.LeadMapReading;
import app.brasskettle.core.nameplate.PlateReading;
import app.brasskettle.core.teardown.LogReading;
import app.brasskettle.core.teardown.OpeningGate;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.JudgedTests;
import app.brasskettle.core.testrecord.StopEffect;
import app.brasskettle.core.testrecord.TestKind;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Phrase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The work of a job in its order: what stands, what is open, what comes next. */
final class Stations {

    private static final List<TestKind> OPEN = List.of(
            TestKind.BEARING_SEATS,
            TestKind.AIR_GAP,
            TestKind.BRACKET_REGISTERS,
            TestKind.SHAFT_RUNOUT,
            TestKind.KEY_SEAT,
            TestKind.CORE_LOOP_RESULT,
            TestKind.POLE_CHECK,
            TestKind.ROTOR_BALANCE);

    private static final Judgement NOTHING =
            new Judgement(Verdict.UNPROVEN, "Nothing tested yet", "", "", "Receive it, then test.");

    private final JobRecord job;
    private final JudgedTests tests;
    private final ApartReading apart;
    private final Optional<ArrivalReading> arrival;
    private final Optional<PlateReading> plate;
    private final EnergiseGate gate;
    private final HighVoltageGate high;
    private final OpeningGate opening;
    private final FailureRanking ranking;
    private final Optional<DischargeClock> discharging;

    Stations(
            JobRecord job,
            JudgedTests tests,
            ApartReading apart,
            Optional<ArrivalReading> arrival,
            Optional<PlateReading> plate,
            EnergiseGate gate,
            HighVoltageGate high,
            OpeningGate opening,
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
        this.ranking = ranking;
        this.discharging = discharging;
    }

    /** The word of the test that stands; one made on a winding that is no longer there asks anew. */
    private Optional<Verdict> word(TestKind kind, int speed) {
        return tests.current(kind, speed).map(JudgedTest::verdict);
    }

    List<JobReading.StationReading> all() {
        return List.of(
                station(
                        Station.RECEIVE,
                        step("receive", "Arrival", arrival.map(ArrivalReading::handling)),
                        step("plate", "Nameplate", plate.map(p -> p.judgement().verdict()))),
                station(Station.BENCH, benchSteps()),
                station(Station.TEARDOWN, teardown()),
                station(
                        Station.CAUSE,
                        step("cause", "Evidence and cause", job.concluded().map(c -> Verdict.HOLDS))),
                station(
                        Station.WINDING,
                        step("winding", "Winding data", job.winding().map(w -> w.verdict()))),
                station(Station.CHOOSE, step("choose", "Options", job.chosen().map(c -> Verdict.HOLDS))));
    }

    /** The bench in its safe order. */
    private JobReading.StepReading[] benchSteps() {
        return BenchOrder.of(job, tests, gate.state()).stream()
                .map(p -> step(p.step(), p.name(), verdict(p)))
                .toArray(JobReading.StepReading[]::new);
    }

    private Optional<Verdict> verdict(BenchOrder.Place place) {
        return switch (place.step()) {
            case "bench/dead" -> safe();
            case "bench/release" ->
                gate.state() == EnergiseGate.State.PERMITTED ? Optional.of(Verdict.HOLDS) : Optional.empty();
            default -> place.kind().flatMap(k -> word(k, place.speed()));
        };
    }

    /** Marks, parts and leads come before the first bolt; what is measured inside belongs to a motor that was opened. */
    private JobReading.StepReading[] teardown() {
        List<JobReading.StepReading> steps = new ArrayList<>();
        steps.add(step("teardown/parts", "Marks and parts", apart.log().map(LogReading::verdict)));
        steps.add(step("teardown/lead-map", "Lead map", apart.leads().map(LeadMapReading::verdict)));
        steps.add(step("teardown/findings", "Findings", apart.findings().map(FindingsReading::verdict)));
        steps.add(step("teardown/coils", "Coil map", job.coilMap().map(m -> Verdict.HOLDS)));
        if (job.timeline().winding().opened()) {
            for (TestKind kind : OPEN) {
                steps.add(further(kind));
            }
        }
        if (apart.log().filter(l -> !l.reassembly().isEmpty()).isPresent()) {
            steps.add(step("teardown/together", "Reassembly", apart.log().map(Stations::together)));
        }
        return steps.toArray(JobReading.StepReading[]::new);
    }

    private static Verdict together(LogReading log) {
        if (log.off() > 0) {
            return Verdict.UNPROVEN;
        }
        boolean all = log.reassembly().stream()
                .allMatch(s -> s.refit().filter(r -> r.leftOut().isEmpty()).isPresent());
        return all ? Verdict.HOLDS : Verdict.WATCH;
    }

    private JobReading.StepReading further(TestKind kind) {
        return step(kind.step(1), kind.label(), word(kind, 1));
    }

    /** Dead and proved is a state of today, not a record: once the lock-out has ended the step is open again. */
    private Optional<Verdict> safe() {
        Optional<Verdict> tester = word(TestKind.TESTER_PROOF, 1);
        if (!gate.leads().mayConnect()) {
            return job.power().lockOut().isPresent() ? Optional.empty() : tester.map(t -> Verdict.UNPROVEN);
        }
        return tester.or(() -> Optional.of(Verdict.UNPROVEN));
    }

    private static JobReading.StepReading step(String path, String name, Optional<Verdict> verdict) {
        return new JobReading.StepReading(path, name, verdict.orElse(Verdict.UNPROVEN), verdict.isPresent());
    }

    /** A station with nothing on record is unproven; else the worst of what is on record judges it. */
    private JobReading.StationReading station(Station station, JobReading.StepReading... steps) {
        List<Verdict> done = new ArrayList<>();
        for (JobReading.StepReading s : steps) {
            if (s.done()) {
                done.add(s.verdict());
            }
        }
        return new JobReading.StationReading(
                station,
                station.spoken(),
                Verdict.worst(done),
                List.of(steps),
                Optional.ofNullable(job.course().skipped().get(station)));
    }

    Judgement worst() {
        return Judgement.worst(tests.standing()
                        .filter(JudgedTest::current)
                        .filter(t -> t.kind() != TestKind.TESTER_PROOF)
                        .filter(t -> t.kind().stop().hold() == StopEffect.Hold.BLOCKED || t.verdict() == Verdict.STOP)
                        .map(JudgedTest::effective)
                        .toList())
                .orElse(NOTHING);
    }

    /**
     * The first thing left undone, in the order of the work; what blocks comes with its reason. A job that left, waits or was
     * sent back says so before anything else.
     */
    JobReading.Next next() {
        JobReading.Next usual = usual();
        Course course = job.course();
        if (course.left().isPresent()) {
            return next("Left the shop: " + course.left().get(), usual.step(), usual.station());
        }
        if (course.hold().isPresent()) {
            return next(course.hold().get().spoken(), usual.step(), usual.station());
        }
        return course.back()
                .map(b -> next("Back to " + b.to().spoken() + ": " + b.reason(), firstStep(b.to()), b.to()))
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

    private boolean open(Station station) {
        return !job.course().skipped().containsKey(station);
    }

    private JobReading.Next usual() {
        if (job.arrival().isEmpty() && open(Station.RECEIVE)) {
            return next("Look it over: shaft, smell, missing parts", "receive", Station.RECEIVE);
        }
        if (open(Station.RECEIVE)) {
            Optional<JobReading.Next> plate = plate();
            if (plate.isPresent()) {
                return plate.get();
            }
        }
        if (job.coilMap().isEmpty() && open(Station.BENCH)) {
            Optional<JobReading.Next> bench = bench().find();
            if (bench.isPresent()) {
                return bench.get();
            }
        }
        return afterBench();
    }

    /** A plate that leaves the voltage open stops the bench: no test voltage can be set without one. */
    private Optional<JobReading.Next> plate() {
        if (plate.isEmpty()) {
            return Optional.of(next("Read the nameplate", "plate", Station.RECEIVE));
        }
        return job.plate()
                .filter(p -> p.ratedVoltageV().isEmpty())
                .map(p -> next("Estimate the plate: voltage not known", "plate", Station.RECEIVE));
    }

    private BenchNext bench() {
        return new BenchNext(job, tests, gate, high, discharging.isPresent());
    }

    private JobReading.Next afterBench() {
        Judgement worst = worst();
        boolean sound = worst.verdict() == Verdict.HOLDS;
        if (job.coilMap().isEmpty() && !sound && job.concluded().isEmpty() && open(Station.TEARDOWN)) {
            if (!opening.open()) {
                return closed();
            }
            if (apart.log().isEmpty()) {
                return next(
                        "Mark it, take it apart, log the parts: " + Phrase.lower(worst.headline()),
                        "teardown/parts",
                        Station.TEARDOWN);
            }
            return next(
                    "Open it and paint the coil map: " + Phrase.lower(worst.headline()),
                    "teardown/coils",
                    Station.TEARDOWN);
        }
        if (sound && job.coilMap().isEmpty() && job.concluded().isEmpty() && open(Station.BENCH)) {
            Optional<JobReading.Next> bench = bench().sound();
            if (bench.isPresent()) {
                return bench.get();
            }
        }
        if (job.concluded().isEmpty() && open(Station.CAUSE)) {
            FailureRanking.Ranked first = ranking.ranking().get(0);
            return next(
                    "Conclude: " + first.spoken() + " " + Math.round(100 * first.probability()) + " %",
                    "cause",
                    Station.CAUSE);
        }
        if (job.winding().isEmpty() && !sound && opening.open() && open(Station.WINDING)) {
            return next("Take the winding data before stripping", "winding", Station.WINDING);
        }
        if (job.offers().isEmpty()) {
            return next("Price the options", "choose", Station.CHOOSE);
        }
        return job.chosen()
                .map(c -> next("Chosen: " + c, "choose", Station.CHOOSE))
                .orElseGet(() -> next("Customer to choose", "choose", Station.CHOOSE));
    }

    /** What a motor that may not be opened here needs: an exposure made safe, or the customer told. */
    private JobReading.Next closed() {
        OpeningGate.Reason first = opening.holding().get(0);
        if (first.code().equals("exposure")) {
            return next(first.sentence(), "receive", Station.RECEIVE);
        }
        return job.offers().isEmpty()
                ? next("Explosion-protected: certified repairer or a new motor; price both", "choose", Station.CHOOSE)
                : job.chosen()
                        .map(c -> next("Chosen: " + c, "choose", Station.CHOOSE))
                        .orElseGet(() -> next("Customer to choose", "choose", Station.CHOOSE));
    }

    private static JobReading.Next next(String sentence, String step, Station station) {
        return new JobReading.Next(sentence, step, station);
    }
}
