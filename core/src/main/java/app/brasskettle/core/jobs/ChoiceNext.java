package app.brasskettle.core.jobs;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.choice.ChosenOption;
import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.drying.DryingResult;
import app.brasskettle.core.drying.DryingWorksheet;
import app.brasskettle.core.insulation.InsulationReadings;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.JudgedTests;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.work.Station;
import java.util.Optional;

/** What needs hands next once the cause is known: prices, the customer, and what they chose. */
final class ChoiceNext {

    private final JobRecord job;
    private final Optional<JudgedTest> insulation;
    private final Optional<DryingResult> drying;
    private final FinishNext finish;

    ChoiceNext(JobRecord job, JudgedTests tests, FinishNext finish) {
        this.finish = finish;
        this.job = job;
        this.insulation = tests.current(WindingTests.INSULATION_RESISTANCE, 1);
        this.drying = job.drying().map(d -> DryingWorksheet.create().work().apply(d));
    }

    Optional<Verdict> dried() {
        return drying.map(DryingResult::verdict);
    }

    /** Whether drying is offered: to a winding that is wet by the record, or whose insulation may come up with heat. */
    boolean offersDrying() {
        return drying.isPresent()
                || job.timeline().wet()
                || insulation.filter(ChoiceNext::mayComeUp).isPresent();
    }

    /** A figure too low comes up by drying though it proves nothing: the wettest winding, under the dew point, proves least. */
    private static boolean mayComeUp(JudgedTest test) {
        return test.verdict() == Verdict.STOP
                || test.result(InsulationResult.class)
                        .filter(r -> r.low()
                                || r.dewOn(((InsulationReadings) test.test().input()).windingTemperatureC()))
                        .isPresent();
    }

    /** Whether its winding may come out: nobody chose a way that leaves it in. */
    boolean mayStrip() {
        return job.chosen().isEmpty() || chose(OptionKind.REWIND);
    }

    /**
     * The next step.
     *
     * @param rewinds whether the station where it is rewound is open
     */
    JobAssessment.Next next(boolean rewinds) {
        if (job.offers().isEmpty()) {
            return next("Price the options", JobStep.OPTIONS);
        }
        Optional<JobAssessment.Next> dry = whileDrying();
        if (dry.isPresent()) {
            return dry.get();
        }
        if (job.reply().isPresent()) {
            return answered();
        }
        return rewinds && works() || chose(OptionKind.REPLACE) ? finish.next().orElseGet(this::answered) : answered();
    }

    /** Whether the motor itself is worked on: it is rewound or reconditioned. */
    boolean works() {
        return chose(OptionKind.REWIND) || chose(OptionKind.RECONDITION);
    }

    /** What the customer said, or that they have not. */
    JobAssessment.Next answered() {
        if (job.reply().isPresent()) {
            return next(job.reply().get().next(), JobStep.OPTIONS);
        }
        return job.chosen()
                .map(ChosenOption::name)
                .map(name -> next("Chosen: " + name, JobStep.OPTIONS))
                .orElseGet(() -> next("Customer to choose", JobStep.OPTIONS));
    }

    /** Whether a step belongs to the way that was chosen; one that belongs to every way does. */
    boolean shows(JobStep step) {
        return switch (step) {
            case BEFORE_STRIPPING, STRIPPING, CORE_AFTER, CUT_LIST, COILS, INSERTION, BRAZING, BEFORE_VARNISH ->
                chose(OptionKind.REWIND);
            case WASH -> chose(OptionKind.RECONDITION);
            case VARNISH, MACHINING, RENEWAL, PROVE -> works();
            default -> true;
        };
    }

    /** Whether the customer chose that way. */
    boolean chose(OptionKind kind) {
        return job.chosen().filter(c -> c.kind() == kind).isPresent();
    }

    /** What a winding that is being dried needs; nothing once another way was chosen, or its insulation was tested anew and holds. */
    private Optional<JobAssessment.Next> whileDrying() {
        boolean otherWay = job.chosen().isPresent() && !chose(OptionKind.RECONDITION);
        boolean up = insulation.filter(t -> t.verdict() == Verdict.HOLDS).isPresent();
        return drying.filter(d -> !otherWay && !up).map(d -> switch (d.verdict()) {
            case STOP -> next("Choose again: drying did not bring it up", JobStep.OPTIONS);
            case HOLDS ->
                new JobAssessment.Next(
                        "Dry: take the insulation test anew",
                        WindingTests.INSULATION_RESISTANCE.step(1),
                        Station.BENCH);
            default -> next(d.judgement().headline(), JobStep.DRYING);
        });
    }

    private static JobAssessment.Next next(String sentence, JobStep step) {
        return new JobAssessment.Next(sentence, step.path(), step.station());
    }
}
