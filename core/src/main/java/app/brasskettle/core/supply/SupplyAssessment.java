package app.brasskettle.core.supply;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;
import java.util.Optional;

/**
 * What three line voltages imply.
 *
 * @param meanV their mean
 * @param unbalancePercent largest deviation from the mean
 * @param deratingFactor share of its rated power a motor may give; absent over 5 %
 * @param verdict the word
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record SupplyAssessment(
        double meanV,
        double unbalancePercent,
        Optional<Double> deratingFactor,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps) {}
