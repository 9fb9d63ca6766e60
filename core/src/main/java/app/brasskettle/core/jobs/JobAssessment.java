package app.brasskettle.core.jobs;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.cause.EvidenceTable;
import app.brasskettle.core.cause.FailurePattern;
import app.brasskettle.core.cause.FailurePatternWorksheet;
import app.brasskettle.core.cause.FailureRanking;
import app.brasskettle.core.choice.ChoiceAssessment;
import app.brasskettle.core.choice.ChoiceFacts;
import app.brasskettle.core.choice.ChoiceSheet;
import app.brasskettle.core.coilset.CoilSetAssessment;
import app.brasskettle.core.drying.DryingResult;
import app.brasskettle.core.drying.DryingWorksheet;
import app.brasskettle.core.energise.DischargeClock;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.energise.GateFacts;
import app.brasskettle.core.energise.HighVoltageGate;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateAssessment;
import app.brasskettle.core.pricing.PricingFacts;
import app.brasskettle.core.prove.ProofTable;
import app.brasskettle.core.prove.ProofTables;
import app.brasskettle.core.quote.ApprovedPrice;
import app.brasskettle.core.redesign.DesignedWinding;
import app.brasskettle.core.redesign.RedesignAssessment;
import app.brasskettle.core.redesign.RedesignSheet;
import app.brasskettle.core.release.ReleaseAssessment;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.rewind.RewindAssessment;
import app.brasskettle.core.teardown.CoilMap;
import app.brasskettle.core.teardown.DismantlingPermit;
import app.brasskettle.core.testrecord.JudgedTests;
import app.brasskettle.core.testrecord.TestJudge;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.MeasuredAgainstPredicted;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.winding.WindingResult;
import app.brasskettle.core.windingtake.WindingAssessment;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.work.WindingState;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A job as the core reads it at one moment.
 *
 * @param tests every test with its one effective judgement
 * @param windingState the winding as the work on record left it
 * @param stations each station with its verdict and its steps
 * @param next what needs hands next
 * @param worst the worst verdict on record, which judges the motor
 * @param gate may it be put on power
 * @param highVoltage may high voltage be applied
 * @param plateChanges who changed what the tests are judged by, newest first
 * @param discharge the clock of the last voltage
 * @param opening may it be opened here
 * @param apart what a motor taken apart says
 * @param arrival what follows from how it came in
 * @param plate what its plate says and leaves open
 * @param evidence evidence held, struck pieces marked
 * @param ranking explanations weighed
 * @param advice what each explanation would mean here
 * @param winding what the takes of the winding come to
 * @param coilSets what a take coil by coil comes to
 * @param redesign what the new winding comes to, once somebody began it
 * @param choice options compared, once they are priced
 * @param overApproved said once the option chosen comes to more than was approved
 * @param drying what its drying comes to
 * @param rewind what the second half comes to, and what holds its steps
 * @param proof the table of proof
 * @param release may it be released, and what goes with it
 * @param departure may it leave as ready for service
 */
public record JobAssessment(
        JudgedTests tests,
        WindingState windingState,
        List<StationAssessment> stations,
        Next next,
        Judgement worst,
        EnergiseGate gate,
        HighVoltageGate highVoltage,
        List<String> plateChanges,
        Optional<DischargeClock> discharge,
        DismantlingPermit opening,
        DismantledAssessment apart,
        Optional<ArrivalAssessment> arrival,
        Optional<PlateAssessment> plate,
        List<Piece> evidence,
        FailureRanking ranking,
        List<Advice> advice,
        WindingAssessment winding,
        Optional<CoilSetAssessment> coilSets,
        Optional<RedesignAssessment> redesign,
        Optional<ChoiceAssessment> choice,
        Optional<Judgement> overApproved,
        Optional<DryingResult> drying,
        RewindAssessment rewind,
        ProofTable proof,
        ReleaseAssessment release,
        Departure departure) {

    private static final int POLES_WHEN_UNKNOWN = 4;

    /** A station, its verdict, its steps, and why it was skipped, if it was. */
    public record StationAssessment(
            Station station, String name, Verdict verdict, List<StepAssessment> steps, Optional<String> skipped) {}

    /** One step of a station: where it is found, its name, its verdict, whether anything is on record, and whether only who wants to know more takes it. */
    public record StepAssessment(String step, String name, Verdict verdict, boolean done, boolean further) {}

    /** What needs hands next, and the step where. */
    public record Next(String sentence, String step, Station station) {}

    /** A piece of evidence, where it came from, and whether somebody struck it. */
    public record Piece(String code, String words, String step, boolean struck) {}

    /** The reading of {@code job} at {@code now} (seconds of the epoch). */
    public static JobAssessment of(JobRecord job, double now) {
        JudgedTests tests = TestJudge.judge(job.rules(), job.plate(), job.timeline(), job.demonstration());
        Optional<DischargeClock> clock =
                DischargeClock.after(job.power().voltages(), job.power().proofs());
        DismantledAssessment apart = DismantledAssessment.of(job);
        GatheredEvidence gathered = new GatheredEvidence(job, tests, apart);
        FailureRanking ranking = rank(job, gathered.all(), job.struck());
        Optional<ArrivalAssessment> arrival = job.arrived().map(a -> ArrivalAssessment.of(a, job.plate()));
        Optional<PlateAssessment> plate = job.plate().map(PlateAssessment::of);
        DismantlingPermit opening = opening(job);
        Optional<CoilSetAssessment> coilSets = coilSets(job);
        WindingAssessment winding = winding(job, tests, coilSets);
        Optional<RedesignAssessment> redesign = job.redesign().map(r -> redesign(job, winding, r));
        JobChoice choosing = new JobChoice(job, tests, gathered.standing(job));
        Optional<ChoiceAssessment> choice = job.offers().flatMap(o -> compare(job, choosing.facts(redesign, now), o));
        ProofTables proofs = JobFinish.proofs(job, tests, winding, redesign);
        RewindAssessment rewind = new RewindReading(job, tests, winding, redesign, opening, proofs).read();
        GateFacts facts = GateAssessment.of(job, tests, apart, gathered.standing(job), clock, rewind);
        EnergiseGate gate = EnergiseGate.of(facts, now);
        HighVoltageGate high = HighVoltageGate.of(facts, now);
        ProofTable proof = proofs.finished();
        ReleaseAssessment release = JobFinish.release(job, apart.log(), rewind, proof, gate);
        Stations stations = new Stations(
                job,
                tests,
                apart,
                arrival,
                plate,
                gate,
                high,
                opening,
                winding,
                coilSets,
                redesign,
                rewind,
                proof,
                release,
                ranking,
                clock.filter(c -> c.runs(now)));
        return new JobAssessment(
                tests,
                job.timeline().winding(),
                stations.all(),
                stations.next(),
                stations.worst(),
                gate,
                high,
                PlateChanges.of(job.plates()),
                clock,
                opening,
                apart,
                arrival,
                plate,
                gathered.pieces(job),
                ranking,
                Advice.of(job, codes(ranking, gathered.standing(job))),
                winding,
                coilSets,
                redesign,
                choice,
                job.chosen().flatMap(c -> ApprovedPrice.exceeded(c, choice)),
                job.drying().map(d -> DryingWorksheet.create().work().apply(d)),
                rewind,
                proof,
                release,
                Departure.of(gate, tests, job.chosen(), JobFinish.worked(job), release));
    }

    /** Offers compared for this job's motor in its condition at {@code now}; empty until its rated power is known. */
    public static Optional<ChoiceAssessment> compare(JobRecord job, ChoiceSheet offers, double now) {
        JudgedTests tests = TestJudge.judge(job.rules(), job.plate(), job.timeline(), job.demonstration());
        Optional<RedesignAssessment> redesign = job.redesign().map(r -> redesign(job, winding(job), r));
        return compare(job, choosing(job, tests).facts(redesign, now), offers);
    }

    /** What the record says to this job's price; empty until its rated power is known. */
    public static Optional<PricingFacts> pricing(JobRecord job, boolean rush) {
        JudgedTests tests = TestJudge.judge(job.rules(), job.plate(), job.timeline(), job.demonstration());
        return choosing(job, tests).pricing(winding(job), rush);
    }

    private static JobChoice choosing(JobRecord job, JudgedTests tests) {
        return new JobChoice(job, tests, new GatheredEvidence(job, tests, DismantledAssessment.of(job)).standing(job));
    }

    private static Optional<ChoiceAssessment> compare(JobRecord job, ChoiceFacts facts, ChoiceSheet offers) {
        return job.plate().flatMap(Plate::ratedPowerW).map(w -> ChoiceAssessment.of(offers, w, facts));
    }

    /** What the takes of a job's winding come to, its measured resistance held against them. */
    public static WindingAssessment winding(JobRecord job) {
        return winding(
                job, TestJudge.judge(job.rules(), job.plate(), job.timeline(), job.demonstration()), coilSets(job));
    }

    private static Optional<CoilSetAssessment> coilSets(JobRecord job) {
        return job.coilSets()
                .map(s -> CoilSetAssessment.of(s.take(), job.rules().windingLimits()));
    }

    /** Where the winding is taken coil by coil and not as a lap winding, that take says whether it may come out. */
    private static WindingAssessment winding(JobRecord job, JudgedTests tests, Optional<CoilSetAssessment> coilSets) {
        WindingAssessment winding = held(job.winding(), tests);
        return coilSets.filter(a -> winding.stages().isEmpty())
                .map(a -> winding.stripping(
                        job.coilSets().orElseThrow().stripping(a, job.rules().second())))
                .orElse(winding);
    }

    /**
     * Holds takes against the resistance measured, where nothing casts doubt on the reading: a winding that is open or unbalanced
     * says nothing of how it was counted.
     */
    public static WindingAssessment held(WindingAssessment winding, JudgedTests tests) {
        return winding.result()
                .flatMap(WindingResult::terminalOhmAt25C)
                .flatMap(predicted -> tests.current(WindingTests.WINDING_RESISTANCE, 1)
                        .filter(t -> t.verdict() == Verdict.HOLDS || t.verdict() == Verdict.WATCH)
                        .flatMap(t -> t.result(ResistanceResult.class))
                        .flatMap(ResistanceResult::meanOhmAt25C)
                        .map(ohm -> MeasuredAgainstPredicted.judge(predicted, ohm)))
                .map(winding::heldAgainst)
                .orElse(winding);
    }

    /** The winding that goes in by its design; else the one that was taken down. */
    public static Optional<WindingData> designed(JobRecord job) {
        WindingAssessment winding = winding(job);
        return job.redesign()
                .flatMap(r -> redesign(job, winding, r).chosen())
                .map(DesignedWinding::data)
                .or(winding::data);
    }

    /** What a new winding for this job's motor comes to. */
    public static RedesignAssessment redesign(JobRecord job, RedesignSheet sheet) {
        return redesign(job, winding(job), sheet);
    }

    private static RedesignAssessment redesign(JobRecord job, WindingAssessment winding, RedesignSheet sheet) {
        return RedesignAssessment.of(winding.data(), winding.stripping().open(), job.leaving(), sheet, job.rules());
    }

    /** May this motor be opened here: for the page, and for whoever is about to record that it was. */
    public static DismantlingPermit opening(JobRecord job) {
        return DismantlingPermit.of(
                job.explosionProtected(),
                job.certificate(),
                job.arrived()
                        .flatMap(Arrival::handover)
                        .filter(Handover::unsafe)
                        .map(h -> "Exposed to "
                                + h.harmful().stream()
                                        .map(Handover.Exposure::label)
                                        .collect(Collectors.joining(", "))
                                + ", not declared made safe"));
    }

    /**
     * The ranking if some pieces did not count and others were there.
     *
     * @param without codes left out beside what is struck
     * @param with pieces supposed
     */
    public static FailureRanking whatIf(JobRecord job, Set<String> without, List<Evidence> with) {
        Set<String> out = new HashSet<>(job.struck());
        out.addAll(without);
        List<Evidence> evidence = new ArrayList<>(new GatheredEvidence(
                        job,
                        TestJudge.judge(job.rules(), job.plate(), job.timeline(), job.demonstration()),
                        DismantledAssessment.of(job))
                .all());
        with.stream().filter(e -> !evidence.contains(e)).forEach(evidence::add);
        return rank(job, evidence, out);
    }

    /** What is left out was noted all the same: it is not to count as quiet either. */
    private static FailureRanking rank(JobRecord job, List<Evidence> evidence, Set<String> without) {
        int poles = job.plate()
                .map(PlateAssessment::of)
                .flatMap(PlateAssessment::poles)
                .filter(p -> p <= 120)
                .orElse(POLES_WHEN_UNKNOWN);
        FailurePattern pattern = job.coilMap()
                .map(m -> new FailurePattern(m.connection(), m.poles(), m.groups(), m.spots(), evidence))
                .orElseGet(() -> new FailurePattern(
                        job.plate().map(Plate::connection).orElse(Connection.UNKNOWN),
                        poles,
                        List.of(),
                        List.of(),
                        evidence));
        return FailurePatternWorksheet.weigh(
                pattern,
                job.coilMap().map(CoilMap::facts).orElse(List.of()),
                job.earlier(),
                EvidenceTable.shipped().learnt(job.closed()),
                without);
    }

    private static List<String> codes(FailureRanking ranking, List<Evidence> evidence) {
        List<String> codes = new ArrayList<>();
        ranking.facts().stream().filter(f -> !f.struck()).forEach(f -> codes.add(f.code()));
        evidence.forEach(e -> codes.add(e.code()));
        return codes;
    }
}
