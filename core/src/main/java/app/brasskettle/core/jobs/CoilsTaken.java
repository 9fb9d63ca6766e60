package app.brasskettle.core.jobs;

import app.brasskettle.core.coilset.CoilSetAssessment;
import app.brasskettle.core.coilset.CoilSetTake;
import app.brasskettle.core.signature.SecondLook;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.windingtake.StrippingPermit;
import app.brasskettle.core.work.JobStep;
import java.util.List;
import java.util.Optional;

/**
 * A winding taken coil by coil, who took it, and who settled it.
 *
 * @param take what it says
 * @param by who wrote it last
 * @param version its version
 * @param at when that was, seconds of the epoch
 * @param settled the last word on it, by name
 */
public record CoilsTaken(CoilSetTake take, String by, int version, double at, Optional<Settled> settled) {

    /**
     * Its data settled by name.
     *
     * @param by who settled it
     * @param reason why it was settled in spite of something; empty where nothing stood against it
     * @param version version of the take it is about
     * @param at when, seconds of the epoch
     */
    public record Settled(String by, String reason, int version, double at) {}

    /** Tells whether a look by {@code name} at {@code moment} is a second one at the coils. */
    public boolean lookedAtAgain(String name, double moment, SecondLook look) {
        return look.counts(by, at, name, moment);
    }

    /** Returns whether the winding may come out: complete, without a stop, and settled by a second look. */
    StrippingPermit stripping(CoilSetAssessment assessment, SecondLook look) {
        Optional<Settled> standing = settled.filter(s -> s.version() == version)
                .filter(s -> !s.reason().isEmpty() || lookedAtAgain(s.by(), s.at(), look));
        if (standing.isPresent()) {
            return new StrippingPermit(true, standing.get().by(), List.of(), false);
        }
        Judgement judgement = assessment.judgement();
        boolean held = judgement.verdict() == Verdict.STOP || judgement.verdict() == Verdict.UNPROVEN;
        return new StrippingPermit(
                false,
                "",
                List.of(
                        held
                                ? new StrippingPermit.Reason(
                                        judgement.verdict() == Verdict.STOP ? "check-stops" : "not-complete",
                                        judgement.headline(),
                                        judgement.next(),
                                        JobStep.COIL_SETS.path())
                                : new StrippingPermit.Reason(
                                        "no-second-take",
                                        "Nobody but " + by + " counted the coils",
                                        look.who() + " counts them again and settles them by name",
                                        JobStep.COIL_SETS.path())),
                held);
    }
}
