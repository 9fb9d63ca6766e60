package app.brasskettle.core.instruments;

import app.brasskettle.core.worksheet.Coded;
import java.util.EnumSet;
import java.util.Set;

/** Faults a simulated motor can have; they can be combined. */
public enum MotorFault implements Coded {
    /** Damp or dirty: much leakage, little absorption. */
    MOISTURE("damp winding"),
    /** Copper lies on the frame. */
    GROUND("ground"),
    /** Turns of phase B shorted among themselves. */
    TURN_SHORT("turn short in phase B"),
    /** Turn insulation of phase A that lets go above a voltage. */
    WEAK_TURN("weak turn insulation in phase A"),
    /** Phase C interrupted at a joint. */
    OPEN_JOINT("open joint in phase C"),
    /** Phase A reaches its terminal through a poor joint. */
    POOR_JOINT("poor joint in phase A"),
    /** Bars of the cage interrupted. */
    BROKEN_BAR("broken bar"),
    /** Worn bearing at the drive end. */
    BAD_BEARING("bad bearing"),
    /** The rotor cannot be turned by hand. */
    BOUND_SHAFT("bound shaft"),
    /** Start capacitor that lost capacitance. */
    WEAK_CAPACITOR("weak start capacitor"),
    /** Start switch that stays in. */
    STUCK_SWITCH("start switch stays in"),
    /** Thermal protector that does not close any more. */
    OPEN_PROTECTOR("open thermal protector");

    private static final Set<MotorFault> STARTING = EnumSet.of(WEAK_CAPACITOR, STUCK_SWITCH);
    private static final Set<MotorFault> PHASES = EnumSet.of(TURN_SHORT, WEAK_TURN, OPEN_JOINT, POOR_JOINT, BROKEN_BAR);

    private final String label;

    MotorFault(String label) {
        this.label = label;
    }

    /** The fault in running text. */
    public String label() {
        return label;
    }

    /** Whether a motor with so many phases can have it: starting gear is a single-phase motor's. */
    public boolean befalls(int phases) {
        return !(phases == 1 ? PHASES : STARTING).contains(this);
    }
}
