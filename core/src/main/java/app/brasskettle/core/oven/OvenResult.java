package app.brasskettle.core.oven;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * What an oven curve says.
 *
 * @param peakC highest reading
 * @param minutesHeld time at or over the hold temperature, in intervals short enough to count
 * @param minutesOverLimit time over the limit, in every interval
 * @param fastestRiseKPerMinute steepest rise between two readings; 0 where it never rises
 * @param longestGapMinutes longest interval between two readings
 * @param verdict whether it was held long enough and never too hot
 * @param judgement the same with its figures
 * @param steps the arithmetic
 */
public record OvenResult(
        double peakC,
        double minutesHeld,
        double minutesOverLimit,
        double fastestRiseKPerMinute,
        double longestGapMinutes,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps)
        implements Judged {}
