package app.brasskettle.core.jobs;

import app.brasskettle.core.findings.Findings;
import app.brasskettle.core.leads.LeadMap;
import app.brasskettle.core.teardown.Refit;
import app.brasskettle.core.teardown.TeardownLog;
import app.brasskettle.core.work.JobStep;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What was written down while a motor was taken apart, and what went back.
 *
 * @param log marks and parts in the order they came off
 * @param refits parts put back or left out, in the order that was said
 * @param leads the leads as they lay in the terminal box
 * @param findings what was found on it
 * @param photographed what its photographs show, as they are filed
 */
public record TakenApart(
        Optional<TeardownLog> log,
        List<Refit> refits,
        Optional<LeadMap> leads,
        Optional<Findings> findings,
        Set<String> photographed) {

    /** Tells whether there is a photograph that was taken at that step of the job. */
    public boolean photographedAt(JobStep step) {
        return photographed.contains("step " + step.path());
    }

    /** A motor nobody opened. */
    public static TakenApart not() {
        return new TakenApart(Optional.empty(), List.of(), Optional.empty(), Optional.empty(), Set.of());
    }
}
