package app.brasskettle.core.resistance;

import app.brasskettle.core.insulation.WindingKind;

/**
 * Limits of resistance unbalance (shop practice beside IEEE Std 118).
 *
 * @param formWoundPercent for form-wound coils
 * @param othersPercent for all others
 * @param watchTimes Watch reaches to this many times the limit
 */
public record ResistanceLimits(double formWoundPercent, double othersPercent, double watchTimes) {

    public static ResistanceLimits standard() {
        return new ResistanceLimits(1, 2, 2.5);
    }

    double percentFor(WindingKind kind) {
        return kind == WindingKind.FORM_WOUND ? formWoundPercent : othersPercent;
    }
}
