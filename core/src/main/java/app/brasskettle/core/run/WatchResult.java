package app.brasskettle.core.run;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * What the watch saw.
 *
 * @param minutes how long
 * @param currentDriftPercent last current against the first
 * @param bearingRiseK hotter bearing over the air, at the end
 * @param hottestSpotOverMeanK hottest place of the thermal picture over its mean; 0 without a picture
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record WatchResult(
        double minutes,
        double currentDriftPercent,
        double bearingRiseK,
        double hottestSpotOverMeanK,
        Judgement judgement,
        List<Step> steps)
        implements Judged {}
