package app.brasskettle.core.energise;

import app.brasskettle.core.catalogue.RunningTests;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.verdict.Verdict;
import java.util.Optional;

/**
 * Whether the last lock-out still stands, for leads and for power.
 *
 * @param ended why it no longer stands for leads; empty while it does
 * @param coversPower true while it, or the release made under it, stands for power
 */
record LockOutAssessment(Optional<String> ended, boolean coversPower) {

    /** A lock-out, like a release to run, is good for a working day. */
    static final double DAY_SECONDS = 16 * 3600;

    static LockOutAssessment of(GateFacts facts, double now) {
        Optional<LockOut> last = facts.power().lockOut();
        if (last.isEmpty()) {
            return new LockOutAssessment(
                    Optional.of("nobody has recorded that the supply is locked out and proved dead"), false);
        }
        LockOut lockOut = last.get();
        if (facts.leftShop() || facts.cameBackAt() > lockOut.at()) {
            return new LockOutAssessment(Optional.of("the motor was out of the shop since the lock-out"), false);
        }
        if (now - lockOut.at() >= DAY_SECONDS) {
            return new LockOutAssessment(Optional.of("the lock-out is older than sixteen hours"), false);
        }
        if (facts.power().runUnderWay().isPresent()) {
            return new LockOutAssessment(Optional.of(facts.power().runUnderWay().get() + " has its voltage on"), true);
        }
        // Whoever released it to run under that lock-out put the key in somebody's hand: power may come on and off
        // until then.
        boolean released = released(facts, now)
                && facts.power().releasedAt().filter(r -> r >= lockOut.at()).isPresent();
        if (facts.power().lockOutEndedAt().filter(e -> e >= lockOut.at()).isPresent()) {
            return new LockOutAssessment(Optional.of("the lock-out was taken off by name"), released);
        }
        if (poweredAt(facts) >= lockOut.at()) {
            return new LockOutAssessment(Optional.of("power was on since the lock-out"), released);
        }
        return new LockOutAssessment(Optional.empty(), true);
    }

    /** A release lasts a working day, and ends when the motor is worked on or leaves. */
    static boolean released(GateFacts facts, double now) {
        return facts.power()
                .releasedAt()
                .filter(at -> now - at < DAY_SECONDS)
                .filter(at -> facts.workedAt() <= at)
                .filter(at -> facts.power().releaseEnded().isEmpty()
                        && stoppedSince(facts, at).isEmpty())
                .isPresent();
    }

    /** A later test ends a release only by a Stop; a start that did not come up is what test power is for. */
    static Optional<JudgedTest> stoppedSince(GateFacts facts, double releasedAt) {
        return facts.tests().all().stream()
                .filter(t -> t.at() > releasedAt && t.kind() != RunningTests.START_LOG)
                .filter(t -> t.own().verdict() == Verdict.STOP && t.test().origin() != Origin.FILE)
                .findFirst();
    }

    private static double poweredAt(GateFacts facts) {
        return facts.tests().all().stream()
                .filter(t -> t.kind().powered() && t.test().origin() != Origin.FILE)
                .mapToDouble(t -> t.at())
                .max()
                .orElse(Double.NEGATIVE_INFINITY);
    }
}
