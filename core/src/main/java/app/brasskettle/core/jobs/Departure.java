package app.brasskettle.core.jobs;

import app.brasskettle.core.choice.ChosenOption;
import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.energise.GateRow;
import app.brasskettle.core.release.ReleaseAssessment;
import app.brasskettle.core.testrecord.JudgedTests;
import app.brasskettle.core.testrecord.Origin;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Whether a motor may leave the shop as ready for service. As it is, unproved, it may always leave.
 *
 * @param heldBy what keeps it from being called ready, a sentence each; empty where nothing does
 */
public record Departure(List<String> heldBy) {

    /** What lasts a working day on the bench says nothing of the motor that leaves it. */
    private static final Set<String> OF_THE_DAY = Set.of(GateRow.NO_LOCK_OUT.code(), GateRow.NOT_RELEASED.code());

    /**
     * Reads it off gate and tests: what may not be put on power here is not ready there, and no motor that a simulated reading speaks
     * for goes to a customer as proved.
     *
     * @param gate may it be put on power
     * @param tests every test with its one effective judgement
     * @param chosen what the customer chose
     * @param worked whether anything was done to the motor beside taking it apart and putting it together
     * @param release whether it is released by name, which whatever was worked on here needs
     */
    static Departure of(
            EnergiseGate gate,
            JudgedTests tests,
            Optional<ChosenOption> chosen,
            boolean worked,
            ReleaseAssessment release) {
        List<String> held = new ArrayList<>();
        String simulated = tests.standing()
                .filter(t -> t.current() && t.test().origin() == Origin.SIMULATED)
                .map(t -> t.kind().label())
                .distinct()
                .collect(Collectors.joining(", "));
        if (!simulated.isEmpty()) {
            held.add("Simulated readings prove no motor: " + simulated + ". Take them with an instrument first");
        }
        boolean replaced = chosen.filter(c -> c.kind() == OptionKind.REPLACE).isPresent();
        if (replaced) {
            held.add("The customer chose a new motor: this one leaves as replaced, not as ready");
        } else if ((worked || chosen.isPresent()) && !release.released()) {
            held.add(release.judgement().headline());
        }
        gate.holding().stream()
                .filter(r -> !OF_THE_DAY.contains(r.code()))
                .map(EnergiseGate.Reason::sentence)
                .filter(sentence -> !held.contains(sentence))
                .forEach(held::add);
        return new Departure(List.copyOf(held));
    }

    /** Tells whether it may be called ready for service. */
    public boolean mayBeReady() {
        return heldBy.isEmpty();
    }
}
