package app.brasskettle.core.instruments;

import app.brasskettle.core.worksheet.Word;

/** Faults a simulated motor can have; they can be combined. */
public enum MotorFault implements Word {
    /** Damp or dirty: much leakage, little absorption. */
    MOISTURE("damp winding"),
    /** Copper lies on the frame. */
    GROUND("ground"),
    /** Turns of phase B shorted among themselves. */
    TURN_SHORT("turn short in phase B"),
    /** Phase C interrupted at a joint. */
    OPEN_JOINT("open joint in phase C"),
    /** Phase A reaches its terminal through a poor joint. */
    POOR_JOINT("poor joint in phase A");

    private final String spoken;

    MotorFault(String spoken) {
        this.spoken = spoken;
    }

    /** The fault in running text. */
    public String spoken() {
        return spoken;
    }
}
