package app.brasskettle.core.jobs;

import app.brasskettle.core.findings.FindingsAssessment;
import app.brasskettle.core.leads.LeadMap;
import app.brasskettle.core.leads.LeadMapAssessment;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateDetails;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.rules.Question;
import app.brasskettle.core.rules.School;
import app.brasskettle.core.teardown.MotorBuild;
import app.brasskettle.core.teardown.TeardownLog;
import app.brasskettle.core.teardown.TeardownLogAssessment;
import java.util.Locale;
import java.util.Optional;

/**
 * What a motor taken apart says.
 *
 * @param suggested the build its plate suggests
 * @param log marks, parts and the way back
 * @param leads the leads and how they were joined
 * @param findings each finding judged
 */
public record DismantledAssessment(
        MotorBuild suggested,
        Optional<TeardownLogAssessment> log,
        Optional<LeadMapAssessment> leads,
        Optional<FindingsAssessment> findings) {

    static DismantledAssessment of(JobRecord job) {
        TakenApart apart = job.apart();
        return new DismantledAssessment(
                suggested(job),
                apart.log().map(l -> log(job, l)),
                apart.leads().map(l -> leads(job, l)),
                apart.findings().map(FindingsAssessment::of));
    }

    /** What {@code log} says on this job: its plate tells equal bearings, the shop how bearings come off. */
    public static TeardownLogAssessment log(JobRecord job, TeardownLog log) {
        return TeardownLogAssessment.of(
                log,
                job.apart().refits(),
                job.apart().photographed(),
                equalBearings(job),
                job.rules().school(Question.BEARING_REMOVAL) == School.PRACTICE);
    }

    /** What {@code map} says beside the plate and the arrival sheet of this job. */
    public static LeadMapAssessment leads(JobRecord job, LeadMap map) {
        return LeadMapAssessment.of(
                map,
                details(job).flatMap(PlateDetails::leads),
                job.plate().map(Plate::connection).orElse(Connection.UNKNOWN),
                job.arrived()
                        .flatMap(Arrival::handover)
                        .flatMap(Handover::terminalBox)
                        .map(b -> b.label()));
    }

    private static MotorBuild suggested(JobRecord job) {
        return MotorBuild.suggested(
                job.plate().filter(p -> p.phases() == 1).isPresent(),
                job.arrived()
                        .filter(a -> a.auxiliaries().contains(Arrival.Auxiliary.BRAKE))
                        .isPresent(),
                details(job).flatMap(PlateDetails::frame),
                details(job).flatMap(PlateDetails::driveEndBearing));
    }

    /** Bearings of one designation at both ends: their caps fit either end. */
    private static boolean equalBearings(JobRecord job) {
        Optional<String> drive =
                details(job).flatMap(PlateDetails::driveEndBearing).map(DismantledAssessment::bare);
        Optional<String> other =
                details(job).flatMap(PlateDetails::nonDriveEndBearing).map(DismantledAssessment::bare);
        return drive.isPresent() && drive.equals(other);
    }

    private static String bare(String designation) {
        return designation.strip().toUpperCase(Locale.ROOT).split("[ -/]")[0];
    }

    private static Optional<PlateDetails> details(JobRecord job) {
        return job.plate().flatMap(Plate::details);
    }
}
