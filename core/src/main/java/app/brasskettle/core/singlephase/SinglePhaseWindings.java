package app.brasskettle.core.singlephase;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * Windings of a single-phase motor as measured.
 *
 * @param kind how it starts, where it is known
 * @param dualVoltage true when the main winding comes in two halves
 * @param mainOhm main winding, or its first half
 * @param mainOpen true when that reads open
 * @param secondHalfOhm second half of a dual-voltage main winding
 * @param secondHalfOpen true when that reads open
 * @param startOhm start winding, switch bridged
 * @param startOpen true when that reads open
 * @param protector a thermal protector in series with the main winding, or with one half of it
 * @param acrossProtectorOhm the half it watches, measured behind the protector
 * @param steadyWhenFlexed false when a reading comes and goes as leads and protector are flexed
 */
public record SinglePhaseWindings(
        Optional<StartingGear.Kind> kind,
        boolean dualVoltage,
        Optional<Double> mainOhm,
        boolean mainOpen,
        Optional<Double> secondHalfOhm,
        boolean secondHalfOpen,
        Optional<Double> startOhm,
        boolean startOpen,
        Protector protector,
        Optional<Double> acrossProtectorOhm,
        boolean steadyWhenFlexed) {

    /** Where a protector sits. */
    public enum Protector implements Coded {
        NONE,
        IN_MAIN,
        IN_FIRST_HALF,
        IN_SECOND_HALF
    }

    public SinglePhaseWindings {
        kind = Problems.orEmpty(kind);
        mainOhm = Problems.orEmpty(mainOhm);
        secondHalfOhm = Problems.orEmpty(secondHalfOhm);
        startOhm = Problems.orEmpty(startOhm);
        acrossProtectorOhm = Problems.orEmpty(acrossProtectorOhm);
        Problems problems = new Problems();
        eitherOr("mainOhm", mainOhm, mainOpen, problems);
        eitherOr("startOhm", startOhm, startOpen, problems);
        if (dualVoltage) {
            eitherOr("secondHalfOhm", secondHalfOhm, secondHalfOpen, problems);
        } else if (secondHalfOhm.isPresent()) {
            problems.add(
                    "secondHalfOhm",
                    Problem.Code.CONTRADICTION,
                    "secondHalfOhm is given, yet the main winding comes in one piece");
        }
        problems.present("protector", protector);
        acrossProtectorOhm.ifPresent(r -> problems.positive("acrossProtectorOhm", r, "Ω"));
        problems.throwIfAny();
    }

    private static void eitherOr(String field, Optional<Double> ohm, boolean open, Problems problems) {
        if (ohm.isPresent() && open) {
            problems.add(field, Problem.Code.CONTRADICTION, field + " has a figure and is called open");
        } else if (ohm.isEmpty() && !open) {
            problems.add(field, Problem.Code.MISSING, field + " is missing; a winding that reads open is called open");
        }
        ohm.ifPresent(r -> problems.positive(field, r, "Ω"));
    }
}
