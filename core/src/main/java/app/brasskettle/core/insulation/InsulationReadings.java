package app.brasskettle.core.insulation;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Readings of one insulation test and what they were taken on.
 *
 * @param ratedVoltageV rated line voltage of the machine
 * @param windingKind make of the winding
 * @param insulationSystem its binder
 * @param madeBefore1970 true for windings made before about 1970
 * @param insulationClass thermal class
 * @param windingTemperatureC temperature of the copper
 * @param ambientTemperatureC temperature of the air
 * @param relativeHumidityPercent its relative humidity
 * @param readings resistance over time, in any order, no time twice
 */
public record InsulationReadings(
        double ratedVoltageV,
        WindingKind windingKind,
        InsulationSystem insulationSystem,
        boolean madeBefore1970,
        InsulationClass insulationClass,
        double windingTemperatureC,
        Optional<Double> ambientTemperatureC,
        Optional<Double> relativeHumidityPercent,
        List<TimedReading> readings) {

    public InsulationReadings {
        ambientTemperatureC = Problems.orEmpty(ambientTemperatureC);
        relativeHumidityPercent = Problems.orEmpty(relativeHumidityPercent);
        readings = Problems.copy(readings);
        Problems problems = new Problems();
        problems.positive("ratedVoltageV", ratedVoltageV, "V");
        problems.present("windingKind", windingKind);
        problems.present("insulationSystem", insulationSystem);
        problems.present("insulationClass", insulationClass);
        problems.temperature("windingTemperatureC", windingTemperatureC);
        ambientTemperatureC.ifPresent(t -> problems.temperature("ambientTemperatureC", t));
        relativeHumidityPercent.ifPresent(h -> problems.aboveTo("relativeHumidityPercent", h, 0, 100, "%"));
        if (problems.present("readings", readings)) {
            if (readings.isEmpty()) {
                problems.add("readings", Problem.Code.COUNT, "readings is empty; at least one is needed");
            }
            problems.size("readings", readings, 0, 10_000);
            refuseTimesTwice(readings, problems);
        }
        problems.throwIfAny();
    }

    private static void refuseTimesTwice(List<TimedReading> readings, Problems problems) {
        Set<Double> seen = new HashSet<>();
        for (int i = 0; i < readings.size(); i++) {
            TimedReading r = readings.get(i);
            if (r != null && !seen.add(r.seconds())) {
                String field = "readings[" + i + "].seconds";
                problems.add(
                        field, Problem.Code.DUPLICATE, field + " is " + r.seconds() + " s, which was read already");
            }
        }
    }
}
