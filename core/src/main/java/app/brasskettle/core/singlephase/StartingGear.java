package app.brasskettle.core.singlephase;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * Starting gear of a single-phase motor.
 *
 * @param kind how it starts
 * @param switchKind what takes the start winding out
 * @param heardDropOut whether the switch was heard to drop out on the run up; absent until it was run
 * @param heardDropIn whether it was heard to drop in again on the way down
 * @param startMarkedMicrofarad start capacitor as marked, or the low end of its range
 * @param startMarkedToMicrofarad high end of a marked range
 * @param startMeasuredMicrofarad start capacitor as measured
 * @param runMarkedMicrofarad run capacitor as marked
 * @param runMeasuredMicrofarad run capacitor as measured
 * @param bleederOhm resistance across the start capacitor
 */
public record StartingGear(
        Kind kind,
        SwitchKind switchKind,
        Optional<Boolean> heardDropOut,
        Optional<Boolean> heardDropIn,
        Optional<Double> startMarkedMicrofarad,
        Optional<Double> startMarkedToMicrofarad,
        Optional<Double> startMeasuredMicrofarad,
        Optional<Double> runMarkedMicrofarad,
        Optional<Double> runMeasuredMicrofarad,
        Optional<Double> bleederOhm) {

    /**
     * How a single-phase motor starts, and what its start winding usually reads over its main one.
     *
     * <p>A split-phase start winding is of thin wire, to turn its current; one that stays in through a capacitor carries it all day,
     * and the two of a reversing motor are alike. The ranges are the shop's own rule, for motors to 3 kW.
     */
    public enum Kind implements Coded {
        SPLIT_PHASE(false, false, 1.5, 6),
        CAPACITOR_START(true, false, 1.1, 6),
        /** Permanent capacitor, no switch. */
        CAPACITOR_RUN(false, true, 0.8, 4),
        CAPACITOR_START_RUN(true, true, 0.8, 6);

        private final boolean start;
        private final boolean run;
        private final double leastRatio;
        private final double greatestRatio;

        Kind(boolean start, boolean run, double leastRatio, double greatestRatio) {
            this.start = start;
            this.run = run;
            this.leastRatio = leastRatio;
            this.greatestRatio = greatestRatio;
        }

        /** Least resistance of the start winding over the main one that is usual. */
        double leastRatio() {
            return leastRatio;
        }

        /** Greatest resistance of the start winding over the main one that is usual. */
        double greatestRatio() {
            return greatestRatio;
        }

        boolean hasStartCapacitor() {
            return start;
        }

        boolean hasRunCapacitor() {
            return run;
        }
    }

    /** What takes the start winding out. */
    public enum SwitchKind implements Coded {
        CENTRIFUGAL,
        RELAY,
        NONE
    }

    public StartingGear {
        heardDropOut = Problems.orEmpty(heardDropOut);
        heardDropIn = Problems.orEmpty(heardDropIn);
        startMarkedMicrofarad = Problems.orEmpty(startMarkedMicrofarad);
        startMarkedToMicrofarad = Problems.orEmpty(startMarkedToMicrofarad);
        startMeasuredMicrofarad = Problems.orEmpty(startMeasuredMicrofarad);
        runMarkedMicrofarad = Problems.orEmpty(runMarkedMicrofarad);
        runMeasuredMicrofarad = Problems.orEmpty(runMeasuredMicrofarad);
        bleederOhm = Problems.orEmpty(bleederOhm);
        Problems problems = new Problems();
        problems.present("kind", kind);
        problems.present("switchKind", switchKind);
        figure("startMarkedMicrofarad", startMarkedMicrofarad, "µF", problems);
        figure("startMarkedToMicrofarad", startMarkedToMicrofarad, "µF", problems);
        figure("runMarkedMicrofarad", runMarkedMicrofarad, "µF", problems);
        startMeasuredMicrofarad.ifPresent(c -> problems.notNegative("startMeasuredMicrofarad", c, "µF"));
        runMeasuredMicrofarad.ifPresent(c -> problems.notNegative("runMeasuredMicrofarad", c, "µF"));
        figure("bleederOhm", bleederOhm, "Ω", problems);
        if (problems.clear("kind")) {
            if (kind.hasStartCapacitor()) {
                problems.present("startMarkedMicrofarad", startMarkedMicrofarad.orElse(null));
                problems.present("startMeasuredMicrofarad", startMeasuredMicrofarad.orElse(null));
            }
            if (kind.hasRunCapacitor()) {
                problems.present("runMarkedMicrofarad", runMarkedMicrofarad.orElse(null));
                problems.present("runMeasuredMicrofarad", runMeasuredMicrofarad.orElse(null));
            }
        }
        if (startMarkedToMicrofarad.isPresent()
                && startMarkedMicrofarad.isPresent()
                && startMarkedToMicrofarad.get() < startMarkedMicrofarad.get()) {
            problems.add(
                    "startMarkedToMicrofarad",
                    Problem.Code.CONTRADICTION,
                    "startMarkedToMicrofarad lies under startMarkedMicrofarad");
        }
        problems.throwIfAny();
    }

    private static void figure(String field, Optional<Double> value, String unit, Problems problems) {
        value.ifPresent(v -> problems.positive(field, v, unit));
    }
}
