package app.brasskettle.core.insulation;

import app.brasskettle.core.verdict.Limit;

/**
 * Limits an insulation test is judged by.
 *
 * @param randomWoundMegohm least at 40 °C for random-wound windings and anything under 1 kV (IEEE Std 43-2013, table 3)
 * @param formWoundMegohm least at 40 °C for form-wound alternating-current windings of 1 kV and over
 * @param polarizationIndexClassA least polarization index, class A
 * @param polarizationIndexOthers least polarization index, classes E to H
 * @param notJudgedFormWoundMegohm above this a form-wound winding or field has no polarization index to judge
 * @param notJudgedRandomMegohm the same for random windings and armatures, whose absorption is soon over
 * @param fieldHoldsMegohm from here the field rule holds, on the raw figure
 * @param fieldWatchMegohm from here the field rule says watch
 */
public record InsulationLimits(
        double randomWoundMegohm,
        double formWoundMegohm,
        double polarizationIndexClassA,
        double polarizationIndexOthers,
        double notJudgedFormWoundMegohm,
        double notJudgedRandomMegohm,
        double fieldHoldsMegohm,
        double fieldWatchMegohm) {

    /**
     * At or under this many megohms, as read or at 40 °C, copper lies on the frame or nearly: nobody may put it on power
     * (shop rule: the resolution of a usual tester).
     */
    private static final double DEAD_GROUND_MEGOHM = 0.05;

    /** Whether the lower of both figures is a dead or near ground. */
    static boolean deadGround(double megohm, double correctedMegohm) {
        return !Limit.over(Math.min(megohm, correctedMegohm), DEAD_GROUND_MEGOHM);
    }

    public static InsulationLimits standard() {
        return new InsulationLimits(5, 100, 1.5, 2.0, 5000, 1000, 100, 30);
    }

    double minimumMegohm(InsulationReadings test) {
        if (test.madeBefore1970() || test.windingKind() == WindingKind.FIELD) {
            return test.ratedVoltageV() / 1000 + 1;
        }
        boolean highVoltage = test.windingKind() == WindingKind.FORM_WOUND && test.ratedVoltageV() >= 1000;
        return highVoltage ? formWoundMegohm : randomWoundMegohm;
    }

    double minimumPolarizationIndex(InsulationClass insulationClass) {
        return insulationClass == InsulationClass.A ? polarizationIndexClassA : polarizationIndexOthers;
    }

    double indexNotJudgedOver(WindingKind kind) {
        boolean slow = kind == WindingKind.FORM_WOUND || kind == WindingKind.FIELD;
        return slow ? notJudgedFormWoundMegohm : notJudgedRandomMegohm;
    }
}
