package app.brasskettle.core.testrecord;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.rules.ShopLimit;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.testkind.AskedVoltage;
import app.brasskettle.core.testkind.Judging;
import app.brasskettle.core.testkind.OtherTests;
import app.brasskettle.core.testkind.PlateFact;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.Fault;
import app.brasskettle.core.work.TestGroup;
import app.brasskettle.core.work.WindingState;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.work.WorkDone;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Makes the one effective judgement of every test on record, from facts on the timeline alone: what the plate says now, who proved
 * the tester, what was done to the motor since, whose word was written over it.
 */
public final class TestJudge {

    /** A proof of the tester lasts a working day. */
    public static final double PROOF_SECONDS = 16 * 3600;

    private final ShopRules rules;
    private final Optional<Plate> plate;
    private final MotorTimeline timeline;
    private final boolean simulatedProve;
    private final WindingState winding;
    private final Map<RecordedTest, Judging> alone = new IdentityHashMap<>();
    private final RecordContradictions contradictions;

    private TestJudge(ShopRules rules, Optional<Plate> plate, MotorTimeline timeline, boolean simulatedProve) {
        this.rules = rules;
        this.plate = plate;
        this.timeline = timeline;
        this.simulatedProve = simulatedProve;
        this.winding = timeline.winding();
        timeline.tests().forEach(t -> alone.put(t, t.alone(rules)));
        this.contradictions = new RecordContradictions(timeline, plate, alone, simulatedProve);
    }

    /**
     * Judges every test of a motor.
     *
     * @param rules the shop's school and limits
     * @param plate the plate that stands now
     * @param timeline tests, work and overrulings
     * @param simulatedProve true where the shop practises with simulated instruments, whose readings then count
     * @return the tests in the order they were taken
     */
    public static JudgedTests judge(
            ShopRules rules, Optional<Plate> plate, MotorTimeline timeline, boolean simulatedProve) {
        TestJudge judge = new TestJudge(rules, plate, timeline, simulatedProve);
        return new StopEndings(
                        timeline,
                        new UnlikeCoils(timeline.tests().stream()
                                        .map(judge::judge)
                                        .toList())
                                .settled(),
                        simulatedProve)
                .applied();
    }

    private JudgedTest judge(RecordedTest test) {
        Judging judging = test.kind().beside(test.input(), alone.get(test), others(test));
        List<Caveat> caveats = new ArrayList<>();
        inDoubt(test, judging, caveats);
        stale(test, judging).ifPresent(caveats::add);
        notes(test, caveats);
        Judgement doubted = doubted(judging.own(), caveats);
        Optional<Overruling> overruling = overruling(test);
        overruling.ifPresent(o -> caveats.add(new Caveat(
                Caveat.Kind.OVERRULED,
                "Overruled by " + o.by() + ": " + o.verdict().label() + ", " + o.why(),
                "")));
        Judgement effective = overruling.map(o -> overruled(doubted, o)).orElse(doubted);
        Judgement unaged = doubted(
                judging.own(),
                caveats.stream().filter(c -> c.kind() != Caveat.Kind.STALE).toList());
        return new JudgedTest(
                test,
                judging.result(),
                judging.own(),
                judging.other(),
                effective,
                overruling.map(o -> overruled(unaged, o)).orElse(unaged),
                List.copyOf(caveats),
                test.kind().stopRule(judging.result(), rules),
                evidence(test, judging, caveats, overruling),
                StopState.NONE,
                proves(test, caveats));
    }

    private Optional<Overruling> overruling(RecordedTest test) {
        return timeline.overrulings().stream()
                .filter(o -> o.about(test.step(), test.at()))
                .reduce((earlier, later) -> later);
    }

    /** Whoever overrules speaks about the limit; what proves nothing is not made to prove something. */
    private static Judgement overruled(Judgement own, Overruling o) {
        Verdict word =
                own.verdict() == Verdict.UNPROVEN && o.verdict() != Verdict.STOP ? Verdict.UNPROVEN : o.verdict();
        return new Judgement(
                word,
                own.headline(),
                own.verdict().label() + " by its limits; overruled by " + o.by() + " ("
                        + o.verdict().code() + "): " + o.why() + (own.because().isEmpty() ? "" : ". " + own.because()),
                own.source(),
                own.next());
    }

    private static Judgement doubted(Judgement own, List<Caveat> caveats) {
        for (Caveat c : caveats) {
            boolean unproven = switch (c.kind().effect()) {
                case IN_DOUBT, AGED -> true;
                case IN_DOUBT_UNLESS_STOP -> own.verdict() != Verdict.STOP;
                case NOTE -> false;
            };
            if (unproven) {
                return new Judgement(
                        Verdict.UNPROVEN,
                        c.sentence() + "; it read " + own.headline(),
                        own.verdict().label() + " by the reading alone"
                                + (own.because().isEmpty() ? "" : ". " + own.because()),
                        own.source(),
                        c.next());
            }
        }
        return own;
    }

    private List<Evidence> evidence(
            RecordedTest test, Judging judging, List<Caveat> caveats, Optional<Overruling> overruling) {
        boolean doubted = caveats.stream().anyMatch(c -> switch (c.kind().effect()) {
            case IN_DOUBT -> true;
            case IN_DOUBT_UNLESS_STOP -> judging.own().verdict() != Verdict.STOP;
            case AGED, NOTE -> false;
        });
        if (!speaksOfFailure(test) || doubted) {
            return List.of();
        }
        Verdict own = judging.own().verdict();
        Verdict word = overruling
                .map(Overruling::verdict)
                .filter(v -> own != Verdict.UNPROVEN || v == Verdict.STOP)
                .orElse(own);
        return test.kind().evidence(judging.result(), word);
    }

    /**
     * Whether it is the last word of its kind on the winding that failed: what is read once copper came out is of the new winding, and
     * speaks neither for nor against the old failure.
     */
    private boolean speaksOfFailure(RecordedTest test) {
        double out = timeline.works().stream()
                .filter(w -> w.work() == Work.STRIPPED || w.work() == Work.REWOUND)
                .mapToDouble(WorkDone::at)
                .min()
                .orElse(Double.POSITIVE_INFINITY);
        return out == Double.POSITIVE_INFINITY
                ? test.standing()
                : test.at() < out
                        && timeline.tests().stream()
                                .filter(t -> t.kind() == test.kind() && t.speed() == test.speed())
                                .noneMatch(t -> t != test && t.at() >= test.at() && t.at() < out);
    }

    private boolean proves(RecordedTest test, List<Caveat> caveats) {
        boolean whole = caveats.stream()
                .allMatch(c -> c.kind().effect() == Caveat.Effect.NOTE && c.kind() != Caveat.Kind.OTHER_WINDING);
        return whole && test.origin().provesHere(simulatedProve);
    }

    private void inDoubt(RecordedTest test, Judging judging, List<Caveat> caveats) {
        test.kind()
                .phases()
                .filter(n -> plate.filter(p -> p.phases() != n).isPresent())
                .ifPresent(n -> caveats.add(new Caveat(
                        Caveat.Kind.NOT_THIS_MOTOR,
                        "A test of " + (n == 1 ? "single-phase" : "three-phase") + " motors, and the plate says "
                                + (n == 1 ? "three phases" : "one phase"),
                        "Take the test that fits the plate, or correct the plate.")));
        test.contradiction()
                .ifPresent(why -> caveats.add(new Caveat(
                        Caveat.Kind.CONTRADICTS_PLATE,
                        "Plate and readings contradict each other: " + why,
                        "Correct whichever is wrong, then test again.")));
        test.instrument().ifPresent(i -> instrument(test, i, caveats));
        if (test.kind().group() == TestGroup.INSULATION && !testerProved(test)) {
            caveats.add(new Caveat(
                    Caveat.Kind.TESTER_NOT_CHECKED,
                    "Tester not proved that day",
                    "Prove the tester, then test again."));
        }
        voltage(test, judging).ifPresent(caveats::add);
        caveats.addAll(contradictions.of(test));
        test.kind()
                .doubt(judging.result(), plate, test.speed())
                .ifPresent(d -> caveats.add(new Caveat(
                        d.stopStands() ? Caveat.Kind.RESISTANCE_FALLS : Caveat.Kind.IMPLAUSIBLE,
                        d.sentence(),
                        d.next())));
    }

    private static void instrument(RecordedTest test, InstrumentUsed used, List<Caveat> caveats) {
        if (!test.kind().instruments().isEmpty()
                && used.kind()
                        .filter(k -> test.kind().instruments().contains(k))
                        .isEmpty()) {
            caveats.add(new Caveat(
                    Caveat.Kind.INSTRUMENT_KIND,
                    used.kind()
                            .map(k -> used.name() + " is a " + k.label() + ", which does not read this")
                            .orElse("Nobody has said what kind of instrument " + used.name() + " is"),
                    "Read it again with the instrument that fits."));
        }
        if (used.outOfCalibration()) {
            caveats.add(new Caveat(
                    Caveat.Kind.CALIBRATION,
                    "Calibration of " + used.name() + " ran out " + used.calibrationDue(),
                    "Read it again with a calibrated instrument."));
        }
    }

    /** The latest proof before the test must hold, and be of that working day; one from elsewhere proves no tester of this shop. */
    private boolean testerProved(RecordedTest test) {
        return timeline.tests().stream()
                .filter(t -> t.kind().checksTester() && t.at() <= test.at())
                .filter(t -> t.origin().provesHere(simulatedProve) || t.origin() == test.origin())
                .reduce((earlier, later) -> later)
                .filter(t -> test.at() - t.at() < PROOF_SECONDS)
                .filter(t -> alone.get(t).own().verdict() == Verdict.HOLDS)
                .isPresent();
    }

    private Optional<Caveat> voltage(RecordedTest test, Judging judging) {
        if (judging.own().verdict() == Verdict.UNPROVEN) {
            return Optional.empty();
        }
        WindingState then = WindingState.at(timeline.works(), test.at());
        Optional<AskedVoltage> asked = plate.flatMap(Plate::ratedVoltageV)
                .flatMap(ratedV -> test.kind().askedVoltage(ratedV, rules, then.state()))
                .map(a -> then.bare() && test.kind().highVoltage()
                        ? a.atLeast(rules.figure(ShopLimit.UNVARNISHED_SURGE_PERCENT))
                        : a);
        Optional<Double> applied = test.kind().readVoltage(test.input()).or(test::appliedV);
        return asked.filter(a -> applied.filter(a::met).isEmpty())
                .map(a -> new Caveat(
                        Caveat.Kind.TEST_VOLTAGE,
                        applied.map(v -> "Taken at " + Figures.plain(v) + " V").orElse("Nobody noted the test voltage")
                                + "; " + a.sentence(),
                        applied.isPresent() ? "Test again at the voltage asked." : "Test again and note the voltage."));
    }

    private Optional<Caveat> stale(RecordedTest test, Judging judging) {
        if (otherWinding(test)) {
            return Optional.empty();
        }
        TestGroup group = test.kind().group();
        boolean stopped = judging.own().verdict() == Verdict.STOP;
        Fault fault = test.kind().stopRule(judging.result(), rules).fault();
        return timeline.works().stream()
                .filter(w -> w.at() > test.at())
                .filter(w -> stopped ? fault.fits(w) : w.harms().contains(group))
                .reduce((earlier, later) -> later)
                .map(w -> new Caveat(
                        Caveat.Kind.STALE,
                        "Older than its being " + w.label() + " (" + w.why() + ")",
                        "Take it once more."));
    }

    /** Whether the winding it was made on is no longer there; tests of core and mechanics belong to the motor. */
    private boolean otherWinding(RecordedTest test) {
        return switch (test.kind().group()) {
            case INSULATION, COPPER, TURNS, PROOF -> test.at() < winding.since();
            default -> false;
        };
    }

    private void notes(RecordedTest test, List<Caveat> caveats) {
        if (otherWinding(test)) {
            caveats.add(new Caveat(
                    Caveat.Kind.OTHER_WINDING, "Of the winding that was there before", "Test the present winding."));
        }
        switch (test.origin()) {
            case FILE ->
                caveats.add(new Caveat(
                        Caveat.Kind.ELSEWHERE, "From a file: evidence, and no proof to a gate here", "Test it here."));
            case TAKEN_BEFORE ->
                caveats.add(new Caveat(
                        Caveat.Kind.ELSEWHERE,
                        "Entered later as taken before: " + test.originNote(),
                        "Test it again once its gate allows it."));
            case SIMULATED ->
                caveats.add(new Caveat(
                        Caveat.Kind.SIMULATED,
                        "Read by a simulated instrument",
                        simulatedProve ? "" : "Read it with an instrument of the shop."));
            case HERE -> {}
        }
        test.supersededBecause()
                .ifPresent(why -> caveats.add(new Caveat(Caveat.Kind.SUPERSEDED, "Repeated: " + why, "")));
    }

    /** What speaks beside a test: unharmed ones of its kind before it, and earlier traces as long as the winding is the one it came with. */
    private OtherTests others(RecordedTest test) {
        boolean sameWinding = WindingState.at(timeline.works(), test.at()).since() == Double.NEGATIVE_INFINITY;
        return new OtherTests(
                timeline.tests().stream()
                        .filter(t -> t.kind() == test.kind() && t.speed() == test.speed() && t.at() <= test.at())
                        .filter(t -> !harmedBetween(t, test))
                        .map(t -> new OtherTests.Unharmed(t.input(), alone.get(t)))
                        .toList(),
                test.earlierTraces().filter(t -> sameWinding),
                plate.flatMap(p -> PlateFact.poles(p, p.secondSpeed().filter(b -> test.speed() == 2))),
                rules);
    }

    private boolean harmedBetween(RecordedTest earlier, RecordedTest later) {
        return timeline.works().stream()
                .anyMatch(w -> w.at() > earlier.at()
                        && w.at() <= later.at()
                        && (w.work().startsNewWinding()
                                || w.harms().contains(later.kind().group())));
    }
}
