package app.brasskettle.core.rewind;

import app.brasskettle.core.handwork.BrazingList;
import app.brasskettle.core.handwork.InsertionRing;
import app.brasskettle.core.prove.ProofTable;
import app.brasskettle.core.turningfield.LowVoltagePlan;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.JobStep;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the second half of a job comes to.
 *
 * @param gates what holds each step, by its path; an empty list where it may begin
 * @param preparation what settled the old insulation; empty while nobody said
 * @param stripping what taking the winding out came to
 * @param ovens curves of the ovens, as they are drawn
 * @param core the bare core looked at
 * @param coils the coils wound, and the first one counted
 * @param insertion the ring, once a design says what goes in
 * @param brazing the joints, once a design says how they are joined
 * @param field the voltage for the turning field, by the speed as the plate counts them; empty without a proved diagram
 * @param bare the proof before varnish, once the winding is connected
 * @param washing how it was washed
 * @param varnish varnish and bake, line by line
 * @param machining machined work
 * @param renewed new parts, part by part
 * @param sendBack why it is to be sent back to the choice now; empty where it was already, or the core is sound
 * @param backToChoose why the job is back at the choice, the earlier answer kept
 */
public record RewindAssessment(
        Map<String, List<RewindNeed.Hold>> gates,
        Optional<Judgement> preparation,
        Optional<StrippingReading> stripping,
        List<OvenTrace> ovens,
        Optional<Judgement> core,
        Optional<Judgement> coils,
        Optional<InsertionRing> insertion,
        Optional<BrazingList> brazing,
        List<LowVoltagePlan> field,
        Optional<ProofTable> bare,
        Optional<Judgement> washing,
        List<Judgement> varnish,
        Optional<Judgement> machining,
        List<Judgement> renewed,
        Optional<String> sendBack,
        Optional<String> backToChoose) {

    /** Lists what holds {@code step}; empty where it may begin. */
    public List<RewindNeed.Hold> holding(JobStep step) {
        return gates.getOrDefault(step.path(), List.of());
    }

    /** The worst said of varnish and bake. */
    public Optional<Judgement> varnished() {
        return Judgement.worst(varnish);
    }

    /** What of the finishing is not done or not good, with the step where it is. */
    public Map<JobStep, Judgement> unfinished() {
        Map<JobStep, Judgement> open = new EnumMap<>(JobStep.class);
        add(open, JobStep.VARNISH, varnished());
        add(open, JobStep.MACHINING, machining);
        add(open, JobStep.RENEWAL, Judgement.worst(renewed));
        return open;
    }

    private static void add(Map<JobStep, Judgement> open, JobStep step, Optional<Judgement> judgement) {
        judgement
                .filter(j -> j.verdict() == Verdict.STOP || j.verdict() == Verdict.UNPROVEN)
                .ifPresent(j -> open.put(step, j));
    }

    /** The word of a step; empty while nothing of it is on record. */
    public Optional<Verdict> verdict(JobStep step) {
        return switch (step) {
            case WASH -> washing.map(Judgement::verdict);
            case BEFORE_STRIPPING -> preparation.map(Judgement::verdict);
            case STRIPPING -> stripping.map(r -> r.judgement().verdict());
            case CORE_AFTER -> core.map(Judgement::verdict);
            case COILS -> coils.map(Judgement::verdict);
            case INSERTION -> insertion.filter(r -> r.in() > 0).map(r -> r.full() ? Verdict.HOLDS : Verdict.UNPROVEN);
            case BRAZING ->
                brazing.filter(b -> b.done() > 0 || b.judgement().verdict() == Verdict.STOP)
                        .map(b -> b.judgement().verdict());
            case BEFORE_VARNISH -> bare.map(b -> b.judgement().verdict());
            case VARNISH -> varnished().map(Judgement::verdict);
            case MACHINING -> machining.map(Judgement::verdict);
            case RENEWAL -> Judgement.worst(renewed).map(Judgement::verdict);
            default -> Optional.empty();
        };
    }
}
