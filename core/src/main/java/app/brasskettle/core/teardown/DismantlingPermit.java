package app.brasskettle.core.teardown;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Answer to "may this motor be opened here?", computed from the record.
 *
 * @param open whether the first bolt may be turned
 * @param holding what holds it shut, and what would open it
 */
public record DismantlingPermit(boolean open, List<Reason> holding) {

    /** One thing that holds the gate. */
    public record Reason(String code, String sentence, String opens, String step) {}

    /**
     * The gate that the record gives.
     *
     * @param explosionProtected by mark or marking of its plate
     * @param certificate the shop's certificate for such motors, while it is valid
     * @param unsafeExposure what the motor was exposed to and nobody declared made safe
     */
    public static DismantlingPermit of(
            boolean explosionProtected, Optional<String> certificate, Optional<String> unsafeExposure) {
        List<Reason> holding = new ArrayList<>();
        if (explosionProtected && certificate.isEmpty()) {
            holding.add(new Reason(
                    "explosion-protected",
                    "Explosion-protected by its plate; this shop has no certificate for such motors",
                    "A certified repairer opens it, or a certificate on record in the shop’s settings",
                    "plate"));
        }
        unsafeExposure.ifPresent(e ->
                holding.add(new Reason("exposure", e, "Made safe, declared by name, on the arrival sheet", "receive")));
        return new DismantlingPermit(holding.isEmpty(), List.copyOf(holding));
    }
}
