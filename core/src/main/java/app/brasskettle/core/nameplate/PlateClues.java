package app.brasskettle.core.nameplate;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * What a motor without a plate tells by itself; each clue may be absent.
 *
 * @param supplyVoltageV line voltage at the machine it came from
 * @param poles poles counted from the winding's groups, or from the speed it ran at
 * @param shaftHeightMm middle of the shaft above the feet
 * @param boreDiameterM stator bore
 * @param coreLengthM iron, ducts off
 * @param conductorAreaMm2 copper of one phase: all wires in hand times the parallel circuits
 * @param noLoadCurrentA current of the uncoupled motor at the supply voltage, from a log or the machine's records
 */
public record PlateClues(
        Optional<Double> supplyVoltageV,
        Optional<Integer> poles,
        Optional<Double> shaftHeightMm,
        Optional<Double> boreDiameterM,
        Optional<Double> coreLengthM,
        Optional<Double> conductorAreaMm2,
        Optional<Double> noLoadCurrentA) {

    private static final int MAX_POLES = 48;

    public PlateClues {
        supplyVoltageV = Problems.orEmpty(supplyVoltageV);
        poles = Problems.orEmpty(poles);
        shaftHeightMm = Problems.orEmpty(shaftHeightMm);
        boreDiameterM = Problems.orEmpty(boreDiameterM);
        coreLengthM = Problems.orEmpty(coreLengthM);
        conductorAreaMm2 = Problems.orEmpty(conductorAreaMm2);
        noLoadCurrentA = Problems.orEmpty(noLoadCurrentA);
        Problems problems = new Problems();
        supplyVoltageV.ifPresent(v -> problems.positive("supplyVoltageV", v, "V"));
        poles.ifPresent(p -> {
            if (problems.whole("poles", p, 2, MAX_POLES, "") && p % 2 != 0) {
                problems.add("poles", Problem.Code.RANGE, "poles is " + p + "; poles come in pairs");
            }
        });
        shaftHeightMm.ifPresent(h -> problems.aboveTo("shaftHeightMm", h, 20, 1000, "mm"));
        boreDiameterM.ifPresent(d -> problems.aboveTo("boreDiameterM", d, 0.01, 3, "m"));
        coreLengthM.ifPresent(l -> problems.aboveTo("coreLengthM", l, 0.01, 3, "m"));
        conductorAreaMm2.ifPresent(a -> problems.aboveTo("conductorAreaMm2", a, 0.01, 2000, "mm²"));
        noLoadCurrentA.ifPresent(i -> problems.positive("noLoadCurrentA", i, "A"));
        problems.throwIfAny();
    }

    static PlateClues none() {
        return new PlateClues(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }
}
