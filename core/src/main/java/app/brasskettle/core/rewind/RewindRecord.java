package app.brasskettle.core.rewind;

import app.brasskettle.core.connection.ConnectionSheet;
import app.brasskettle.core.handwork.HandLog;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.work.JobStep;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is on record of a motor's second half, from the answer to the varnish.
 *
 * @param preparation what was settled before stripping
 * @param stripping how the winding came out
 * @param core the core looked at afterwards, and when that was written
 * @param coils the coils wound, and by whom
 * @param brazed what was really joined, where somebody entered it
 * @param washing how it was washed
 * @param varnishing how it was varnished and baked
 * @param machining machined work
 * @param renewal parts that are new
 * @param hands acts of one tap
 * @param chosenAt when the customer chose last, seconds of the epoch; negative infinity where nobody did
 * @param sentBack when the record itself sent it back to the choice last
 */
public record RewindRecord(
        Optional<Written<Preparation>> preparation,
        Optional<Written<Stripping>> stripping,
        Optional<Written<CoreAfter>> core,
        Optional<Written<CoilsWound>> coils,
        Optional<Written<ConnectionSheet>> brazed,
        Optional<Written<Washing>> washing,
        Optional<Written<Varnishing>> varnishing,
        Optional<Written<Machining>> machining,
        Optional<Written<Renewal>> renewal,
        HandLog hands,
        double chosenAt,
        Optional<SentBack> sentBack) {

    /**
     * The job sent back to the choice because its core cannot take a winding.
     *
     * @param reason why
     * @param at when, seconds of the epoch
     */
    public record SentBack(String reason, double at) {}

    /**
     * A sheet with who wrote it last, and when.
     *
     * @param sheet what it says
     * @param by who
     * @param at seconds of the epoch
     */
    public record Written<T>(T sheet, String by, double at) {}

    /** Steps whose oven was the simulated one; what it read proves no motor that leaves. */
    public List<JobStep> simulatedOvens() {
        List<JobStep> steps = new ArrayList<>();
        stripping.filter(s -> s.sheet().oven().simulated()).ifPresent(s -> steps.add(JobStep.STRIPPING));
        varnishing
                .filter(v -> v.sheet().passes().stream().anyMatch(p -> p.oven().simulated()))
                .ifPresent(v -> steps.add(JobStep.VARNISH));
        return List.copyOf(steps);
    }

    /** Curves of its ovens, as they are drawn. */
    public List<OvenTrace> ovens(ShopRules rules) {
        return OvenTrace.of(this, rules);
    }

    /** A motor on which none of it has begun. */
    public static RewindRecord none() {
        return new RewindRecord(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                HandLog.empty(),
                Double.NEGATIVE_INFINITY,
                Optional.empty());
    }
}
