package app.brasskettle.core.energise;

import app.brasskettle.core.catalogue.OpenMotorTests;
import app.brasskettle.core.catalogue.RunningTests;
import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.energise.EnergiseGate.Reason;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.surge.SurgeOutcome;
import app.brasskettle.core.testkind.StopRule;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.Caveat;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The rows of {@link GateRow} held against the facts of one job. */
final class GateTable {

    private final GateFacts facts;
    private final double now;
    private final List<Reason> reasons = new ArrayList<>();

    GateTable(GateFacts facts, double now) {
        this.facts = facts;
        this.now = now;
    }

    List<Reason> reasons() {
        place();
        shaft();
        insulation();
        if (facts.phases() == 1) {
            copper(WindingTests.SINGLE_PHASE_WINDINGS, 1, "main and start winding");
            startingGear();
        } else {
            for (int speed = 1; speed <= facts.speeds(); speed++) {
                copper(WindingTests.WINDING_RESISTANCE, speed, "the three resistances" + ofSpeed(speed));
            }
        }
        Breakdowns.unanswered(facts).forEach(s -> hold(GateRow.BREAKDOWN, s));
        reasons.addAll(new HeldStops(facts).reasons());
        surge();
        opened();
        if (facts.protectorSeenOpen()
                && facts.tests().current(WindingTests.PROTECTOR, 1).isEmpty()) {
            hold(GateRow.PROTECTOR_OPEN, "The thermal protector was seen open and nothing stands in for it");
        }
        if (!LockOutAssessment.released(facts, now)) {
            hold(GateRow.NOT_RELEASED, notReleased());
        }
        return reasons;
    }

    private String notReleased() {
        return facts.power()
                .releasedAt()
                .filter(at -> facts.workedAt() <= at)
                .flatMap(at -> facts.power()
                        .releaseEnded()
                        .or(() -> LockOutAssessment.stoppedSince(facts, at)
                                .map(t -> t.kind().label() + " stopped it since")))
                .map(ended -> "The release to run has ended: " + ended)
                .orElse("Nobody has released it to run");
    }

    private void hold(GateRow row, String sentence) {
        reasons.add(Reason.of(row, sentence));
    }

    private String ofSpeed(int speed) {
        return speed == 2 ? " of the other speed" : "";
    }

    private void place() {
        facts.power().runUnderWay().ifPresent(who -> hold(GateRow.RUN_UNDER_WAY, "Voltage is on: " + who));
        if (facts.leftShop()) {
            hold(GateRow.LEFT_SHOP, "It is not in the shop");
        }
        LockOutAssessment lockOut = LockOutAssessment.of(facts, now);
        if (!lockOut.coversPower()) {
            hold(GateRow.NO_LOCK_OUT, "No lock-out stands: " + lockOut.ended().orElseThrow());
        }
        if (facts.phases() == 0) {
            hold(GateRow.NO_PLATE, "Nobody knows its voltage and phases");
        }
        if (!facts.winding().present()) {
            hold(GateRow.NO_WINDING, "It is stripped");
        }
        if (facts.partsOff() > 0) {
            hold(
                    GateRow.PARTS_OFF,
                    "Not together: " + facts.partsOff()
                            + (facts.partsOff() == 1 ? " logged part is" : " logged parts are") + " not back");
        }
        if (facts.winding().apart() && facts.partsOff() == 0) {
            hold(GateRow.APART, "Not together: nobody has recorded that it was put together since it was opened");
        }
        facts.plateStop().ifPresent(why -> hold(GateRow.PLATE_STOP, "The plate cannot be right: " + why));
        facts.build().forEach(b -> hold(b.row(), b.sentence()));
        facts.clock()
                .filter(c -> c.runs(now))
                .ifPresent(c -> hold(GateRow.DISCHARGING, "Leads stay grounded: the winding discharges"));
    }

    private void shaft() {
        if (facts.shaft().isEmpty()) {
            hold(GateRow.SHAFT_UNKNOWN, "Nobody has recorded that the shaft turns");
        } else if (!facts.shaft().get().free()) {
            hold(GateRow.SHAFT_BINDS, "The shaft binds");
        } else if (facts.shaft().get().elsewhere()) {
            hold(GateRow.SHAFT_UNKNOWN, "A file says that the shaft turns; nobody here has tried");
        } else if (facts.shaft().get().at() < facts.cameBackAt()) {
            hold(GateRow.SHAFT_UNKNOWN, "Nobody has turned the shaft since it came back");
        } else {
            double turned = facts.shaft().get().at();
            facts.shaftMoved()
                    .filter(w -> w.at() > turned)
                    .ifPresent(w -> hold(
                            GateRow.SHAFT_UNKNOWN, "Nobody has turned the shaft by hand since it was " + w.label()));
        }
        Set<String> settled = Set.copyOf(
                facts.power().settlements().stream().map(Settlement::sentence).toList());
        facts.contradictions().stream().filter(c -> !settled.contains(c)).forEach(c -> hold(GateRow.CONTRADICTION, c));
    }

    private void insulation() {
        Optional<JudgedTest> found = facts.tests().current(WindingTests.INSULATION_RESISTANCE, 1);
        if (found.isEmpty()) {
            boolean other = facts.tests()
                    .standing(WindingTests.INSULATION_RESISTANCE, 1)
                    .filter(t -> t.has(Caveat.Kind.OTHER_WINDING))
                    .isPresent();
            hold(
                    GateRow.INSULATION_MISSING,
                    other ? "No insulation test of the present winding yet" : "No insulation test yet");
            return;
        }
        JudgedTest test = found.get();
        boolean stopped = test.foundStop();
        boolean aged = test.at() < lastHighVoltage();
        if (stopped && test.stop().code().filter(StopRule.GROUND::equals).isPresent()) {
            hold(
                    GateRow.GROUND,
                    "Dead or near ground, 0.05 MΩ or less: " + test.effective().headline());
        } else if (!test.proves() || test.verdict() == Verdict.UNPROVEN) {
            hold(GateRow.INSULATION_MISSING, unproved(test));
        } else if (aged) {
            hold(GateRow.INSULATION_MISSING, "Insulation was tested before the last high voltage");
        } else if (stopped) {
            limit(GateRow.INSULATION_LIMIT, test, test.step());
        } else if (test.result(InsulationResult.class)
                .filter(InsulationResult::spotReading)
                .isPresent()) {
            hold(GateRow.INSULATION_SPOT, "Insulation is a spot reading, under 60 s");
        }
    }

    private double lastHighVoltage() {
        double tests = facts.tests().all().stream()
                .filter(t -> t.kind().highVoltage() && t.test().origin() != Origin.FILE)
                .mapToDouble(JudgedTest::at)
                .max()
                .orElse(Double.NEGATIVE_INFINITY);
        return Math.max(tests, facts.power().highVoltageAt().orElse(Double.NEGATIVE_INFINITY));
    }

    /** Why a test proves nothing here, in a sentence. */
    private static String unproved(JudgedTest test) {
        return test.caveats().stream()
                .filter(c -> c.kind() == Caveat.Kind.ELSEWHERE || c.kind() == Caveat.Kind.SIMULATED)
                .findFirst()
                .filter(c -> test.verdict() != Verdict.UNPROVEN)
                .map(c -> c.sentence() + "; it read " + test.effective().headline())
                .orElse(test.effective().headline());
    }

    private void copper(TestKind kind, int speed, String what) {
        Optional<JudgedTest> found = facts.tests().current(kind, speed);
        String step = kind.step(speed);
        if (found.isEmpty()) {
            reasons.add(Reason.at(GateRow.RESISTANCE_MISSING, "Nobody has measured " + what + " yet", step));
            return;
        }
        JudgedTest test = found.get();
        if (test.foundStop() && test.stop().code().isPresent()) {
            reasons.add(Reason.at(GateRow.OPEN_CIRCUIT, test.effective().headline(), step));
        } else if (!test.proves() || test.verdict() == Verdict.UNPROVEN) {
            reasons.add(Reason.at(GateRow.RESISTANCE_MISSING, unproved(test), step));
        } else if (test.foundStop()) {
            limit(GateRow.RESISTANCE_LIMIT, test, step);
        }
    }

    private void startingGear() {
        boolean tested = facts.tests()
                .current(RunningTests.STARTING_GEAR, 1)
                .filter(t -> t.proves() && t.verdict() != Verdict.UNPROVEN)
                .isPresent();
        if (!tested) {
            hold(GateRow.STARTING_GEAR_MISSING, "Start switch and capacitor are not tested yet");
        }
    }

    private void limit(GateRow row, JudgedTest test, String step) {
        Reason reason = Reason.at(row, test.effective().headline(), step);
        reasons.add(HeldStops.waivable(test, facts) ? reason.asWaivable() : reason);
    }

    private void surge() {
        for (int speed = 1; speed <= facts.speeds(); speed++) {
            String step = WindingTests.SURGE_COMPARISON.step(speed);
            Optional<JudgedTest> test = facts.tests().current(WindingTests.SURGE_COMPARISON, speed);
            Optional<SurgeOutcome> outcome = test.flatMap(t -> t.result(SurgeOutcome.class));
            outcome.filter(SurgeOutcome::unsettled)
                    .ifPresent(o -> reasons.add(
                            Reason.at(GateRow.SURGE_UNSETTLED, o.judgement().headline(), step)));
            boolean open = test.filter(t -> t.verdict() == Verdict.UNPROVEN).isPresent();
            outcome.filter(o -> o.finding() == SurgeOutcome.Finding.UNLIKE_COILS && open)
                    .ifPresent(o -> reasons.add(
                            Reason.at(GateRow.SURGE_UNLIKE, o.judgement().headline(), step)));
        }
    }

    /** An opened or rewound winding is proved in its present state, at every speed, before it runs freely. */
    private void opened() {
        if (!facts.winding().opened()) {
            return;
        }
        if (!holds(WindingTests.WITHSTAND_RECORD, 1)) {
            hold(GateRow.WITHSTAND_MISSING, "An opened winding needs a withstand test that holds");
        }
        for (int speed = 1; speed <= facts.speeds() && facts.phases() != 1; speed++) {
            if (!holds(WindingTests.SURGE_COMPARISON, speed)) {
                reasons.add(Reason.at(
                        GateRow.SURGE_MISSING,
                        "An opened winding needs a surge test that holds" + (speed == 2 ? ", for the other speed" : ""),
                        WindingTests.SURGE_COMPARISON.step(speed)));
            }
        }
        boolean core = facts.tests()
                .current(OpenMotorTests.CORE_LOOP_RESULT, 1)
                .filter(t -> t.proves() && t.at() > facts.winding().strippedAt())
                .filter(t -> t.verdict() == Verdict.HOLDS || t.verdict() == Verdict.WATCH)
                .isPresent();
        if (facts.winding().strippedAt() > Double.NEGATIVE_INFINITY && !core) {
            hold(GateRow.CORE_MISSING, "No core loop test since the winding was stripped");
        }
    }

    private boolean holds(TestKind kind, int speed) {
        return facts.tests()
                .current(kind, speed)
                .filter(t -> t.proves() && t.verdict() == Verdict.HOLDS)
                .isPresent();
    }
}
