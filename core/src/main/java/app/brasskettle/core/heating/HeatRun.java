package app.brasskettle.core.heating;

import app.brasskettle.core.worksheet.Problems;

/**
 * A heat run: resistances cold and hot, and how near it came to rated load and equilibrium.
 *
 * @param rise resistances and temperatures
 * @param loadPercent load it ran at, of the rated one
 * @param lastHourK how much it still warmed in the last hour
 */
public record HeatRun(TemperatureRiseReadings rise, double loadPercent, double lastHourK) {

    public HeatRun {
        Problems problems = new Problems();
        problems.present("rise", rise);
        problems.notNegative("loadPercent", loadPercent, "%");
        problems.notNegative("lastHourK", lastHourK, "K");
        problems.throwIfAny();
    }
}
