package app.brasskettle.core.triage;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Coded;

/**
 * What a minute says.
 *
 * @param answer sound, doubtful or unfit
 * @param testVoltageV direct voltage the tester should be set to
 * @param leastMegohm lowest reading
 * @param judgement the word with its reasons
 */
public record TriageResult(Answer answer, double testVoltageV, double leastMegohm, Judgement judgement)
        implements Judged {

    /** What a motor from the pile is. */
    public enum Answer implements Coded {
        SOUND,
        DOUBTFUL,
        UNFIT
    }
}
