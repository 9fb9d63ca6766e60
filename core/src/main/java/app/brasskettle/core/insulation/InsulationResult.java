package app.brasskettle.core.insulation;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;
import java.util.Optional;

/**
 * An insulation test, computed and judged.
 *
 * @param standardTestVoltageLowV lower end of the band of direct test voltage
 * @param standardTestVoltageHighV upper end
 * @param correctionFactor factor from the winding's temperature to 40 °C
 * @param spotReading true when nothing was read at 60 s
 * @param atLeast true when the figure is a lower bound
 * @param megohm resistance after one minute, else the latest one
 * @param correctedMegohm the same at 40 °C
 * @param minimumMegohm least allowed at 40 °C
 * @param absorptionRatio R(60 s)/R(30 s)
 * @param polarizationIndex R(10 min)/R(1 min)
 * @param polarizationIndexJudged false where the resistance is too high for the index to mean anything
 * @param minimumPolarizationIndex least index for the class
 * @param dewPointC dew point of the air
 * @param verdict by the standard
 * @param fieldVerdict by the field rule
 * @param judgement by the standard, with its reasons
 * @param fieldJudgement by the field rule, with its reasons
 * @param steps the arithmetic
 */
public record InsulationResult(
        double standardTestVoltageLowV,
        double standardTestVoltageHighV,
        double correctionFactor,
        boolean spotReading,
        boolean atLeast,
        double megohm,
        double correctedMegohm,
        double minimumMegohm,
        Optional<Double> absorptionRatio,
        Optional<Double> polarizationIndex,
        boolean polarizationIndexJudged,
        double minimumPolarizationIndex,
        Optional<Double> dewPointC,
        Verdict verdict,
        Verdict fieldVerdict,
        Judgement judgement,
        Judgement fieldJudgement,
        List<Step> steps) {

    /** Whether copper lies on the frame, or nearly. */
    public boolean deadGround() {
        return !atLeast && InsulationLimits.deadGround(megohm, correctedMegohm);
    }

    /** Whether it is under its minimum, proved or not. */
    public boolean low() {
        return !atLeast && Limit.under(correctedMegohm, minimumMegohm);
    }

    /** Whether water settles on a winding of that temperature in °C. */
    public boolean dewOn(double windingTemperatureC) {
        return dewPointC.filter(dew -> Limit.under(windingTemperatureC, dew)).isPresent();
    }

    /** The same figures judged in other words, as a shop's own limits ask. */
    public InsulationResult judgedAs(Judgement judgement, Judgement fieldJudgement) {
        return new InsulationResult(
                standardTestVoltageLowV,
                standardTestVoltageHighV,
                correctionFactor,
                spotReading,
                atLeast,
                megohm,
                correctedMegohm,
                minimumMegohm,
                absorptionRatio,
                polarizationIndex,
                polarizationIndexJudged,
                minimumPolarizationIndex,
                dewPointC,
                verdict,
                fieldVerdict,
                judgement,
                fieldJudgement,
                steps);
    }
}
