package app.brasskettle.core.windingtake;

import app.brasskettle.core.worksheet.Coded;

/** Side of the overhang on which the leads lie. */
public enum LeadExit implements Coded {
    INSIDE("inside, towards the bore"),
    OUTSIDE("outside, towards the frame");

    private final String label;

    LeadExit(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
