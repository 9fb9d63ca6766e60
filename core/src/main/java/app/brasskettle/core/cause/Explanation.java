package app.brasskettle.core.cause;

import app.brasskettle.core.worksheet.Coded;

/** What can have started a failure. */
public enum Explanation implements Coded {
    LOST_PHASE("lost phase"),
    UNBALANCED_VOLTAGE("unbalanced voltage"),
    OVERLOAD("overload"),
    LOCKED_ROTOR("locked rotor"),
    PHASE_TO_PHASE_SHORT("short between phases"),
    TURN_SHORT("turn short"),
    COIL_SHORT("shorted coil"),
    GROUND_SLOT_EDGE("ground at the slot edge"),
    GROUND_IN_SLOT("ground in the slot"),
    CONNECTION_FAILURE("failed connection"),
    VOLTAGE_SURGE("voltage surge"),
    ROTOR_DRAG("bearing failed, rotor dragged"),
    MOISTURE_OR_DIRT("moisture or dirt"),
    OPEN_JOINT("open joint"),
    PROTECTOR_FAILURE("failed protector"),
    START_CIRCUIT_FAILURE("failed start circuit"),
    ROTOR_FAULT("rotor fault"),
    BEARING_WEAR("worn bearing"),
    BEARING_CURRENT("bearing current"),
    MISCONNECTION("wrong connection"),
    NO_FAULT_FOUND("no fault found");

    private final String label;

    Explanation(String label) {
        this.label = label;
    }

    /** The explanation in running text. */
    public String label() {
        return label;
    }
}
