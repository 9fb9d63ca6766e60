package app.brasskettle.core.fits;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;

/**
 * What the seats of a motor say.
 *
 * @param seats each with its limits and its word
 * @param judgement the worst one's word with its reasons
 */
public record SeatCheckResult(List<SeatReading> seats, Judgement judgement) implements Judged {

    /** A seat, its limits, its shape and its word. */
    public record SeatReading(
            String seat,
            String fitClass,
            double nominalMm,
            double lowerLimitMm,
            double upperLimitMm,
            double outOfRoundMm,
            double taperMm,
            Verdict verdict) {}
}
