package app.brasskettle.server.jobview;

import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.server.events.EventRow;
import app.brasskettle.server.jobrecord.WorkEvent;

/** What the ledger says of work on a motor, and of its shaft turned by hand. */
final class WorkWords {

    private WorkWords() {}

    static String worked(EventRow e) {
        return WorkEvent.read(e)
                .map(w -> "Motor " + w.label() + ". " + w.why())
                .orElse("Motor worked on: " + e.text("work"));
    }

    static Verdict turns(EventRow e) {
        return binds(e) ? Verdict.STOP : Verdict.HOLDS;
    }

    static String shaft(EventRow e) {
        return (binds(e) ? "Shaft binds" : "Shaft turned by hand")
                + (e.text("reason").isEmpty() ? "" : ": " + e.text("reason"));
    }

    private static boolean binds(EventRow e) {
        return e.text("shaft").equals(Arrival.ShaftState.BINDS.code());
    }
}
