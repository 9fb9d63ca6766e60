package app.brasskettle.core.insulation;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;

/**
 * What the circuits of a winding say, each on its own.
 *
 * @param circuits each with its corrected figure and its word
 * @param lowestMegohm lowest reading as read
 * @param minimumMegohm least allowed at 40 °C
 * @param highestOverLowest highest reading over the lowest
 * @param judgement the worst one's word with its reasons
 */
public record CircuitsResult(
        List<CircuitReading> circuits,
        double lowestMegohm,
        double minimumMegohm,
        double highestOverLowest,
        Judgement judgement)
        implements Judged {

    /** Whether copper of a circuit lies on the frame or on another circuit, or nearly. */
    public boolean deadGround() {
        return InsulationLimits.deadGround(lowestMegohm, lowestCorrectedMegohm());
    }

    /** The lowest figure at 40 °C. */
    public double lowestCorrectedMegohm() {
        return circuits.stream()
                .mapToDouble(CircuitReading::correctedMegohm)
                .min()
                .orElseThrow();
    }

    /** A circuit, its resistance at 40 °C and its word. */
    public record CircuitReading(String circuit, double correctedMegohm, Verdict verdict) {}
}
