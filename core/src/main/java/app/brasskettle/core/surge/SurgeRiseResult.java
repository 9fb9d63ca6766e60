package app.brasskettle.core.surge;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import java.util.List;
import java.util.Optional;

/**
 * What rising pulses say of the turn insulation.
 *
 * @param pairs each pulse against the one before it on the same lead
 * @param widestPercent widest difference of all
 * @param limitPercent its limit
 * @param letsGoAboveV highest voltage before turn insulation let go, where it did
 * @param judgement the word with its reasons
 */
public record SurgeRiseResult(
        List<Rung> pairs, double widestPercent, double limitPercent, Optional<Double> letsGoAboveV, Judgement judgement)
        implements Judged {

    /** A pulse against the one before. */
    public record Rung(
            SurgeRise.Lead lead,
            double fromV,
            double toV,
            double differencePercent,
            Optional<Double> shiftPercent,
            boolean inside) {}
}
