package app.brasskettle.server.instruments;

import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.worksheet.Phrase;
import app.brasskettle.server.jobs.JobView;
import app.brasskettle.server.problems.RefusedException;

/** What an instrument asks of a job before it reads, since this is where voltage would go on. */
final class Bench {

    private Bench() {}

    /** Leads may be connected. */
    static void leads(JobView job) {
        if (!job.gate().leads().mayConnect()) {
            throw RefusedException.gated(job.gate().leads().sentence());
        }
    }

    /** No earlier charge is left on the winding. */
    static void grounded(JobView job) {
        job.discharge().filter(d -> d.secondsLeft() > 0).ifPresent(d -> {
            throw RefusedException.gated("The winding still discharges, " + Math.round(d.secondsLeft())
                    + " s to go. A test now would read its own charge");
        });
    }

    /** High voltage may be put on. */
    static void highVoltage(JobView job) {
        if (!job.highVoltage().permitted()) {
            throw RefusedException.gated("High voltage is blocked: "
                    + job.highVoltage().holding().get(0).sentence());
        }
    }

    /** The motor may be put on power for this test. */
    static void power(JobView job, TestKind kind) {
        if (!job.gate().mayRun(kind)) {
            throw RefusedException.gated(Phrase.capital(job.gate().state().label()) + ": "
                    + job.gate().holding().get(0).sentence());
        }
    }
}
