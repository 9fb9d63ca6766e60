package app.brasskettle.server.instruments;

import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.worksheet.Phrase;
import app.brasskettle.server.jobs.ReadJob;
import app.brasskettle.server.problems.RefusedException;

/** What an instrument asks of a job before it reads, since this is where voltage would go on. */
final class Bench {

    private Bench() {}

    /** Leads may be connected. */
    static void leads(ReadJob job) {
        if (!job.reading().gate().leads().mayConnect()) {
            throw RefusedException.gated(job.reading().gate().leads().sentence());
        }
    }

    /** No earlier charge is left on the winding. */
    static void grounded(ReadJob job) {
        job.reading().discharge().filter(d -> d.runs(job.now())).ifPresent(d -> {
            throw RefusedException.gated("The winding still discharges, " + Math.round(d.secondsLeft(job.now()))
                    + " s to go. A test now would read its own charge");
        });
    }

    /** High voltage may be put on. */
    static void highVoltage(ReadJob job) {
        if (!job.reading().highVoltage().permitted()) {
            throw RefusedException.gated("High voltage is blocked: "
                    + job.reading().highVoltage().holding().get(0).sentence());
        }
    }

    /** The motor may be put on power for this test. */
    static void power(ReadJob job, TestKind kind) {
        if (!job.reading().gate().mayRun(kind)) {
            throw RefusedException.gated(
                    Phrase.capital(job.reading().gate().state().label()) + ": "
                            + job.reading().gate().holding().get(0).sentence());
        }
    }
}
