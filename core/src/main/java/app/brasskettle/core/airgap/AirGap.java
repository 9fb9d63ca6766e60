package app.brasskettle.core.airgap;

import app.brasskettle.core.worksheet.Problems;
import java.util.List;

/**
 * The gap between rotor and bore, felt at even steps round one end.
 *
 * @param gapsMm gaps from the top clockwise, seen from the end they are felt at; four or more; eight tell more
 */
public record AirGap(List<Double> gapsMm) {

    private static final int FEWEST = 4;
    private static final int MOST = 72;

    public AirGap {
        gapsMm = Problems.copy(gapsMm);
        Problems problems = new Problems();
        if (problems.size("gapsMm", gapsMm, FEWEST, MOST)) {
            for (int i = 0; i < gapsMm.size(); i++) {
                problems.positive("gapsMm[" + i + "]", gapsMm.get(i), "mm");
            }
        }
        problems.throwIfAny();
    }
}
