package app.brasskettle.server.jobs;

import java.util.List;

/** Refusal of a sheet in which two people changed the same field to something else. */
final class ClashException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient JobRow.SheetRow theirs;
    private final transient List<SheetMerge.Clash> clashes;

    ClashException(JobRow.SheetRow theirs, List<SheetMerge.Clash> clashes) {
        super(theirs.by() + " changed the same");
        this.theirs = theirs;
        this.clashes = clashes;
    }

    JobRow.SheetRow theirs() {
        return theirs;
    }

    List<SheetMerge.Clash> clashes() {
        return clashes;
    }
}
