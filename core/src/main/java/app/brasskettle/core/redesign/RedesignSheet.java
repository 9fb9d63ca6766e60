package app.brasskettle.core.redesign;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a new winding is wanted for, and what was chosen. Whatever is absent stays as it was taken.
 *
 * @param ratedVoltageV line voltage
 * @param frequencyHz supply frequency
 * @param connection wye or delta
 * @param parallelCircuits circuits side by side in a phase
 * @param spanSlots coil pitch in slots
 * @param maxInHand most wires side by side that are looked for, 6 unless told
 * @param tolerancePercent how far the copper of a turn may be off either way, 3 unless told
 * @param turnsPerCoil turns of a coil where they are not the nearest whole number
 * @param wires wire chosen; empty until it is
 * @param reason why it is changed, in words
 */
public record RedesignSheet(
        Optional<Double> ratedVoltageV,
        Optional<Double> frequencyHz,
        Optional<WindingConnection> connection,
        Optional<Integer> parallelCircuits,
        Optional<Integer> spanSlots,
        Optional<Integer> maxInHand,
        Optional<Double> tolerancePercent,
        Optional<Integer> turnsPerCoil,
        Optional<List<ChosenWire>> wires,
        Optional<String> reason) {

    static final int MAX_IN_HAND = 12;
    private static final int MAX_COUNT = 10_000;
    private static final int MAX_REASON = 500;
    private static final double MAX_TOLERANCE_PERCENT = 20;
    private static final int USUAL_IN_HAND = 6;
    private static final double USUAL_TOLERANCE_PERCENT = 3;

    public RedesignSheet {
        wires = Problems.orEmpty(wires).map(Problems::copy).filter(w -> !w.isEmpty());
        reason = Problems.orEmpty(reason).map(String::strip).filter(r -> !r.isEmpty());
        Problems problems = new Problems();
        ratedVoltageV.ifPresent(v -> problems.positive("ratedVoltageV", v, "V"));
        frequencyHz.ifPresent(f -> problems.positive("frequencyHz", f, "Hz"));
        parallelCircuits.ifPresent(c -> problems.whole("parallelCircuits", c, 1, MAX_COUNT, ""));
        spanSlots.ifPresent(s -> problems.whole("spanSlots", s, 1, MAX_COUNT, "slots"));
        maxInHand.ifPresent(n -> problems.whole("maxInHand", n, 1, MAX_IN_HAND, "wires"));
        tolerancePercent.ifPresent(t -> problems.aboveTo("tolerancePercent", t, 0, MAX_TOLERANCE_PERCENT, "%"));
        turnsPerCoil.ifPresent(t -> problems.whole("turnsPerCoil", t, 1, MAX_COUNT, "turns"));
        wires.ifPresent(w -> {
            if (problems.size("wires", w, 1, MAX_IN_HAND)) {
                problems.distinct(w.stream().map(ChosenWire::name).toList(), i -> "wires[" + i + "].name");
            }
        });
        if (reason.filter(r -> r.length() > MAX_REASON).isPresent()) {
            problems.add("reason", Problem.Code.RANGE, "reason has at most " + MAX_REASON + " characters");
        }
        problems.throwIfAny();
    }

    int inHand() {
        return maxInHand.orElse(USUAL_IN_HAND);
    }

    double tolerance() {
        return tolerancePercent.orElse(USUAL_TOLERANCE_PERCENT);
    }

    /** Says what is changed and why, in one line; nothing where all stays as it came out. */
    public Optional<String> described() {
        List<String> parts = new ArrayList<>();
        ratedVoltageV.ifPresent(v -> parts.add(Figures.plain(v) + " V"));
        frequencyHz.ifPresent(f -> parts.add(Figures.plain(f) + " Hz"));
        connection.ifPresent(c -> parts.add(c.label()));
        parallelCircuits.ifPresent(c -> parts.add(c + (c == 1 ? " circuit" : " circuits")));
        spanSlots.ifPresent(s -> parts.add("span 1 to " + (s + 1)));
        turnsPerCoil.ifPresent(t -> parts.add(t + " turns"));
        wires.ifPresent(w -> parts.add(DesignedWinding.words(w)));
        String changes = String.join(", ", parts);
        String why = reason.orElse("");
        String line = changes.isEmpty() || why.isEmpty() ? changes + why : changes + ": " + why;
        return Optional.of(line).filter(l -> !l.isEmpty());
    }
}
