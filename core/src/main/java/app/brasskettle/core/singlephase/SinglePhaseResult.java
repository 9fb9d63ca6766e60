package app.brasskettle.core.singlephase;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Step;
import java.util.List;
import java.util.Optional;

/**
 * What the windings of a single-phase motor say.
 *
 * @param open true when a winding is interrupted, or its protector does not close
 * @param protectorOpen true when the protector alone does that
 * @param comesAndGoes true when a reading comes and goes
 * @param halvesDifferPercent difference of two halves, of their mean
 * @param startOverMain start winding over main winding
 * @param judgement the word with its reasons
 * @param steps the arithmetic
 */
public record SinglePhaseResult(
        boolean open,
        boolean protectorOpen,
        boolean comesAndGoes,
        Optional<Double> halvesDifferPercent,
        Optional<Double> startOverMain,
        Judgement judgement,
        List<Step> steps)
        implements Judged {}
