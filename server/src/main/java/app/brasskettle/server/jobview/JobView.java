package app.brasskettle.server.jobview;

import app.brasskettle.core.cause.FailureRanking;
import app.brasskettle.core.charts.InsulationCurve;
import app.brasskettle.core.charts.TestLines;
import app.brasskettle.core.choice.ChoiceAssessment;
import app.brasskettle.core.coilset.CoilSetAssessment;
import app.brasskettle.core.drying.DryingResult;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.energise.HighVoltageGate;
import app.brasskettle.core.insulation.AbsorptionFit;
import app.brasskettle.core.insulation.InsulationReadings;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.insulation.TestVoltage;
import app.brasskettle.core.jobs.Advice;
import app.brasskettle.core.jobs.ArrivalAssessment;
import app.brasskettle.core.jobs.Departure;
import app.brasskettle.core.jobs.DismantledAssessment;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.nameplate.PlateAssessment;
import app.brasskettle.core.prove.ProofTable;
import app.brasskettle.core.redesign.RedesignAssessment;
import app.brasskettle.core.release.ReleaseAssessment;
import app.brasskettle.core.resistance.ResistanceReadings;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.rewind.RewindAssessment;
import app.brasskettle.core.surge.SurgeOutcome;
import app.brasskettle.core.teardown.DismantlingPermit;
import app.brasskettle.core.testrecord.Caveat;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.windingtake.WindingAssessment;
import app.brasskettle.core.work.WindingState;
import app.brasskettle.server.jobrecord.JobRow;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** A job as a page shows it: its record, and what the core reads from it now. */
public record JobView(
        Identity identity,
        List<JobAssessment.StationAssessment> stations,
        JobAssessment.Next next,
        Judgement worst,
        EnergiseGate gate,
        List<String> plateChanges,
        HighVoltageGate highVoltage,
        WindingState windingState,
        Optional<Discharge> discharge,
        List<LedgerEntry> ledger,
        Map<String, Sheet> sheets,
        DismantlingPermit opening,
        Departure departure,
        DismantledAssessment apart,
        Optional<ArrivalAssessment> arrival,
        Optional<PlateAssessment> plate,
        Bench bench,
        List<JobAssessment.Piece> evidence,
        FailureRanking ranking,
        List<Advice> advice,
        WindingAssessment winding,
        Optional<CoilSetAssessment> coilSets,
        Optional<RedesignAssessment> redesign,
        Optional<ChoiceAssessment> choice,
        Optional<Concluded> concluded,
        List<Concluded> overruledConclusions,
        Optional<Chosen> chosen,
        Optional<DryingResult> drying,
        RewindAssessment rewind,
        ProofTable proof,
        ReleaseAssessment release,
        SimulatedMotorView simulatedMotor,
        Terms terms) {

    /**
     * What ranking and advice are called in place of a verdict, which is a word for what was measured.
     *
     * @param ranking likely, undecided
     * @param advice advised, close call
     */
    public record Terms(Map<Verdict, String> ranking) {

        static Terms all() {
            return new Terms(by(FailureRanking::term));
        }

        private static Map<Verdict, String> by(Function<Verdict, String> term) {
            return Arrays.stream(Verdict.values()).collect(Collectors.toMap(v -> v, term));
        }
    }

    /** Whose motor, what it is, and what the outage has cost. */
    public record Identity(
            String tag,
            long shop,
            String customer,
            String machine,
            String motor,
            String complaint,
            String supply,
            String urgency,
            double outageCostPerHour,
            Optional<OffsetDateTime> promisedAt,
            OffsetDateTime receivedAt,
            String receivedBy,
            double hoursInShop,
            double outageSoFar,
            long customerId,
            String mark,
            String askedBy,
            Optional<JobRow.SetDown> setDown,
            Optional<JobRow.Waiting> waiting,
            Optional<JobRow.Left> left) {}

    /** Grounding of the leads after the last voltage. */
    public record Discharge(
            double secondsLeft, double secondsToProof, double totalSeconds, double appliedSeconds, boolean proved) {}

    /** One piece of the record, in its order of arrival. */
    public record LedgerEntry(
            Verdict verdict,
            String headline,
            String by,
            OffsetDateTime at,
            String step,
            Origin origin,
            boolean superseded,
            String note) {}

    /** What was written down, with the version to send back when correcting it. */
    public record Sheet(int version, Map<String, Object> typed, String by, OffsetDateTime at) {}

    /** Tests as they stand. */
    public record Bench(
            Optional<Done> lockedOut,
            Optional<Proof> testerProof,
            Optional<Insulation> insulation,
            Optional<Resistance> resistance,
            Optional<Surge> surge,
            Map<String, Further> further,
            List<Overruled> overruled,
            List<String> auxiliaries,
            List<String> isolated) {}

    /** A lead hand's word over that of the limits, on a test that still stands. */
    public record Overruled(String step, String sentence, Verdict verdict, String reason, Done done) {}

    /** Something done by name. */
    public record Done(String by, OffsetDateTime at, String detail) {}

    public record Proof(Judgement judgement, Standing standing, Done done) {}

    /**
     * What stands of a test, the same for every kind and every reader.
     *
     * @param judgement the effective judgement
     * @param own the judgement by the reading alone
     * @param other the other school's, where there is one
     * @param caveats what became of it
     * @param current whether it was made on the winding, and for the motor, that stand there now
     * @param proves whether a gate may rest on it
     * @param origin how it came into the record
     * @param appliedV the voltage it was taken at, where that was noted
     */
    public record Standing(
            Judgement judgement,
            Judgement own,
            Optional<Judgement> other,
            List<Caveat> caveats,
            boolean current,
            boolean proves,
            Origin origin,
            Optional<Double> appliedV) {

        public static Standing of(JudgedTest t) {
            return new Standing(
                    t.effective(),
                    t.own(),
                    t.other(),
                    t.caveats(),
                    t.current(),
                    t.current() && t.proves(),
                    t.test().origin(),
                    t.test().appliedV());
        }
    }

    /** The insulation test: readings, result, how the current divides, what stands of it, what its chart draws. */
    public record Insulation(
            InsulationReadings test,
            InsulationResult result,
            Standing standing,
            Optional<Fit> fit,
            InsulationCurve curve,
            Done done) {}

    /** Absorption and leakage parts of the current. */
    public record Fit(AbsorptionFit curve, double leakageSharePercent) {

        /** The parts that the readings of {@code test} show at the voltage they were taken at, where they can be told apart. */
        public static Optional<Fit> of(InsulationReadings test, Optional<Double> appliedV) {
            double testV =
                    appliedV.orElse(TestVoltage.forRated(test.ratedVoltageV()).lowV());
            return AbsorptionFit.of(test.readings(), testV).map(f -> new Fit(f, f.leakageSharePercent()));
        }
    }

    /** A further test by the worksheet of its name: readings as typed, output, what stands of it, what its chart draws. */
    public record Further(
            String step,
            Map<String, Object> typed,
            Object output,
            Standing standing,
            Optional<TestLines> lines,
            List<Double> gapsMm,
            Done done) {}

    public record Resistance(ResistanceReadings test, ResistanceResult result, Standing standing, Done done) {}

    /** A surge test without its traces, which a page asks for once, by the test. */
    public record Surge(boolean rotorFitted, SurgeOutcome outcome, Standing standing, Done done) {}

    /**
     * A conclusion with the probability the product gave it at that moment.
     *
     * @param root what lies under it, in words; empty where nobody said
     * @param chain from what started it to what was found, as it stood
     * @param recommendations to the customer, as edited
     */
    public record Concluded(
            String explanation,
            String label,
            String reason,
            double probabilityThen,
            String leaderThen,
            String root,
            List<String> chain,
            List<String> recommendations,
            Done done) {}

    /**
     * The customer's answer.
     *
     * @param option the option chosen
     * @param customer who chose
     * @param how by link, signature, e-mail, telephone or in person
     * @param reason why
     * @param price what it was told to cost, without tax
     * @param quote the quote it answers; 0 where there was none
     * @param exceeded said once the option comes to more than that
     * @param done who took it down, and when
     */
    public record Chosen(
            String option,
            String customer,
            String how,
            String reason,
            String price,
            int quote,
            Optional<Judgement> exceeded,
            Done done) {}

    /** The simulated motor the instruments of this job read. */
    public record SimulatedMotorView(
            List<String> faults,
            Map<String, String> severities,
            double windingTemperatureC,
            String deviceFault,
            String windersMistake,
            String ovenFault) {}
}
