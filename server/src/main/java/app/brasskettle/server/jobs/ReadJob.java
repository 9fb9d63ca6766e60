package app.brasskettle.server.jobs;

import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.server.jobrecord.RecordedJob;

/**
 * A job loaded once and computed once: what every answer about it is made of.
 *
 * @param job its rows and its record
 * @param reading what the core reads from it
 * @param now the moment of that, seconds of the epoch
 */
public record ReadJob(RecordedJob job, JobAssessment reading, double now) {

    /** Reads a job at {@code now}, seconds of the epoch. */
    public static ReadJob of(RecordedJob job, double now) {
        return new ReadJob(job, JobAssessment.of(job.record(), now), now);
    }
}
