package app.brasskettle.core.testrecord;

import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.Fault;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.work.WorkDone;
import java.util.List;

/**
 * What became of each Stop on record: a Stop ends by work that fits it and then a repeat that proves; by a bare repeat only where its
 * {@link Fault} says so, where another person or another instrument agrees, or where a lead hand wrote what was misread.
 */
final class StopEndings {

    private final MotorTimeline timeline;
    private final List<JudgedTest> tests;
    private final boolean simulatedProve;

    StopEndings(MotorTimeline timeline, List<JudgedTest> tests, boolean simulatedProve) {
        this.timeline = timeline;
        this.tests = tests;
        this.simulatedProve = simulatedProve;
    }

    JudgedTests applied() {
        return new JudgedTests(tests.stream().map(t -> t.with(state(t))).toList());
    }

    private StopState state(JudgedTest stop) {
        boolean found = stop.own().verdict() == Verdict.STOP || stop.effective().verdict() == Verdict.STOP;
        if (!found || stop.has(Caveat.Kind.NOT_THIS_MOTOR) || copperGoneSince(stop)) {
            return StopState.NONE;
        }
        List<JudgedTest> repeats = tests.stream()
                .filter(t -> t.kind() == stop.kind() && t.speed() == stop.speed() && t.at() > stop.at())
                .filter(this::provedGood)
                .toList();
        if (stop.test().corrected() || repeats.stream().anyMatch(r -> ends(stop, r))) {
            return StopState.ENDED;
        }
        if (repeats.isEmpty()) {
            return StopState.STANDS;
        }
        return stop.stop().fault().endsByAgreement() && agreed(repeats) ? StopState.ENDED : StopState.DISPUTED;
    }

    /** Whether it proved, when it was taken, that the motor read good; what was done since ages it and un-ends no Stop. */
    private boolean provedGood(JudgedTest test) {
        boolean whole = test.caveats().stream()
                .map(c -> c.kind().effect())
                .allMatch(e -> e == Caveat.Effect.NOTE || e == Caveat.Effect.AGED);
        boolean good = test.unaged().verdict() == Verdict.HOLDS || test.unaged().verdict() == Verdict.WATCH;
        return whole && good && test.test().origin().provesHere(simulatedProve);
    }

    private boolean ends(JudgedTest stop, JudgedTest repeat) {
        Fault fault = stop.stop().fault();
        boolean doubted = stop.unaged().verdict() == Verdict.UNPROVEN && fault.endsByAgreement();
        return timeline.works().stream()
                        .filter(w -> w.at() > stop.at() && w.at() < repeat.at())
                        .anyMatch(w -> fits(fault, w))
                || timeline.misreads().stream().anyMatch(m -> m.about(stop.test()))
                || fault.endsByRepeat(repeat.at() - stop.at())
                || doubted
                || stop.test().origin() == Origin.FILE
                || stop.kind().partial(stop.result()) && fault.endsByAgreement()
                || repeat.kind().standsIn(repeat.test().input());
    }

    /** A wet winding that was dried is no longer the one that lay on the frame. */
    private boolean fits(Fault fault, WorkDone work) {
        return fault.fits(work)
                || fault == Fault.GROUND
                        && timeline.wet()
                        && work.work() == Work.DRIED
                        && work.remedy().isEmpty();
    }

    /** A Stop of copper that is out again says nothing of the copper that is in. */
    private boolean copperGoneSince(JudgedTest stop) {
        boolean ofWinding = switch (stop.kind().group()) {
            case INSULATION, COPPER, TURNS, PROOF -> true;
            default -> false;
        };
        return ofWinding
                && timeline.works().stream()
                        .anyMatch(w -> w.at() > stop.at() && (w.work() == Work.STRIPPED || w.work() == Work.REWOUND));
    }

    /** Two repeats that read good, by two people or by two instruments. */
    private static boolean agreed(List<JudgedTest> repeats) {
        return repeats.stream().anyMatch(a -> repeats.stream().anyMatch(b -> differ(a.test(), b.test())));
    }

    private static boolean differ(RecordedTest a, RecordedTest b) {
        boolean instruments = a.instrument().isPresent()
                && b.instrument().isPresent()
                && !a.instrument().get().name().equals(b.instrument().get().name());
        return instruments || !a.by().equals(b.by());
    }
}
