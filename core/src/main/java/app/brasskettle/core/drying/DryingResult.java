package app.brasskettle.core.drying;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;

/**
 * What a drying curve says.
 *
 * @param correctedMegohm each reading brought to 40 °C
 * @param lowestAtHours hour of the lowest of them, the first of equals
 * @param levelled whether it no longer changes
 * @param verdict dry, not yet, or dried as far as it will and still low
 * @param judgement the same with its figures
 */
public record DryingResult(
        List<Double> correctedMegohm, double lowestAtHours, boolean levelled, Verdict verdict, Judgement judgement)
        implements Judged {}
