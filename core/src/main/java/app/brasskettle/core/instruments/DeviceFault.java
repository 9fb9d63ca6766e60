package app.brasskettle.core.instruments;

import app.brasskettle.core.worksheet.Coded;

/** How a simulated instrument itself can fail while it reads. */
public enum DeviceFault implements Coded {
    NONE("nothing"),
    LEAD_OFF("a lead falls off"),
    OUT_OF_RANGE("it goes out of range");

    private final String label;

    DeviceFault(String label) {
        this.label = label;
    }

    /** The failure in running text. */
    public String label() {
        return label;
    }
}
