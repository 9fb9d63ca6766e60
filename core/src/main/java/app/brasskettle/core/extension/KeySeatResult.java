package app.brasskettle.core.extension;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;
import java.util.Optional;

/**
 * What a key seat and its key say.
 *
 * @param nominalMm width the key is called by
 * @param lowerLimitMm least width of the seat
 * @param upperLimitMm largest width of the seat
 * @param spreadMm largest less smallest width along the seat
 * @param playMm widest seat less narrowest key, negative where the key is driven in; absent without a key
 * @param verdict the word
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record KeySeatResult(
        double nominalMm,
        double lowerLimitMm,
        double upperLimitMm,
        double spreadMm,
        Optional<Double> playMm,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps)
        implements Judged {}
