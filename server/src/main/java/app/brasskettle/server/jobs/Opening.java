package app.brasskettle.server.jobs;

import app.brasskettle.core.jobs.JobReading;
import app.brasskettle.core.teardown.OpeningGate;
import app.brasskettle.core.teardown.PaintedStator;
import app.brasskettle.core.teardown.TeardownLog;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.server.problems.RefusedException;

/** The first bolt: what is written with the motor open asks first whether it may be opened here. */
final class Opening {

    private Opening() {}

    /** Whether nobody could have written this without opening the motor. */
    static boolean opens(Record sheet) {
        return sheet instanceof PaintedStator
                || sheet instanceof WindingData
                || sheet instanceof TeardownLog log && !log.parts().isEmpty();
    }

    /**
     * Refuses where the gate is shut.
     *
     * @throws RefusedException with what holds it, and what opens it
     */
    static void mayOpen(RecordedJob job) {
        OpeningGate gate = JobReading.opening(job.record());
        if (!gate.open()) {
            OpeningGate.Reason first = gate.holding().get(0);
            throw RefusedException.gated(first.sentence() + ". " + first.opens());
        }
    }
}
