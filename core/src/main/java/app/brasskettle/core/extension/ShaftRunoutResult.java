package app.brasskettle.core.extension;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;

/**
 * How true a shaft extension runs.
 *
 * @param runoutMm largest less smallest reading over a turn
 * @param limitMm largest run-out allowed for this diameter
 * @param verdict the word
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record ShaftRunoutResult(double runoutMm, double limitMm, Verdict verdict, Judgement judgement, List<Step> steps)
        implements Judged {}
