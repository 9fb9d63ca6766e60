package app.brasskettle.core.windingtake;

import app.brasskettle.core.connection.Rotation;
import app.brasskettle.core.grouping.GroupingCheck;
import app.brasskettle.core.winding.Strand;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * A three-phase, two-layer lap winding as far as somebody took it down. Anything may be missing; what is there can be.
 *
 * @param slots number of slots, a multiple of three
 * @param poles number of poles
 * @param groupPattern coils of each group as they lie; absent where they are as even as the slots allow
 * @param parallelCircuits circuits side by side in a phase
 * @param connection wye or delta
 * @param wiresPerCoil wires counted in one side of a cut coil, all wires in hand together
 * @param turnsPerCoil turns of a coil, where they are told and not counted: by a drawing, or an uneven in-hand
 * @param strands wires in hand, by size
 * @param spanSlots coil pitch in slots ("1 to 11" is 10)
 * @param meanTurnLengthM mean length of a turn, of a pulled coil
 * @param boreDiameterM stator bore
 * @param coreLengthM iron length without ducts
 * @param stackingFactor iron in that length
 * @param toothWidthM width of a tooth
 * @param backIronDepthM depth of the iron behind the slots
 * @param ducts cooling ducts through the iron
 * @param ductWidthM width of one
 * @param slot section of a slot
 * @param slotAreaMm2 area of a slot, where it is told and not computed from its section
 * @param overhangConnectionEndM how far the coils stand out at the connection end
 * @param overhangOtherEndM the same at the other end
 * @param barriers paper between phases in the overhang
 * @param leadExit side on which the leads lie
 * @param leadAreaMm2 copper of one lead
 * @param shaftTurns sense in which the shaft turned, seen from the connection end
 * @param ratedVoltageV line voltage
 * @param frequencyHz supply frequency
 * @param ratedCurrentA line current
 * @param notes ties, wedges, barriers, lead exit, in words
 */
public record WindingTake(
        Optional<Integer> slots,
        Optional<Integer> poles,
        Optional<List<Integer>> groupPattern,
        Optional<Integer> parallelCircuits,
        Optional<WindingConnection> connection,
        Optional<Integer> wiresPerCoil,
        Optional<Integer> turnsPerCoil,
        Optional<List<Strand>> strands,
        Optional<Integer> spanSlots,
        Optional<Double> meanTurnLengthM,
        Optional<Double> boreDiameterM,
        Optional<Double> coreLengthM,
        Optional<Double> stackingFactor,
        Optional<Double> toothWidthM,
        Optional<Double> backIronDepthM,
        Optional<Integer> ducts,
        Optional<Double> ductWidthM,
        Optional<SlotShape> slot,
        Optional<Double> slotAreaMm2,
        Optional<Double> overhangConnectionEndM,
        Optional<Double> overhangOtherEndM,
        Optional<PhaseBarriers> barriers,
        Optional<LeadExit> leadExit,
        Optional<Double> leadAreaMm2,
        Optional<Rotation> shaftTurns,
        Optional<Double> ratedVoltageV,
        Optional<Double> frequencyHz,
        Optional<Double> ratedCurrentA,
        Optional<String> notes) {

    private static final int MAX_COUNT = 10_000;
    private static final int MAX_NOTES = 1000;
    private static final int MAX_DUCTS = 60;

    public WindingTake {
        groupPattern = Problems.orEmpty(groupPattern).map(Problems::copy).filter(g -> !g.isEmpty());
        strands = Problems.orEmpty(strands).map(Problems::copy).filter(s -> !s.isEmpty());
        notes = Problems.orEmpty(notes).map(String::strip).filter(n -> !n.isEmpty());
        Problems problems = new Problems();
        count("parallelCircuits", parallelCircuits, problems);
        count("wiresPerCoil", wiresPerCoil, problems);
        count("turnsPerCoil", turnsPerCoil, problems);
        count("spanSlots", spanSlots, problems);
        positive("meanTurnLengthM", meanTurnLengthM, "m", problems);
        positive("boreDiameterM", boreDiameterM, "m", problems);
        positive("coreLengthM", coreLengthM, "m", problems);
        stackingFactor.ifPresent(f -> problems.aboveTo("stackingFactor", f, 0, 1, ""));
        positive("toothWidthM", toothWidthM, "m", problems);
        positive("backIronDepthM", backIronDepthM, "m", problems);
        ducts.ifPresent(d -> problems.whole("ducts", d, 0, MAX_DUCTS, "ducts"));
        positive("ductWidthM", ductWidthM, "m", problems);
        positive("slotAreaMm2", slotAreaMm2, "mm²", problems);
        positive("leadAreaMm2", leadAreaMm2, "mm²", problems);
        positive("overhangConnectionEndM", overhangConnectionEndM, "m", problems);
        positive("overhangOtherEndM", overhangOtherEndM, "m", problems);
        positive("ratedVoltageV", ratedVoltageV, "V", problems);
        positive("frequencyHz", frequencyHz, "Hz", problems);
        positive("ratedCurrentA", ratedCurrentA, "A", problems);
        strands.ifPresent(s -> problems.size("strands", s, 1, 12));
        if (notes.filter(n -> n.length() > MAX_NOTES).isPresent()) {
            problems.add("notes", Problem.Code.RANGE, "notes has at most " + MAX_NOTES + " characters");
        }
        ring(slots, poles, spanSlots, parallelCircuits, groupPattern, problems);
        turns(wiresPerCoil, turnsPerCoil, strands, problems);
        problems.throwIfAny();
    }

    private static void count(String field, Optional<Integer> value, Problems problems) {
        value.ifPresent(v -> problems.whole(field, v, 1, MAX_COUNT, ""));
    }

    private static void positive(String field, Optional<Double> value, String unit, Problems problems) {
        value.ifPresent(v -> problems.positive(field, v, unit));
    }

    /** What is there of slots, poles, span, groups and circuits, as far as it can be asked without the rest. */
    private static void ring(
            Optional<Integer> slots,
            Optional<Integer> poles,
            Optional<Integer> spanSlots,
            Optional<Integer> parallelCircuits,
            Optional<List<Integer>> groupPattern,
            Problems problems) {
        if (slots.isEmpty() || poles.isEmpty()) {
            slots.ifPresent(s -> GroupingCheck.check(s, 2, 1, Optional.empty(), problems));
            poles.ifPresent(p -> GroupingCheck.check(720, p, 1, Optional.empty(), problems));
            return;
        }
        boolean ring = GroupingCheck.check(slots.get(), poles.get(), spanSlots.orElse(1), groupPattern, problems);
        if (ring && parallelCircuits.isPresent() && problems.clear("parallelCircuits")) {
            GroupingCheck.circuits(slots.get(), poles.get(), parallelCircuits.get(), problems);
        }
    }

    /** Wires ÷ wires in hand is a whole number of turns, or one of the two was counted wrong. */
    private static void turns(
            Optional<Integer> wires, Optional<Integer> turns, Optional<List<Strand>> strands, Problems problems) {
        if (wires.isEmpty() || !problems.clear("wiresPerCoil", "turnsPerCoil", "strands")) {
            return;
        }
        int hand = strands.map(WindingTake::inHand).orElse(0);
        if (hand > 0 && wires.get() % hand != 0) {
            problems.add(
                    "wiresPerCoil",
                    Problem.Code.CONTRADICTION,
                    "wiresPerCoil is " + wires.get() + "; with " + hand + " in hand that is " + wires.get() / hand
                            + " turns and " + wires.get() % hand
                            + " wires over. Count wires and wires in hand again; for an uneven in-hand write the turns");
        } else if (hand > 0 && turns.isPresent() && turns.get() != wires.get() / hand) {
            problems.add(
                    "turnsPerCoil",
                    Problem.Code.CONTRADICTION,
                    "turnsPerCoil is " + turns.get() + "; " + wires.get() + " wires with " + hand + " in hand are "
                            + wires.get() / hand + " turns");
        }
    }

    private static int inHand(List<Strand> strands) {
        return strands.stream().mapToInt(Strand::count).sum();
    }

    /** Returns the wires side by side in a turn. */
    public Optional<Integer> inHand() {
        return strands.map(WindingTake::inHand);
    }

    /** Returns the turns of a coil: wires counted ÷ wires in hand, or as they were told. */
    public Optional<Integer> turns() {
        return turnsPerCoil.or(() -> wiresPerCoil.flatMap(w -> inHand().map(h -> w / h)));
    }

    /** Returns the area of a slot: as it was told, else computed from its section. */
    public Optional<Double> slotArea() {
        return slotAreaMm2.or(() -> slot.flatMap(SlotShape::areaMm2));
    }

    /** Returns the length of the iron with its ducts, m. */
    public Optional<Double> grossLengthM() {
        return coreLengthM.map(l -> l + ducts.orElse(0) * ductWidthM.orElse(0.0));
    }

    /** Returns the copper of one turn in mm², all wires in hand. */
    public Optional<Double> copperMm2() {
        return strands.map(Strand::areaMm2);
    }

    /** Returns the fields still missing for the winding to be computed. */
    public List<TakeField> missing() {
        return TakeField.needed().stream().filter(f -> f.of(this).isEmpty()).toList();
    }

    /** Returns what the screen calls the fields still missing, those that one field of the sheet answers once. */
    List<String> missingLabels(Predicate<TakeField> which) {
        Map<String, String> labels = new LinkedHashMap<>();
        missing().stream().filter(which).forEach(f -> labels.putIfAbsent(f.field(), f.label()));
        return List.copyOf(labels.values());
    }

    /** Returns the winding as it can be computed, once nothing of it is missing. */
    public Optional<WindingData> data() {
        if (!missing().isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(new WindingData(
                    slots.get(),
                    poles.get(),
                    turns().orElseThrow(),
                    spanSlots.get(),
                    parallelCircuits.get(),
                    connection.get(),
                    strands.get(),
                    groupPattern,
                    meanTurnLengthM.get(),
                    boreDiameterM.get(),
                    coreLengthM.get(),
                    stackingFactor.get(),
                    toothWidthM.get(),
                    backIronDepthM.get(),
                    slotArea().orElseThrow(),
                    ratedVoltageV.get(),
                    frequencyHz.get(),
                    ratedCurrentA.get()));
        } catch (InvalidInputException cannotBe) {
            throw new IllegalStateException(
                    "A take that was accepted makes no winding: " + cannotBe.getMessage(), cannotBe);
        }
    }
}
