package app.brasskettle.core.coilset;

import app.brasskettle.core.worksheet.Coded;

/** What a set of coils is for. */
public enum SetPurpose implements Coded {
    THREE_PHASE("Three-phase winding", 3),
    MAIN("Main winding", 1),
    START("Start winding", 1);

    private final String label;
    private final int phases;

    SetPurpose(String label, int phases) {
        this.label = label;
        this.phases = phases;
    }

    @Override
    public String label() {
        return label;
    }

    int phases() {
        return phases;
    }
}
