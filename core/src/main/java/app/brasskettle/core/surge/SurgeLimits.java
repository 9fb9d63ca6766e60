package app.brasskettle.core.surge;

/**
 * Limits of surge comparison, in percent (shop practice beside IEEE Std 522 and IEC 60034-15).
 *
 * @param phaseDifference between phases, rotor out
 * @param phaseShift frequency shift between phases, rotor out
 * @param rotorDifference between phases, rotor in
 * @param rotorShift frequency shift, rotor in
 * @param pulseDifference between successive pulses on one phase
 * @param pulseShift frequency shift between them
 */
public record SurgeLimits(
        double phaseDifference,
        double phaseShift,
        double rotorDifference,
        double rotorShift,
        double pulseDifference,
        double pulseShift) {

    public static SurgeLimits standard() {
        return new SurgeLimits(10, 3, 15, 8, 5, 2);
    }

    double difference(SurgeKind kind, boolean rotorFitted) {
        if (kind == SurgeKind.PULSE_TO_PULSE) {
            return pulseDifference;
        }
        return rotorFitted ? rotorDifference : phaseDifference;
    }

    double shift(SurgeKind kind, boolean rotorFitted) {
        if (kind == SurgeKind.PULSE_TO_PULSE) {
            return pulseShift;
        }
        return rotorFitted ? rotorShift : phaseShift;
    }
}
