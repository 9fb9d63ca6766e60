package app.brasskettle.core.instruments;

import app.brasskettle.core.worksheet.Word;

/** How a simulated instrument itself can fail while it reads. */
public enum DeviceFault implements Word {
    NONE("nothing"),
    LEAD_OFF("a lead falls off"),
    OUT_OF_RANGE("it goes out of range");

    private final String spoken;

    DeviceFault(String spoken) {
        this.spoken = spoken;
    }

    /** The failure in running text. */
    public String spoken() {
        return spoken;
    }
}
