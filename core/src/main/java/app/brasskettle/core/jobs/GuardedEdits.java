package app.brasskettle.core.jobs;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.findings.Findings;
import app.brasskettle.core.findings.FindingsAssessment;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.teardown.TeardownLog;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * Changes of a record that would lift what holds a gate: what was is not undone by editing. Each needs a lead hand and a reason,
 * and stays on record.
 */
public final class GuardedEdits {

    /** Evidence that holds a gate while it stands. */
    private static final Set<Evidence> HOLDING = EnumSet.of(
            Evidence.PROTECTOR_OPEN, Evidence.SHAFT_BINDS, Evidence.BEARING_DESTROYED, Evidence.ROTOR_DRAG_MARKS);

    private GuardedEdits() {}

    /**
     * Says, a sentence each, what a change of a sheet would undo.
     *
     * @param before the sheet as it stands
     * @param after the sheet as it is to be
     */
    public static List<String> of(Record before, Record after) {
        List<String> undone = new ArrayList<>();
        if (before instanceof Arrival b && after instanceof Arrival a) {
            arrival(b, a, undone);
        } else if (before instanceof Plate b && after instanceof Plate a) {
            if (b.explosionProtected() && !a.explosionProtected()) {
                undone.add("The plate is marked for hazardous areas; this takes the mark away");
            }
        } else if (before instanceof TeardownLog b && after instanceof TeardownLog a) {
            log(b, a, undone);
        } else if (before instanceof Findings b && after instanceof Findings a) {
            findings(b, a, undone);
        }
        return List.copyOf(undone);
    }

    /** Tells whether striking that evidence would lift what holds a gate. */
    public static boolean guards(Evidence evidence) {
        return HOLDING.contains(evidence);
    }

    private static void arrival(Arrival before, Arrival after, List<String> undone) {
        boolean bound = before.shaft() == Arrival.ShaftState.BINDS;
        if (bound && after.shaft() != Arrival.ShaftState.BINDS) {
            undone.add("The shaft is recorded as bound; this says that it turns");
        }
        before.auxiliaries().stream()
                .filter(a -> !after.auxiliaries().contains(a))
                .map(a -> "Its " + a.label() + " are recorded; this takes them off the list a high voltage asks for")
                .forEach(undone::add);
        if (before.handover().filter(Handover::unsafe).isPresent()
                && after.handover().map(Handover::harmful).orElse(List.of()).isEmpty()) {
            undone.add("It was declared exposed to something harmful; this takes that away");
        }
        before.signs().stream()
                .filter(HOLDING::contains)
                .filter(s -> !after.signs().contains(s))
                .map(GuardedEdits::evidence)
                .forEach(undone::add);
    }

    private static void log(TeardownLog before, TeardownLog after, List<String> undone) {
        Set<Integer> left = Set.copyOf(
                after.parts().stream().map(TeardownLog.LoggedPart::id).toList());
        before.parts().stream()
                .filter(p -> !left.contains(p.id()))
                .map(p -> "“" + p.part() + "” is logged as off; this takes it out of the log")
                .forEach(undone::add);
    }

    private static void findings(Findings before, Findings after, List<String> undone) {
        List<Evidence> left = FindingsAssessment.of(after).evidence();
        FindingsAssessment.of(before).evidence().stream()
                .filter(HOLDING::contains)
                .filter(e -> !left.contains(e))
                .map(GuardedEdits::evidence)
                .forEach(undone::add);
    }

    private static String evidence(Evidence evidence) {
        return "“" + evidence.label() + "” is on record and holds a gate; this takes it away";
    }
}
