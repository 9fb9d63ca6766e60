package app.brasskettle.core.winding;

import app.brasskettle.core.grouping.GroupingCheck;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * A three-phase, two-layer lap winding as taken from a stator.
 *
 * @param slots number of slots, a multiple of three
 * @param poles number of poles
 * @param turnsPerCoil turns of one coil
 * @param spanSlots coil pitch in slots ("1 to 9" is 8)
 * @param parallelCircuits circuits side by side in a phase
 * @param connection wye or delta
 * @param strands wires in hand, by size
 * @param groupPattern coils in each group around the bore, where they were counted
 * @param meanTurnLengthM mean length of a turn
 * @param boreDiameterM stator bore
 * @param coreLengthM iron length without ducts
 * @param stackingFactor iron in that length
 * @param toothWidthM width of a tooth
 * @param backIronDepthM depth of the iron behind the slots
 * @param slotAreaMm2 area of a slot
 * @param ratedVoltageV line voltage
 * @param frequencyHz supply frequency
 * @param ratedCurrentA line current
 */
public record WindingData(
        int slots,
        int poles,
        int turnsPerCoil,
        int spanSlots,
        int parallelCircuits,
        WindingConnection connection,
        List<Strand> strands,
        Optional<List<Integer>> groupPattern,
        double meanTurnLengthM,
        double boreDiameterM,
        double coreLengthM,
        double stackingFactor,
        double toothWidthM,
        double backIronDepthM,
        double slotAreaMm2,
        double ratedVoltageV,
        double frequencyHz,
        double ratedCurrentA) {

    private static final int MAX_TURNS = 10_000;

    public WindingData {
        strands = Problems.copy(strands);
        groupPattern = Problems.orEmpty(groupPattern).map(Problems::copy);
        Problems problems = new Problems();
        boolean ring = GroupingCheck.check(slots, poles, spanSlots, groupPattern, problems);
        problems.whole("turnsPerCoil", turnsPerCoil, 1, MAX_TURNS, "turns");
        if (ring) {
            GroupingCheck.circuits(slots, poles, parallelCircuits, problems);
        } else {
            problems.whole("parallelCircuits", parallelCircuits, 1, Integer.MAX_VALUE, "");
        }
        problems.present("connection", connection);
        problems.size("strands", strands, 1, Integer.MAX_VALUE);
        problems.positive("meanTurnLengthM", meanTurnLengthM, "m");
        problems.positive("boreDiameterM", boreDiameterM, "m");
        problems.positive("coreLengthM", coreLengthM, "m");
        problems.aboveTo("stackingFactor", stackingFactor, 0, 1, "");
        problems.positive("toothWidthM", toothWidthM, "m");
        problems.positive("backIronDepthM", backIronDepthM, "m");
        problems.positive("slotAreaMm2", slotAreaMm2, "mm²");
        problems.positive("ratedVoltageV", ratedVoltageV, "V");
        problems.positive("frequencyHz", frequencyHz, "Hz");
        problems.positive("ratedCurrentA", ratedCurrentA, "A");
        problems.throwIfAny();
    }

    double fullPitchSlots() {
        return (double) slots / poles;
    }

    /** Wires side by side in one turn. */
    int wiresInHand() {
        return strands.stream().mapToInt(Strand::count).sum();
    }
}
