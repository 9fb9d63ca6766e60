package app.brasskettle.core.windingtake;

import app.brasskettle.core.worksheet.Coded;

/** The order in which hands take a winding down. */
public enum TakeStage implements Coded {
    BEFORE_A_CUT("Before a cut", "what cannot be read once a coil is out"),
    ONE_COIL_CUT("One coil cut", "wires counted, sizes by micrometer"),
    CORE("The core", "what the flux runs in"),
    PLATE("From the nameplate", "what it was made for");

    private final String label;
    private final String why;

    TakeStage(String label, String why) {
        this.label = label;
        this.why = why;
    }

    @Override
    public String label() {
        return label;
    }

    /** Says what belongs to it. */
    public String why() {
        return why;
    }
}
