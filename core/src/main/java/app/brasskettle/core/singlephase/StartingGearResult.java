package app.brasskettle.core.singlephase;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * What starting gear says.
 *
 * @param capacitorsHold true when every capacitor lies in its range
 * @param switchFails true when the switch was not heard to drop out or in
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record StartingGearResult(boolean capacitorsHold, boolean switchFails, Judgement judgement, List<Step> steps)
        implements Judged {}
