package app.brasskettle.core.instruments;

import java.util.EnumMap;
import java.util.Map;

/**
 * Faults of one simulated motor, each with how far it has gone; any number of them at once.
 *
 * @param present severity by fault
 */
public record Faults(Map<MotorFault, Severity> present) {

    public Faults {
        present = Map.copyOf(present);
    }

    /** A sound motor. */
    public static Faults none() {
        return new Faults(Map.of());
    }

    /** These faults, each of them clear. */
    public static Faults of(MotorFault... faults) {
        Map<MotorFault, Severity> clear = new EnumMap<>(MotorFault.class);
        for (MotorFault fault : faults) {
            clear.put(fault, Severity.MODERATE);
        }
        return new Faults(clear);
    }

    /** The same and {@code fault} gone so far. */
    public Faults with(MotorFault fault, Severity severity) {
        Map<MotorFault, Severity> more = new EnumMap<>(MotorFault.class);
        more.putAll(present);
        more.put(fault, severity);
        return new Faults(more);
    }

    boolean has(MotorFault fault) {
        return present.containsKey(fault);
    }

    /** Size of {@code fault} against a clear one; 0 where the motor has none. */
    double strength(MotorFault fault) {
        return has(fault) ? present.get(fault).strength() : 0;
    }
}
