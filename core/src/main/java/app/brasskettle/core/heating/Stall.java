package app.brasskettle.core.heating;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;

/**
 * A motor that does not turn.
 *
 * @param currentDensityAPerMm2 density at rated current
 * @param lockedRotorRatio locked-rotor current over rated current
 * @param startTemperatureC winding when it stalls
 * @param limitTemperatureC winding at which it is spoilt
 */
public record Stall(
        double currentDensityAPerMm2, double lockedRotorRatio, double startTemperatureC, double limitTemperatureC) {

    public Stall {
        Problems problems = new Problems();
        problems.positive("currentDensityAPerMm2", currentDensityAPerMm2, "A/mm²");
        problems.positive("lockedRotorRatio", lockedRotorRatio, "");
        boolean start = problems.temperature("startTemperatureC", startTemperatureC);
        if (problems.temperature("limitTemperatureC", limitTemperatureC)
                && start
                && !(limitTemperatureC > startTemperatureC)) {
            problems.add(
                    "limitTemperatureC",
                    Problem.Code.CONTRADICTION,
                    "limitTemperatureC is " + limitTemperatureC + " °C; it must be above the start of "
                            + startTemperatureC + " °C");
        }
        problems.throwIfAny();
    }
}
