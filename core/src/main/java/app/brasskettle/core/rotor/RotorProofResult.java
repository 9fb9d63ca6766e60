package app.brasskettle.core.rotor;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Step;
import java.util.List;
import java.util.Optional;

/**
 * What is known of a cage.
 *
 * @param lineHz line frequency found in the record
 * @param slipPercent slip of the record
 * @param lowerSidebandDb level at (1 − 2s)·f under the line
 * @param upperSidebandDb level at (1 + 2s)·f under the line
 * @param swingPercent largest less smallest current over a turn, of their mean
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record RotorProofResult(
        Optional<Double> lineHz,
        Optional<Double> slipPercent,
        Optional<Double> lowerSidebandDb,
        Optional<Double> upperSidebandDb,
        Optional<Double> swingPercent,
        Judgement judgement,
        List<Step> steps)
        implements Judged {}
