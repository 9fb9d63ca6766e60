package app.brasskettle.core.worklist;

import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.handwork.BrazingList;
import app.brasskettle.core.handwork.InsertionRing;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.work.WindingState;
import java.util.Optional;

/**
 * How far a job is.
 *
 * @param job its record
 * @param reading what the core reads in it
 */
public record JobProgress(JobRecord job, JobAssessment reading) {

    /** The way that was chosen; empty while nobody did, and while what was found since asks the customer again. */
    public Optional<OptionKind> chosen() {
        return job.chosen()
                .filter(c -> reading.rewind().backToChoose().isEmpty())
                .map(c -> c.kind());
    }

    boolean released() {
        return reading.release().released();
    }

    boolean begun(JobStep step) {
        return step(step.path()).filter(JobAssessment.StepAssessment::done).isPresent();
    }

    boolean good(JobStep step) {
        return good(step.path());
    }

    boolean good(String step) {
        return step(step)
                .filter(JobAssessment.StepAssessment::done)
                .filter(s -> s.verdict() == Verdict.HOLDS || s.verdict() == Verdict.WATCH)
                .isPresent();
    }

    /** The bench has nothing more to ask before it is opened or chosen for. */
    boolean tested() {
        return opened() || chosen().isPresent() || reading.next().station().compareTo(Station.BENCH) > 0;
    }

    boolean opened() {
        return job.timeline().openedHere();
    }

    boolean stripped() {
        return winding().strippedAt() > Double.NEGATIVE_INFINITY;
    }

    /** Whether a new winding is in. */
    boolean rewound() {
        return stripped() && winding().present();
    }

    /** Share of the coils that are not in yet. */
    double coilsOut() {
        return rewound()
                ? 0
                : reading.rewind()
                        .insertion()
                        .map(InsertionRing::coils)
                        .filter(c -> !c.isEmpty())
                        .map(c -> 1 - reading.rewind().insertion().orElseThrow().in() / (double) c.size())
                        .orElse(1.0);
    }

    /** Share of the joints that are not brazed yet. */
    double jointsOpen() {
        return good(JobStep.BRAZING)
                ? 0
                : reading.rewind()
                        .brazing()
                        .filter(b -> !b.joints().isEmpty())
                        .map(JobProgress::open)
                        .orElse(1.0);
    }

    private static double open(BrazingList b) {
        return 1 - b.done() / (double) b.joints().size();
    }

    private WindingState winding() {
        return reading.windingState();
    }

    private Optional<JobAssessment.StepAssessment> step(String path) {
        return reading.stations().stream()
                .flatMap(s -> s.steps().stream())
                .filter(s -> s.step().equals(path))
                .findFirst();
    }
}
