package app.brasskettle.core.mechanics;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;

/**
 * Whether an insulated bearing still is.
 *
 * @param limitMegohm least that holds
 * @param judgement the word with its reasons
 */
public record BearingInsulationResult(double limitMegohm, Judgement judgement) implements Judged {}
