package app.brasskettle.core.insulation;

import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * Insulation of each independent circuit to frame and to the others, which are grounded while it is read.
 *
 * @param ratedVoltageV line voltage
 * @param windingKind random or form wound
 * @param insulationSystem thermoplastic or thermosetting
 * @param madeBefore1970 true for windings of before about 1970
 * @param insulationClass thermal class
 * @param windingTemperatureC temperature of the winding
 * @param circuits one row each
 */
public record CircuitReadings(
        double ratedVoltageV,
        WindingKind windingKind,
        InsulationSystem insulationSystem,
        boolean madeBefore1970,
        InsulationClass insulationClass,
        double windingTemperatureC,
        List<Circuit> circuits) {

    /**
     * One circuit.
     *
     * @param circuit what it is called
     * @param seconds when it was read after voltage on
     * @param megohm what was read
     * @param overRange true when that is the end of the tester's range
     */
    public record Circuit(String circuit, double seconds, double megohm, Optional<Boolean> overRange) {

        public Circuit {
            overRange = Problems.orEmpty(overRange);
            Problems problems = new Problems();
            problems.name("circuit", circuit);
            problems.positive("seconds", seconds, "s");
            problems.notNegative("megohm", megohm, "MΩ");
            problems.throwIfAny();
        }
    }

    private static final int MOST = 24;

    public CircuitReadings {
        circuits = Problems.copy(circuits);
        Problems problems = new Problems();
        problems.positive("ratedVoltageV", ratedVoltageV, "V");
        problems.present("windingKind", windingKind);
        problems.present("insulationSystem", insulationSystem);
        problems.present("insulationClass", insulationClass);
        problems.temperature("windingTemperatureC", windingTemperatureC);
        if (problems.size("circuits", circuits, 2, MOST)) {
            problems.distinct(circuits.stream().map(Circuit::circuit).toList(), i -> "circuits[" + i + "].circuit");
        }
        problems.throwIfAny();
    }

    /** The reading of one circuit as an insulation test of its own. */
    InsulationReadings alone(Circuit circuit) {
        return new InsulationReadings(
                ratedVoltageV,
                windingKind,
                insulationSystem,
                madeBefore1970,
                insulationClass,
                windingTemperatureC,
                Optional.empty(),
                Optional.empty(),
                List.of(new TimedReading(circuit.seconds(), circuit.megohm(), circuit.overRange())));
    }
}
