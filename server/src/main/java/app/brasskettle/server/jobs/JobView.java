package app.brasskettle.server.jobs;

import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.cause.FailureRanking;
import app.brasskettle.core.choice.ChoiceReading;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.energise.HighVoltageGate;
import app.brasskettle.core.insulation.AbsorptionFit;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.insulation.InsulationTest;
import app.brasskettle.core.insulation.TestVoltage;
import app.brasskettle.core.jobs.Advice;
import app.brasskettle.core.jobs.ApartReading;
import app.brasskettle.core.jobs.ArrivalReading;
import app.brasskettle.core.jobs.JobReading;
import app.brasskettle.core.nameplate.PlateReading;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.resistance.ResistanceTest;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.teardown.OpeningGate;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingResult;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A job as a page shows it: its record, and what the core reads from it now. */
public record JobView(
        Identity identity,
        List<JobReading.StationReading> stations,
        JobReading.Next next,
        Judgement worst,
        EnergiseGate gate,
        HighVoltageGate highVoltage,
        Optional<Discharge> discharge,
        List<LedgerEntry> ledger,
        Map<String, Sheet> sheets,
        OpeningGate opening,
        ApartReading apart,
        Optional<ArrivalReading> arrival,
        Optional<PlateReading> plate,
        Bench bench,
        List<JobReading.Piece> evidence,
        FailureRanking ranking,
        List<Advice> advice,
        Optional<WindingResult> winding,
        Optional<Judgement> windingMeasured,
        Optional<ChoiceReading> choice,
        Optional<Concluded> concluded,
        List<Concluded> overruledConclusions,
        Optional<Chosen> chosen,
        SimulatedMotorView simulatedMotor) {

    /** What an explanation would mean on this job. */
    public Advice adviceOn(Explanation explanation) {
        return advice.stream()
                .filter(a -> a.explanation().equals(explanation.word()))
                .findFirst()
                .orElseThrow();
    }

    /** Whose motor, what it is, and what the outage has cost. */
    public record Identity(
            String tag,
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
            Optional<FloorRow.SetDown> setDown,
            Optional<FloorRow.Waiting> waiting,
            Optional<FloorRow.Left> left) {}

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
            boolean simulated,
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

    public record Proof(Judgement judgement, Done done) {}

    /** The insulation test: readings, result, how the current divides, the verdict as it stands on this job, and
     * the other school's. */
    public record Insulation(
            InsulationTest test,
            InsulationResult result,
            Judgement standing,
            Judgement other,
            Optional<Fit> fit,
            boolean simulated,
            Done done) {}

    /** Absorption and leakage parts of the current. */
    public record Fit(AbsorptionFit curve, double leakageSharePercent) {

        /** The parts that the readings of {@code test} show at the standard's test voltage, where they can be told apart. */
        public static Optional<Fit> of(InsulationTest test) {
            double testV = TestVoltage.forRated(test.ratedVoltageV()).lowV();
            return AbsorptionFit.of(test.readings(), testV).map(f -> new Fit(f, f.leakageSharePercent()));
        }
    }

    /** A further test by the worksheet of its name: readings as typed, output, judgement. */
    public record Further(
            String step, Map<String, Object> typed, Object output, Judgement judgement, boolean simulated, Done done) {}

    public record Resistance(ResistanceTest test, ResistanceResult result, boolean simulated, Done done) {}

    public record Surge(SurgeSet set, SurgeSet.Outcome outcome, boolean simulated, Done done) {}

    /**
     * A conclusion with the probability the product gave it at that moment.
     *
     * @param root what lies under it, in words; empty where nobody said
     * @param chain from what started it to what was found, as it stood
     * @param recommendations to the customer, as edited
     */
    public record Concluded(
            String explanation,
            String spoken,
            String reason,
            double probabilityThen,
            String leaderThen,
            String root,
            List<String> chain,
            List<String> recommendations,
            Done done) {}

    /** The customer's answer. */
    public record Chosen(String option, String customer, String how, String reason, Done done) {}

    /** The simulated motor the instruments of this job read. */
    public record SimulatedMotorView(
            List<String> faults, Map<String, String> severities, double windingTemperatureC, String deviceFault) {}
}
