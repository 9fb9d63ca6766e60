package app.brasskettle.core.run;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * Whose the unbalance of the currents is.
 *
 * @param source who makes it
 * @param stayedPercent part of the pattern that stayed with the lines
 * @param wentPercent part that went with the leads
 * @param unbalancePercent larger unbalance of the two readings
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record RolledResult(
        Source source,
        double stayedPercent,
        double wentPercent,
        double unbalancePercent,
        Judgement judgement,
        List<Step> steps)
        implements Judged {

    /** Who makes the unbalance. */
    public enum Source implements Coded {
        NONE,
        SUPPLY,
        MOTOR,
        BOTH
    }
}
