package app.brasskettle.core.energise;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What was done around power by name, in this shop.
 *
 * @param lockOut the last lock-out
 * @param lockOutEndedAt when somebody last took a lock-out off by name
 * @param releasedAt when it was last released to run by name
 * @param isolated auxiliaries last named as removed or shorted
 * @param isolatedAt when
 * @param waivers what lead hands wrote against limits
 * @param settlements contradictions settled
 * @param voltages every direct or surge voltage put on the winding
 * @param proofs proofs of discharge
 * @param highVoltageAt when a high voltage last stood on it, recorded as a test or not
 * @param runUnderWay the instrument that has its voltage on just now, and whose it is
 * @param releaseEnded what was changed since the last release to run, in words; empty while it stands
 * @param stampedSo the version of the plate that a lead hand confirmed as stamped so, with a photograph
 * @param shaftTurned what turning the shaft by hand showed last, beside the arrival sheet
 */
public record PowerRecord(
        Optional<LockOut> lockOut,
        Optional<Double> lockOutEndedAt,
        Optional<Double> releasedAt,
        Set<String> isolated,
        Optional<Double> isolatedAt,
        List<Waiver> waivers,
        List<Settlement> settlements,
        List<DischargeClock.Applied> voltages,
        List<DischargeClock.Proof> proofs,
        Optional<Double> highVoltageAt,
        Optional<String> runUnderWay,
        Optional<String> releaseEnded,
        Optional<Integer> stampedSo,
        Optional<GateFacts.Shaft> shaftTurned) {

    /** A motor whose release stands and whose shaft nobody turned since it came. */
    public PowerRecord(
            Optional<LockOut> lockOut,
            Optional<Double> lockOutEndedAt,
            Optional<Double> releasedAt,
            Set<String> isolated,
            Optional<Double> isolatedAt,
            List<Waiver> waivers,
            List<Settlement> settlements,
            List<DischargeClock.Applied> voltages,
            List<DischargeClock.Proof> proofs,
            Optional<Double> highVoltageAt,
            Optional<String> runUnderWay) {
        this(
                lockOut,
                lockOutEndedAt,
                releasedAt,
                isolated,
                isolatedAt,
                waivers,
                settlements,
                voltages,
                proofs,
                highVoltageAt,
                runUnderWay,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** A motor nobody has put any voltage on. */
    public static PowerRecord empty() {
        return new PowerRecord(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Set.of(),
                Optional.empty(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty());
    }
}
