package app.brasskettle.core.teardown;

import app.brasskettle.core.worksheet.Coded;

/** Place of a single burn on the winding. */
public enum Spot implements Coded {
    IN_SLOT,
    SLOT_EDGE,
    WITHIN_COIL,
    WHOLE_COIL,
    PHASE_BARRIER,
    CONNECTION_JOINT,
    LINE_END_COIL;

    /** The place in running text. */
    public String label() {
        return switch (this) {
            case IN_SLOT -> "in a slot";
            case SLOT_EDGE -> "at the edge of a slot";
            case WITHIN_COIL -> "inside one coil";
            case WHOLE_COIL -> "one coil as a whole";
            case PHASE_BARRIER -> "at the phase barrier";
            case CONNECTION_JOINT -> "at a joint";
            case LINE_END_COIL -> "on a line-end coil";
        };
    }

    /** The fact a spot of this kind is, as the evidence table names it. */
    String evidence() {
        return "map-spot-" + code();
    }
}
