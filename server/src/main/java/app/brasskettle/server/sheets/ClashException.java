package app.brasskettle.server.sheets;

/** Refusal of a sheet in which two people changed the same field to something else. */
public final class ClashException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient SheetRow theirs;
    private final transient SheetMerge.Outcome outcome;

    public ClashException(SheetRow theirs, SheetMerge.Outcome outcome) {
        super(theirs.by() + " changed the same");
        this.theirs = theirs;
        this.outcome = outcome;
    }

    public SheetRow theirs() {
        return theirs;
    }

    public SheetMerge.Outcome outcome() {
        return outcome;
    }
}
