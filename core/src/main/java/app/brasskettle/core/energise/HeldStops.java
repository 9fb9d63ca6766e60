package app.brasskettle.core.energise;

import app.brasskettle.core.catalogue.RunningTests;
import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.energise.EnergiseGate.Reason;
import app.brasskettle.core.insulation.InsulationReadings;
import app.brasskettle.core.testkind.StopEffect;
import app.brasskettle.core.testkind.StopEffect.Hold;
import app.brasskettle.core.testkind.StopRule;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.StopState;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.Fault;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Stops on record that hold energising: as the table of tests says, and those that a bare repeat disagrees with. */
final class HeldStops {

    /** Tests with rows of their own. */
    private static final Set<TestKind> OWN_ROWS = Set.of(
            WindingTests.TESTER_PROOF,
            WindingTests.INSULATION_RESISTANCE,
            WindingTests.WINDING_RESISTANCE,
            WindingTests.SINGLE_PHASE_WINDINGS,
            WindingTests.WITHSTAND_RECORD,
            WindingTests.STEP_VOLTAGE,
            WindingTests.SURGE_RISE);

    private final GateFacts facts;
    private final List<Reason> reasons = new ArrayList<>();

    HeldStops(GateFacts facts) {
        this.facts = facts;
    }

    /** Stops of every other test, as the table of tests says; and of every test, those that a bare repeat disagrees with. */
    List<Reason> reasons() {
        facts.tests().heldStops().forEach(t -> {
            boolean shown = OWN_ROWS.contains(t.kind()) && t.foundStop();
            if (t.stopState() == StopState.DISPUTED || OWN_ROWS.contains(t.kind()) && !shown) {
                disputed(t);
            } else if (!shown) {
                stopped(t);
            }
        });
        return reasons;
    }

    /** A Stop that a repeat does not bear out, or that a test which proves nothing took the place of. */
    private void disputed(JudgedTest test) {
        Hold hold = test.stop().effect().hold();
        boolean breakdown = test.stop().fault() == Fault.BREAKDOWN;
        if (hold == Hold.NOTHING || breakdown) {
            return;
        }
        boolean repeated = test.stopState() == StopState.DISPUTED;
        boolean never = !test.stop().fault().endsByAgreement();
        reasons.add(new Reason(
                GateRow.READINGS_DISAGREE.code(),
                test.kind().label() + " read " + test.own().headline()
                        + (repeated
                                ? "; the repeat reads good, and no work that fits was done between"
                                : "; no repeat that proves anything has answered it"),
                !repeated
                        ? "Test again with a proved instrument"
                        : never
                                ? "Repair it with its place named, then test again; or a lead hand writes what was misread"
                                : "Another person or another instrument reads it again; or the work that fits, then the test",
                test.step(),
                hold,
                false,
                test.own().source()));
    }

    private void stopped(JudgedTest test) {
        StopEffect effect = test.stop().effect();
        String sentence = test.effective().headline();
        if (test.kind() == RunningTests.START_LOG && !coldAndTestedSince(test)) {
            reasons.add(Reason.of(GateRow.STALLED, sentence));
            return;
        }
        Optional<GateRow> danger = test.stop().code().map(HeldStops::row);
        if (danger.filter(r -> r == GateRow.LOST_PHASE && copperMeasuredSince(test))
                .isPresent()) {
            reasons.add(new Reason(
                    test.step(),
                    sentence,
                    "Run it again: three currents",
                    test.step(),
                    Hold.TEST_POWER_ONLY,
                    false,
                    test.own().source()));
        } else if (danger.isPresent()) {
            reasons.add(Reason.at(danger.get(), sentence, test.step()));
        } else if (effect.hold() != Hold.NOTHING) {
            reasons.add(new Reason(
                    test.step(),
                    sentence,
                    GateRow.TEST_STOPPED.liftedBy(),
                    test.step(),
                    effect.hold(),
                    waivable(test, facts),
                    test.own().source()));
        }
    }

    private static GateRow row(String code) {
        return switch (code) {
            case StopRule.GROUND -> GateRow.GROUND;
            case StopRule.OPEN_CIRCUIT -> GateRow.OPEN_CIRCUIT;
            case StopRule.LOST_PHASE -> GateRow.LOST_PHASE;
            default -> GateRow.TURN_SHORT;
        };
    }

    /** With the winding shown whole, the lost phase is looked for outside, and only a run can show that it is found. */
    private boolean copperMeasuredSince(JudgedTest run) {
        return facts.tests()
                .current(WindingTests.WINDING_RESISTANCE, run.speed())
                .filter(t -> t.at() > run.at() && t.proves() && t.verdict() != Verdict.UNPROVEN && !t.foundStop())
                .isPresent();
    }

    private boolean coldAndTestedSince(JudgedTest stall) {
        return facts.tests()
                .current(WindingTests.INSULATION_RESISTANCE, 1)
                .filter(t -> t.at() > stall.at() && t.proves() && t.verdict() != Verdict.UNPROVEN)
                .filter(t -> ((InsulationReadings) t.test().input()).windingTemperatureC()
                        <= RunningTests.COLD_AFTER_STALL_C)
                .isPresent();
    }

    /** A limit missed by a little, by a reading that nothing casts doubt on. */
    static boolean waivable(JudgedTest test, GateFacts facts) {
        return test.proves() && test.test().standing() && test.stop().waivable(facts.waiverFactor());
    }
}
