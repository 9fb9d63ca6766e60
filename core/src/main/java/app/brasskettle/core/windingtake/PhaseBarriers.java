package app.brasskettle.core.windingtake;

import app.brasskettle.core.worksheet.Coded;

/** Where the overhang has paper between coils of unlike phases. */
public enum PhaseBarriers implements Coded {
    NONE,
    BETWEEN_GROUPS("between all groups"),
    WITHIN_GROUPS("between all groups and within groups");

    private final String label;

    PhaseBarriers() {
        this("none");
    }

    PhaseBarriers(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
