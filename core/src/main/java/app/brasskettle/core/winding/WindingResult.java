package app.brasskettle.core.winding;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;
import java.util.Optional;

/**
 * What winding data imply. Figures that rest on equal phases are absent unless the winding is balanced.
 *
 * @param coils coils in all
 * @param groups groups of coils
 * @param groupPattern coils of each group
 * @param balanced equal phases 120° apart
 * @param fullPitchSlots slots per pole
 * @param pitchFactor sin(90°·span/full pitch)
 * @param conductorAreaMm2 copper of one turn
 * @param currentDensityAPerMm2 at rated current
 * @param copperMassKg copper in the whole winding
 * @param slotFillPercent wire in the slot, enamel squared
 * @param distributionFactor vector sum of a phase's coils over their number
 * @param windingFactor pitch × distribution
 * @param seriesTurnsPerPhase turns in series
 * @param fluxPerPoleWb flux of one pole
 * @param airGapFluxDensityT in the gap
 * @param toothFluxDensityT in the teeth
 * @param coreFluxDensityT in the back iron
 * @param terminalOhmAt25C predicted between two terminals
 * @param verdict worst of the checks
 * @param judgement the worst check with its reasons
 * @param checks every check
 * @param misreading the single misreadings that would each bring the flux densities into range
 * @param steps the arithmetic
 */
public record WindingResult(
        int coils,
        int groups,
        List<Integer> groupPattern,
        boolean balanced,
        double fullPitchSlots,
        double pitchFactor,
        double conductorAreaMm2,
        double currentDensityAPerMm2,
        double copperMassKg,
        double slotFillPercent,
        Optional<Double> distributionFactor,
        Optional<Double> windingFactor,
        Optional<Double> seriesTurnsPerPhase,
        Optional<Double> fluxPerPoleWb,
        Optional<Double> airGapFluxDensityT,
        Optional<Double> toothFluxDensityT,
        Optional<Double> coreFluxDensityT,
        Optional<Double> terminalOhmAt25C,
        Verdict verdict,
        Judgement judgement,
        List<Judgement> checks,
        Optional<String> misreading,
        List<Step> steps) {

    /** The same figures judged in other words, as a shop's own limits ask. */
    public WindingResult judgedAs(Judgement judgement) {
        return new WindingResult(
                coils,
                groups,
                groupPattern,
                balanced,
                fullPitchSlots,
                pitchFactor,
                conductorAreaMm2,
                currentDensityAPerMm2,
                copperMassKg,
                slotFillPercent,
                distributionFactor,
                windingFactor,
                seriesTurnsPerPhase,
                fluxPerPoleWb,
                airGapFluxDensityT,
                toothFluxDensityT,
                coreFluxDensityT,
                terminalOhmAt25C,
                verdict,
                judgement,
                checks,
                misreading,
                steps);
    }
}
