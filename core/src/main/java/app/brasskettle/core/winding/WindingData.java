package app.brasskettle.core.winding;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.math.BigInteger;
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

    private static final int MAX_SLOTS = 720;
    private static final int MAX_POLES = 120;
    private static final int MAX_TURNS = 10_000;

    public WindingData {
        strands = Problems.copy(strands);
        groupPattern = Problems.orEmpty(groupPattern).map(Problems::copy);
        Problems problems = new Problems();
        if (problems.whole("slots", slots, 1, MAX_SLOTS, "") && slots % 3 != 0) {
            problems.add(
                    "slots", Problem.Code.RANGE, "slots is " + slots + "; three phases need a multiple of three slots");
        }
        if (problems.whole("poles", poles, 2, MAX_POLES, "") && poles % 2 != 0) {
            problems.add("poles", Problem.Code.RANGE, "poles is " + poles + "; poles come in pairs");
        }
        problems.whole("turnsPerCoil", turnsPerCoil, 1, MAX_TURNS, "turns");
        problems.whole("spanSlots", spanSlots, 1, Integer.MAX_VALUE, "slots");
        problems.whole("parallelCircuits", parallelCircuits, 1, Integer.MAX_VALUE, "");
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
        boolean ring = problems.clear("slots", "poles");
        if (ring) {
            refuseImpossibleRing(slots, poles, spanSlots, parallelCircuits, problems);
        }
        groupPattern.ifPresent(groups -> refuseImpossibleGroups(slots, poles, groups, ring, problems));
        problems.throwIfAny();
    }

    private static void refuseImpossibleRing(
            int slots, int poles, int spanSlots, int parallelCircuits, Problems problems) {
        if (problems.clear("spanSlots") && 2L * spanSlots * poles > 3L * slots) {
            problems.add(
                    "spanSlots",
                    Problem.Code.CONTRADICTION,
                    "spanSlots is " + spanSlots + "; with " + slots + " slots and " + poles
                            + " poles it lies from 1 to " + 3L * slots / (2L * poles) + " slots");
        }
        int most = mostCircuits(slots, poles);
        if (problems.clear("parallelCircuits") && most % parallelCircuits != 0) {
            problems.add(
                    "parallelCircuits",
                    Problem.Code.CONTRADICTION,
                    "parallelCircuits is " + parallelCircuits + "; with " + slots + " slots and " + poles
                            + " poles it must divide " + most);
        }
        if (2 * slots < 3 * poles) {
            problems.add(
                    "slots",
                    Problem.Code.CONTRADICTION,
                    "slots is " + slots + "; " + poles + " poles need " + 3 * poles / 2 + " slots or more");
        }
    }

    private static void refuseImpossibleGroups(
            int slots, int poles, List<Integer> groups, boolean ring, Problems problems) {
        for (int i = 0; i < groups.size(); i++) {
            String field = "groupPattern[" + i + "]";
            if (problems.present(field, groups.get(i))) {
                problems.whole(field, groups.get(i), 0, MAX_SLOTS, "coils");
            }
        }
        if (!ring || !problems.clear("groupPattern")) {
            return;
        }
        int sum = groups.stream().mapToInt(Integer::intValue).sum();
        if (groups.size() != 3 * poles) {
            problems.add(
                    "groupPattern",
                    Problem.Code.COUNT,
                    "groupPattern has " + groups.size() + " groups; " + poles + " poles need " + 3 * poles);
        } else if (sum != slots) {
            problems.add(
                    "groupPattern",
                    Problem.Code.CONTRADICTION,
                    "groupPattern adds up to " + sum + " coils; " + slots + " slots hold " + slots);
        }
    }

    /** The most circuits this ring allows: poles/d, where slots/(3·poles) = n/d in lowest terms. */
    static int mostCircuits(int slots, int poles) {
        int groups = 3 * poles;
        int d = groups
                / BigInteger.valueOf(slots).gcd(BigInteger.valueOf(groups)).intValue();
        return Math.max(1, poles / d);
    }

    double fullPitchSlots() {
        return (double) slots / poles;
    }

    /** Wires side by side in one turn. */
    int wiresInHand() {
        return strands.stream().mapToInt(Strand::count).sum();
    }
}
