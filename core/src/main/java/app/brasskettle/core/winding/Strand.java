package app.brasskettle.core.winding;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;

/**
 * Wires of one size that run side by side in a turn.
 *
 * @param count wires in hand of this size
 * @param bareDiameterMm copper only
 * @param insulatedDiameterMm with enamel
 */
public record Strand(int count, double bareDiameterMm, double insulatedDiameterMm) {

    public Strand {
        Problems problems = new Problems();
        problems.whole("count", count, 1, Integer.MAX_VALUE, "");
        problems.positive("bareDiameterMm", bareDiameterMm, "mm");
        problems.positive("insulatedDiameterMm", insulatedDiameterMm, "mm");
        if (problems.clear("bareDiameterMm", "insulatedDiameterMm") && insulatedDiameterMm < bareDiameterMm) {
            problems.add(
                    "insulatedDiameterMm",
                    Problem.Code.CONTRADICTION,
                    "insulatedDiameterMm is " + insulatedDiameterMm + " mm, under the bare " + bareDiameterMm + " mm");
        }
        problems.throwIfAny();
    }

    /** Returns the copper of its wires, mm². */
    public double areaMm2() {
        return count * Math.PI * bareDiameterMm * bareDiameterMm / 4;
    }

    /** Returns the copper of one turn of {@code strands}, all wires in hand, mm². */
    public static double areaMm2(List<Strand> strands) {
        return strands.stream().mapToDouble(Strand::areaMm2).sum();
    }
}
