package app.brasskettle.core.choice;

import app.brasskettle.core.worksheet.Coded;

/** The three ways forward with a motor. */
public enum OptionKind implements Coded {
    RECONDITION("Recondition"),
    REWIND("Rewind"),
    REPLACE("Replace");

    private final String label;

    OptionKind(String label) {
        this.label = label;
    }

    /** The option as a heading. */
    public String label() {
        return label;
    }
}
