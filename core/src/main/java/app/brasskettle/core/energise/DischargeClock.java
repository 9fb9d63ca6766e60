package app.brasskettle.core.energise;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Grounding of the leads after direct voltage or surges: four times as long as voltage was applied in all, never under one
 * minute (IEEE Std 43-2013, clause 5; IEEE Std 95).
 *
 * @param groundedFrom when the last voltage went off, seconds of the epoch
 * @param provableFrom from when a proof counts, a minute later
 * @param until when the leads may be lifted
 * @param appliedSeconds voltage time that counts
 * @param provedAt when the residual voltage was proved low, where somebody did
 */
public record DischargeClock(
        double groundedFrom, double provableFrom, double until, double appliedSeconds, Optional<Double> provedAt) {

    private static final double TIMES = 4;
    private static final double MIN_SECONDS = 60;
    private static final double RESIDUAL_LIMIT_V = 25;

    /**
     * Voltage on a winding.
     *
     * @param endedAt when it went off, seconds of the epoch
     * @param seconds how long it was on, as the instrument counts
     * @param pace seconds of the instrument per second of the wall; over 1 only on a simulated, accelerated instrument, whose
     *     charge then leaves at the same pace
     */
    public record Applied(double endedAt, double seconds, double pace) {}

    /**
     * Proof that a winding is discharged: ground lifted for a minute, residual measured, ground put back.
     *
     * @param at when, seconds of the epoch
     * @param residualV what was left
     */
    public record Proof(double at, double residualV) {}

    /**
     * The clock after these applications; empty when there were none. Time of an application that began to be discharged
     * before the next one started counts with the next only when its own grounding had not run out.
     */
    public static Optional<DischargeClock> after(List<Applied> applications, List<Proof> proofs) {
        DischargeClock clock = null;
        for (Applied a : applications.stream()
                .sorted(Comparator.comparingDouble(Applied::endedAt))
                .toList()) {
            double began = a.endedAt() - a.seconds() / a.pace();
            double carried = clock != null && clock.until > began ? clock.appliedSeconds : 0;
            double total = carried + a.seconds();
            double grounded = Math.max(MIN_SECONDS, TIMES * total) / a.pace();
            clock = proved(a, total, grounded, proofs);
        }
        return Optional.ofNullable(clock);
    }

    private static DischargeClock proved(Applied a, double total, double grounded, List<Proof> proofs) {
        double earliest = a.endedAt() + MIN_SECONDS / a.pace();
        Optional<Double> proof = proofs.stream()
                .filter(p -> p.at() >= earliest && p.residualV() < RESIDUAL_LIMIT_V)
                .map(Proof::at)
                .min(Comparator.naturalOrder());
        double until = Math.min(a.endedAt() + grounded, proof.orElse(Double.POSITIVE_INFINITY));
        return new DischargeClock(a.endedAt(), earliest, until, total, proof);
    }

    /** Seconds the leads must stay grounded from {@code now} on; 0 when the time is over. */
    public double secondsLeft(double now) {
        return Math.max(0, until - now);
    }

    public boolean runs(double now) {
        return secondsLeft(now) > 0;
    }
}
