package app.brasskettle.core.connection;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;
import java.util.Optional;

/**
 * Whether joints make a motor.
 *
 * @param distributionPercent see {@link ConnectionFigures}
 * @param rightDistributionPercent the same of this grouping joined right
 * @param circulatingPercent see {@link ConnectionFigures}
 * @param lineVoltageUnbalancePercent see {@link ConnectionFigures}
 * @param currentUnbalancePercent see {@link ConnectionFigures}
 * @param backwardPercent see {@link ConnectionFigures}
 * @param fieldPoles poles of the strongest field
 * @param rotation sense in which the field turns
 * @param sound whether nothing is wrong with the joints
 * @param turnRound the single groups that, turned round, make an unsound connection sound
 * @param verdict holds for sound, else stop
 * @param judgement what is wrong, and what to do about it
 * @param steps the arithmetic
 */
public record ConnectionCheckResult(
        Optional<Double> distributionPercent,
        double rightDistributionPercent,
        Optional<Double> circulatingPercent,
        Optional<Double> lineVoltageUnbalancePercent,
        Optional<Double> currentUnbalancePercent,
        Optional<Double> backwardPercent,
        Optional<Integer> fieldPoles,
        Optional<Rotation> rotation,
        boolean sound,
        List<Integer> turnRound,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps)
        implements Judged {}
