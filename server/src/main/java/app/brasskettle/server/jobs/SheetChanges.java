package app.brasskettle.server.jobs;

import app.brasskettle.core.jobs.GuardedEdits;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.jobs.PlateEasing;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.sheets.ClashException;
import app.brasskettle.server.sheets.SheetKind;
import app.brasskettle.server.sheets.SheetMerge;
import app.brasskettle.server.sheets.SheetRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What a change of a sheet comes to before it is written: what it undoes, how it goes with another's. */
final class SheetChanges {

    private SheetChanges() {}

    /** What a change of a sheet would undo or ease, a sentence each. */
    static List<String> undone(
            RecordedJob job, SheetKind kind, Record before, Record after, Map<String, Object> typed) {
        List<String> undone = new ArrayList<>(GuardedEdits.of(before, after));
        if (before instanceof Plate old && after instanceof Plate plate) {
            double now = JobClock.seconds(JobClock.now());
            SheetRow row = new SheetRow(kind, 0, typed, false, "", JobClock.now());
            undone.addAll(PlateEasing.of(
                    old,
                    plate,
                    JobAssessment.of(job.record(), now),
                    JobAssessment.of(job.withPlate(row).record(), now),
                    job.record().rules()));
        }
        return undone;
    }

    /** Every version of a sheet before, as the core reads it. */
    static List<Record> past(JobStore store, long jobId, SheetKind kind) {
        return store.versions(List.of(jobId), kind).getOrDefault(jobId, List.of()).stream()
                .map(v -> (Record) TypedInput.read(kind.type(), v.typed()).input())
                .toList();
    }

    /** The change of a sheet that somebody else wrote meanwhile, merged with theirs. */
    static Map<String, Object> merged(
            JobStore store, long jobId, SheetKind kind, int seen, SheetRow theirs, Map<String, Object> mine) {
        Map<String, Object> before =
                SheetRow.spelt(kind, store.past(jobId, kind, seen).orElse(Map.of()));
        SheetMerge.Outcome outcome = SheetMerge.of(before, theirs.spelt(), SheetRow.spelt(kind, mine));
        if (!outcome.clashes().isEmpty()) {
            throw new ClashException(theirs, outcome);
        }
        return outcome.merged();
    }
}
