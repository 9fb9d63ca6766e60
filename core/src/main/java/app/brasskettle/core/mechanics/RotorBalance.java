package app.brasskettle.core.mechanics;

import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * What is left on a rotor after balancing.
 *
 * @param rotorMassKg the rotor
 * @param serviceSpeedRpm its highest speed in service
 * @param gradeMmPerS balance quality grade; 2.5 when absent
 * @param residualGmmDriveEnd unbalance left in the plane at the drive end
 * @param residualGmmOtherEnd unbalance left in the other plane
 */
public record RotorBalance(
        double rotorMassKg,
        double serviceSpeedRpm,
        Optional<Double> gradeMmPerS,
        double residualGmmDriveEnd,
        double residualGmmOtherEnd) {

    public RotorBalance {
        gradeMmPerS = Problems.orEmpty(gradeMmPerS);
        Problems problems = new Problems();
        problems.positive("rotorMassKg", rotorMassKg, "kg");
        problems.positive("serviceSpeedRpm", serviceSpeedRpm, "r/min");
        gradeMmPerS.ifPresent(g -> problems.positive("gradeMmPerS", g, "mm/s"));
        problems.notNegative("residualGmmDriveEnd", residualGmmDriveEnd, "g·mm");
        problems.notNegative("residualGmmOtherEnd", residualGmmOtherEnd, "g·mm");
        problems.throwIfAny();
    }
}
