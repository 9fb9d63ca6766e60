package app.brasskettle.server.instruments;

import app.brasskettle.core.energise.EnergiseGate;
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
        if (!job.highVoltage().open()) {
            throw RefusedException.gated(
                    "No high voltage: " + job.highVoltage().holding().get(0).sentence());
        }
    }

    /** The motor may be put on power: on test power for a start, opened fully for what reads it running. */
    static void power(JobView job, boolean testPowerIsEnough) {
        boolean may = job.gate().state() == EnergiseGate.State.OPEN
                || (testPowerIsEnough && job.gate().state() == EnergiseGate.State.TEST_POWER);
        if (!may) {
            throw RefusedException.gated(
                    "Not on power: " + job.gate().holding().get(0).sentence());
        }
    }
}
