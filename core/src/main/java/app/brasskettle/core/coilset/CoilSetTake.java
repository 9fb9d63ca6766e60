package app.brasskettle.core.coilset;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * A winding taken coil by coil, with the core it lies in. Anything may be missing.
 *
 * @param slots number of slots
 * @param boreDiameterM stator bore
 * @param coreLengthM iron length without ducts
 * @param stackingFactor iron in that length
 * @param toothWidthM width of a tooth
 * @param backIronDepthM depth of the iron behind the slots
 * @param sets its sets of coils, 1 to 4
 * @param notes what else there is to say
 */
public record CoilSetTake(
        Optional<Integer> slots,
        Optional<Double> boreDiameterM,
        Optional<Double> coreLengthM,
        Optional<Double> stackingFactor,
        Optional<Double> toothWidthM,
        Optional<Double> backIronDepthM,
        List<CoilSet> sets,
        Optional<String> notes) {

    private static final int MAX_SLOTS = 720;
    private static final int MAX_SETS = 4;
    private static final int MAX_NOTES = 1000;

    /** Checks what is there, and every span against the slots. */
    public CoilSetTake {
        sets = Problems.copy(sets);
        notes = Problems.orEmpty(notes).map(String::strip).filter(n -> !n.isEmpty());
        Problems problems = new Problems();
        slots.ifPresent(s -> problems.whole("slots", s, 3, MAX_SLOTS, ""));
        positive("boreDiameterM", boreDiameterM, problems);
        positive("coreLengthM", coreLengthM, problems);
        stackingFactor.ifPresent(f -> problems.aboveTo("stackingFactor", f, 0, 1, ""));
        positive("toothWidthM", toothWidthM, problems);
        positive("backIronDepthM", backIronDepthM, problems);
        if (problems.size("sets", sets, 1, MAX_SETS) && slots.isPresent() && problems.clear("slots")) {
            for (int i = 0; i < sets.size(); i++) {
                spans("sets[" + i + "]", slots.get(), sets.get(i), problems);
            }
        }
        if (notes.filter(n -> n.length() > MAX_NOTES).isPresent()) {
            problems.add("notes", Problem.Code.RANGE, "notes has at most " + MAX_NOTES + " characters");
        }
        problems.throwIfAny();
    }

    private static void positive(String field, Optional<Double> value, Problems problems) {
        value.ifPresent(v -> problems.positive(field, v, "m"));
    }

    private static void spans(String set, int slots, CoilSet s, Problems problems) {
        s.firstSlot()
                .filter(f -> f > slots)
                .ifPresent(f -> problems.add(
                        set + ".firstSlot",
                        Problem.Code.RANGE,
                        "firstSlot is " + f + "; there are " + slots + " slots"));
        if (s.poles().isEmpty() || s.coils().isEmpty()) {
            return;
        }
        int most = 3 * slots / (2 * s.poles().get());
        for (int i = 0; i < s.coils().get().size(); i++) {
            int span = s.coils().get().get(i).spanSlots();
            if (span > most) {
                problems.add(
                        set + ".coils[" + i + "].spanSlots",
                        Problem.Code.CONTRADICTION,
                        "spanSlots is " + span + "; with " + slots + " slots and "
                                + s.poles().get() + " poles it is at most " + most);
            }
        }
    }
}
