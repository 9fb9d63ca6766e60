package app.brasskettle.core.supply;

import app.brasskettle.core.worksheet.Problems;
import java.util.List;

/**
 * Three line voltages measured at a motor's terminals.
 *
 * @param lineVoltagesV between A and B, B and C, C and A
 */
public record SupplyVoltages(List<Double> lineVoltagesV) {

    public SupplyVoltages {
        lineVoltagesV = Problems.copy(lineVoltagesV);
        Problems problems = new Problems();
        if (problems.size("lineVoltagesV", lineVoltagesV, 3, 3)) {
            for (int i = 0; i < 3; i++) {
                problems.positive("lineVoltagesV[" + i + "]", lineVoltagesV.get(i), "V");
            }
        }
        problems.throwIfAny();
    }
}
