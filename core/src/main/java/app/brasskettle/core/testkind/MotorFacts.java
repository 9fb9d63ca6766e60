package app.brasskettle.core.testkind;

import java.util.Optional;

/**
 * What decides whether a test is offered for a motor.
 *
 * @param phases 1 or 3
 * @param leads how many come out; empty while nobody counted them
 * @param twoSpeed true with a second speed on the plate
 * @param protectedByPlate true where the plate names a thermal protector
 * @param opened true once it was opened here
 * @param bareWinding true while a new winding is in that has seen no varnish
 * @param fedByDrive true where a drive feeds it
 * @param ranOrMayRun true once it ran here, or may
 */
public record MotorFacts(
        int phases,
        Optional<Integer> leads,
        boolean twoSpeed,
        boolean protectedByPlate,
        boolean opened,
        boolean bareWinding,
        boolean fedByDrive,
        boolean ranOrMayRun) {

    private static final int PLAIN_LEADS = 3;
    private static final int LEADS_OF_OPEN_PHASES = 6;

    /** Three leads leave nothing to sort; as long as nobody counted them there may be more. */
    public boolean leadsToSort() {
        return phases == 3 && leads.map(n -> n > PLAIN_LEADS).orElse(true);
    }

    /** Two windings, or phases whose both ends are known to come out, can be told apart to frame. */
    public boolean severalCircuits() {
        return twoSpeed || leads.filter(n -> n >= LEADS_OF_OPEN_PHASES).isPresent();
    }
}
