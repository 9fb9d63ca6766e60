package app.brasskettle.core.jobs;

import app.brasskettle.core.testrecord.JudgedTests;
import app.brasskettle.core.testrecord.Origin;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Whether a motor may leave the shop as ready for service. As it is, unproved, it may always leave.
 *
 * @param heldBy what keeps it from being called ready, a sentence each; empty where nothing does
 */
public record Departure(List<String> heldBy) {

    /**
     * Reads it off the tests: no motor that a simulated reading speaks for goes to a customer as proved.
     *
     * @param tests every test with its one effective judgement
     */
    public static Departure of(JudgedTests tests) {
        String simulated = tests.standing()
                .filter(t -> t.current() && t.test().origin() == Origin.SIMULATED)
                .map(t -> t.kind().label())
                .distinct()
                .collect(Collectors.joining(", "));
        return new Departure(
                simulated.isEmpty()
                        ? List.of()
                        : List.of("Simulated readings prove no motor: " + simulated
                                + ". Take them with an instrument first"));
    }

    /** Tells whether it may be called ready for service. */
    public boolean mayBeReady() {
        return heldBy.isEmpty();
    }
}
