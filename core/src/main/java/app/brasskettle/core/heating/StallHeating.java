package app.brasskettle.core.heating;

import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * How fast a stalled winding heats. An upper bound in time for the stator's copper alone: the cage may go first.
 *
 * @param initialRateKPerS rise at the start
 * @param secondsToLimit time to the limit, no heat given off
 * @param steps the arithmetic
 */
public record StallHeating(double initialRateKPerS, double secondsToLimit, List<Step> steps) {}
