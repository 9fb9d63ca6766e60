package app.brasskettle.core.heating;

import app.brasskettle.core.insulation.InsulationClass;
import app.brasskettle.core.resistance.Conductor;
import app.brasskettle.core.worksheet.Problems;

/**
 * A winding's resistance cold and at the end of a run at rated load.
 *
 * @param coldOhm resistance before
 * @param coldTemperatureC winding before
 * @param hotOhm resistance at the end
 * @param ambientTemperatureC air at the end
 * @param conductor copper or aluminium
 * @param insulationClass thermal class
 * @param serviceFactor load it is rated to carry over its power
 */
public record TemperatureRiseReadings(
        double coldOhm,
        double coldTemperatureC,
        double hotOhm,
        double ambientTemperatureC,
        Conductor conductor,
        InsulationClass insulationClass,
        double serviceFactor) {

    public TemperatureRiseReadings {
        Problems problems = new Problems();
        problems.positive("coldOhm", coldOhm, "Ω");
        problems.temperature("coldTemperatureC", coldTemperatureC);
        problems.positive("hotOhm", hotOhm, "Ω");
        problems.temperature("ambientTemperatureC", ambientTemperatureC);
        problems.present("conductor", conductor);
        problems.present("insulationClass", insulationClass);
        problems.positive("serviceFactor", serviceFactor, "");
        problems.throwIfAny();
    }
}
