package app.brasskettle.core.choice;

import app.brasskettle.core.worksheet.Word;

/** The three ways forward with a motor. */
public enum OptionKind implements Word {
    RECONDITION("Recondition"),
    REWIND("Rewind"),
    REPLACE("Replace");

    private final String spoken;

    OptionKind(String spoken) {
        this.spoken = spoken;
    }

    /** The option as a heading. */
    public String spoken() {
        return spoken;
    }
}
