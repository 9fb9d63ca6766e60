package app.brasskettle.server.jobs;

/** Refusal of a sheet in which two people changed the same field to something else. */
final class ClashException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient JobRow.SheetRow theirs;
    private final transient SheetMerge.Outcome outcome;

    ClashException(JobRow.SheetRow theirs, SheetMerge.Outcome outcome) {
        super(theirs.by() + " changed the same");
        this.theirs = theirs;
        this.outcome = outcome;
    }

    JobRow.SheetRow theirs() {
        return theirs;
    }

    SheetMerge.Outcome outcome() {
        return outcome;
    }
}
