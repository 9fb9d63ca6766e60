package app.brasskettle.core.airgap;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;

/**
 * What the registers of a motor say.
 *
 * @param registers each with its limit and its word
 * @param judgement the worst one's word with its reasons
 */
public record RegistersResult(List<RegisterReading> registers, Judgement judgement) implements Judged {

    /**
     * One register.
     *
     * @param place which end, in running text
     * @param clearanceMm largest frame less smallest spigot, negative where it is forced in
     * @param limitMm largest clearance allowed at this size
     * @param outOfRoundMm the larger spread of the two
     * @param shiftPercent how far the bracket can hang, of the mean air gap; absent where that is unknown
     * @param verdict the word
     */
    public record RegisterReading(
            String place,
            double clearanceMm,
            double limitMm,
            double outOfRoundMm,
            Optional<Double> shiftPercent,
            Verdict verdict) {}
}
