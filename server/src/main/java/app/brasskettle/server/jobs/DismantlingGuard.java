package app.brasskettle.server.jobs;

import app.brasskettle.core.coilset.CoilSetTake;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.rewind.SheetWork;
import app.brasskettle.core.teardown.DismantlingPermit;
import app.brasskettle.core.teardown.PaintedStator;
import app.brasskettle.core.teardown.TeardownLog;
import app.brasskettle.core.windingtake.StrippingPermit;
import app.brasskettle.core.windingtake.WindingTake;
import app.brasskettle.core.work.Work;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.problems.RefusedException;

/** The first bolt: what is written with the motor open asks first whether it may be opened here. */
public final class DismantlingGuard {

    private DismantlingGuard() {}

    /** Whether nobody could have written this without opening the motor. */
    public static boolean opens(Record sheet) {
        return sheet instanceof PaintedStator
                || sheet instanceof WindingTake
                || sheet instanceof CoilSetTake
                || sheet instanceof TeardownLog log && !log.parts().isEmpty();
    }

    /**
     * Refuses work that the motor may not have here: opening it by the gate, and whatever else has it stand open where it is marked
     * for hazardous areas; and any while a voltage is on.
     *
     * @throws RefusedException with what holds it, and what opens it
     */
    public static void mayWork(RecordedJob job, SheetWork.Said said) {
        Work work = said.work();
        boolean marked = job.plate().filter(Plate::explosionProtected).isPresent();
        if (work == Work.OPENED || marked && said.needsCertifiedShop()) {
            mayOpen(job);
        }
        if (work.takesCopperOut() && job.record().timeline().winding().present()) {
            mayStrip(job);
        }
        FinishGuard.mayWork(job, work);
        if (job.runs().stream().anyMatch(r -> r.endedAt().isEmpty())) {
            throw RefusedException.gated("Voltage is on: nobody works on it now");
        }
    }

    private static void mayStrip(RecordedJob job) {
        StrippingPermit permit = JobAssessment.winding(job.record()).stripping();
        if (!permit.open()) {
            StrippingPermit.Reason first = permit.holding().get(0);
            throw RefusedException.gated("The winding stays in. " + first.sentence() + ". " + first.opens());
        }
    }

    /**
     * Refuses where the gate is shut.
     *
     * @throws RefusedException with what holds it, and what opens it
     */
    public static void mayOpen(RecordedJob job) {
        DismantlingPermit gate = JobAssessment.opening(job.record());
        if (!gate.open()) {
            DismantlingPermit.Reason first = gate.holding().get(0);
            throw RefusedException.gated(first.sentence() + ". " + first.opens());
        }
    }
}
