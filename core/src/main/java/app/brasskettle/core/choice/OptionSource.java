package app.brasskettle.core.choice;

import app.brasskettle.core.worksheet.Coded;

/** Where an option comes from. */
public enum OptionSource implements Coded {
    HERE(false, "in this shop"),
    SENT_OUT(false, "sent out"),
    NEW(true, "new motor"),
    USED(true, "used motor"),
    SPARE(true, "spare on the shelf");

    private final boolean replaces;
    private final String label;

    OptionSource(boolean replaces, String label) {
        this.replaces = replaces;
        this.label = label;
    }

    /** The source in running text. */
    public String label() {
        return label;
    }

    boolean fits(OptionKind kind) {
        return replaces == (kind == OptionKind.REPLACE);
    }

    static OptionSource usual(OptionKind kind) {
        return kind == OptionKind.REPLACE ? NEW : HERE;
    }
}
