package app.brasskettle.core.nameplate;

import app.brasskettle.core.verdict.Verdict;
import java.util.List;

/**
 * A further rating held against the first.
 *
 * @param kind what the two are to each other
 * @param verdict whether they can stand on one plate
 * @param sentence what it means for the winding
 * @param poles poles of this rating
 * @param ratedTorqueNm torque of this rating
 * @param contradictions what cannot be so
 */
public record RatingBlockAssessment(
        Kind kind, Verdict verdict, String sentence, int poles, double ratedTorqueNm, List<String> contradictions) {

    /** What a further rating is to the first. */
    public enum Kind implements app.brasskettle.core.worksheet.Coded {
        TWO_SPEED,
        DUAL_VOLTAGE,
        TWO_FREQUENCIES,
        SAME
    }
}
