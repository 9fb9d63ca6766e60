package app.brasskettle.core.turningfield;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import java.util.List;
import java.util.Optional;

/**
 * What the turning field of a bare stator says.
 *
 * @param meanCurrentA of the three lines
 * @param unbalancePercent largest deviation of a line from the mean
 * @param offPredictedPercent mean against predicted, where that is known
 * @param warmest number of the warmest group, where groups were felt
 * @param findings each look at it judged: lines, prediction, places, groups, span
 * @param judgement the worst of them
 */
public record FieldResult(
        double meanCurrentA,
        double unbalancePercent,
        Optional<Double> offPredictedPercent,
        Optional<Integer> warmest,
        List<Judgement> findings,
        Judgement judgement)
        implements Judged {}
