package app.brasskettle.core.singlephase;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.Word;
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

    /** How a single-phase motor starts. */
    public enum Kind implements Word {
        SPLIT_PHASE(false, false),
        CAPACITOR_START(true, false),
        CAPACITOR_RUN(false, true),
        CAPACITOR_START_RUN(true, true);

        private final boolean start;
        private final boolean run;

        Kind(boolean start, boolean run) {
            this.start = start;
            this.run = run;
        }

        boolean hasStartCapacitor() {
            return start;
        }

        boolean hasRunCapacitor() {
            return run;
        }
    }

    /** What takes the start winding out. */
    public enum SwitchKind implements Word {
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
