package app.brasskettle.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.catalogue.RunningTests;
import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.energise.EnergiseGate.State;
import app.brasskettle.core.energise.HighVoltageGate;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.work.Remedy;
import app.brasskettle.core.work.Work;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The edges of the gates' rows: what just holds, what just does not, and how each is lifted. */
class GateEdgesTest {

    private static List<String> codes(Story story) {
        return story.gate().holding().stream().map(EnergiseGate.Reason::code).toList();
    }

    private static List<String> highVoltage(Story story) {
        return story.read().highVoltage().holding().stream()
                .map(EnergiseGate.Reason::code)
                .toList();
    }

    private static String sentence(Story story, String code) {
        return story.gate().holding().stream()
                .filter(r -> r.code().equals(code))
                .findFirst()
                .orElseThrow()
                .sentence();
    }

    @Test
    void aRunUnderWayHoldsEverything() {
        Story story = Story.sound();
        story.runUnderWay = Optional.of("step voltage, M. Orre");
        assertThat(codes(story)).containsExactly("run-under-way");
        assertThat(story.gate().holding().get(0).sentence()).contains("step voltage, M. Orre");
        assertThat(story.gate().leads().mayConnect()).isFalse();
        assertThat(highVoltage(story)).contains("run-under-way", "no-lock-out");
        assertThat(story.gate().mayRun()).isEmpty();
    }

    /** A tester that failed its latest check proves nothing, though it held that morning; one check again and it does. */
    @Test
    void theLatestCheckOfTheTesterCounts() {
        Story story =
                Story.sound().proveTester(false, Origin.HERE).insulation(900).discharge();
        assertThat(codes(story)).contains("insulation-missing");
        story.proveTester().insulation(900).discharge().release();
        assertThat(story.gate().state()).isEqualTo(State.PERMITTED);
    }

    /** A check of the tester that a file brings, or a simulated tester shows, proves no tester of this shop. */
    @Test
    void aCheckOfAnotherTesterProvesNone() {
        for (Origin origin : List.of(Origin.FILE, Origin.SIMULATED, Origin.TAKEN_BEFORE)) {
            Story story = Story.sound().wait(20 * Story.HOUR).lockOut();
            story.proveTester(true, origin).insulation(900).discharge().release();
            assertThat(codes(story)).as(origin.code()).containsExactly("insulation-missing");
            story.proveTester().insulation(900).discharge().release();
            assertThat(story.gate().state()).as(origin.code()).isEqualTo(State.PERMITTED);
        }
    }

    @Test
    void aProtectorSeenOpenNeedsATestOfIt() {
        Story story = Story.sound().see(Evidence.PROTECTOR_OPEN);
        assertThat(codes(story)).containsExactly("protector-open");
        assertThat(story.sample(WindingTests.PROTECTOR).gate().state()).isEqualTo(State.PERMITTED);
    }

    @Test
    void farOverWithTheRotorInIsSettledByAnotherPositionOfTheShaft() {
        Story one =
                Story.sound().surgeRotorIn(true, 0).discharge().insulation(900).discharge();
        assertThat(codes(one)).containsExactly("surge-unsettled");
        assertThat(one.waiveEverything().overruleEverything().gate().state()).isEqualTo(State.BLOCKED);
        Story two = Story.sound()
                .surgeRotorIn(true, 0)
                .surgeRotorIn(true, 22.5)
                .surgeRotorIn(true, 45)
                .discharge()
                .insulation(900)
                .discharge();
        assertThat(codes(two)).as("three positions decide nothing").containsExactly("surge-unsettled");
        two.surgeRotorIn(true, 67.5)
                .discharge()
                .insulation(900)
                .discharge()
                .lockOut()
                .release();
        assertThat(codes(two)).as("the oddness stays with the winding").containsExactly("turn-short");
        Story sound =
                Story.sound().surgeRotorIn(false, 0).discharge().insulation(900).discharge();
        assertThat(codes(sound)).isEmpty();
        Story out = one.surge(false, Optional.of(5000.0))
                .discharge()
                .insulation(900)
                .discharge();
        assertThat(codes(out)).as("the rotor out settles it").isEmpty();
    }

    @Test
    void aLostPhaseIsLookedForOnTestPowerOnceTheWindingIsShownWhole() {
        Story story = Story.sound().test(RunningTests.NO_LOAD_RUN, Story.lostPhase(), Optional.empty());
        assertThat(codes(story)).contains("lost-phase");
        assertThat(story.gate().state()).isEqualTo(State.BLOCKED);
        assertThat(story.work(Work.MACHINED)
                        .shaft(Arrival.ShaftState.FREE)
                        .insulation(900)
                        .discharge()
                        .lockOut()
                        .release()
                        .gate()
                        .state())
                .as("work elsewhere does not find it")
                .isEqualTo(State.BLOCKED);
        story.test(WindingTests.WINDING_RESISTANCE, Story.ohms(1, 1, 1.3), Optional.empty());
        assertThat(codes(story)).contains("lost-phase", "resistance-limit");
        story.test(WindingTests.WINDING_RESISTANCE, Story.ohms(1, 1, 1), Optional.empty());
        assertThat(codes(story))
                .as("the copper is read good by the same hand, and nothing was done")
                .contains("readings-disagree");
        story.by("I. Dalby").test(WindingTests.WINDING_RESISTANCE, Story.ohms(1, 1, 1), Optional.empty());
        story.lockOut().release();
        assertThat(story.gate().state()).isEqualTo(State.TEST_POWER_ONLY);
        assertThat(story.gate().mayRun(RunningTests.START_LOG)).isTrue();
        Story unopened = Story.sound()
                .test(RunningTests.NO_LOAD_RUN, Story.lostPhase(), Optional.empty())
                .lockOut()
                .test(WindingTests.WINDING_RESISTANCE, Story.ohms(1, 1, 1), Optional.empty())
                .release();
        assertThat(codes(unopened)).containsExactly("bench/run");
        assertThat(unopened.gate().mayRun(RunningTests.NO_LOAD_RUN)).isTrue();
        unopened.test(RunningTests.NO_LOAD_RUN, Story.run(10), Optional.empty());
        assertThat(codes(unopened)).as("nobody said what was found").containsExactly("readings-disagree");
        unopened.repair(Remedy.SUPPLY, "fuse of line 3")
                .lockOut()
                .release()
                .test(RunningTests.NO_LOAD_RUN, Story.run(10.1), Optional.empty());
        assertThat(unopened.gate().state()).isEqualTo(State.PERMITTED);
    }

    @Test
    void aSinglePhaseMotorIsPermittedWithItsGearTestedAndOpenedItNeedsNoSurge() {
        Story story = new Story()
                .plate(Story.SINGLE_PHASE)
                .shaft(Arrival.ShaftState.FREE)
                .lockOut()
                .proveTester()
                .sample(WindingTests.SINGLE_PHASE_WINDINGS)
                .sample(RunningTests.STARTING_GEAR)
                .insulation(900)
                .discharge()
                .release();
        assertThat(codes(story)).isEmpty();
        story.work(Work.OPENED)
                .work(Work.REASSEMBLED)
                .insulation(900)
                .discharge()
                .release();
        assertThat(codes(story)).as("covers off and on again touch no winding").isEmpty();
        story.work(Work.DIPPED)
                .work(Work.REASSEMBLED)
                .insulation(900)
                .discharge()
                .release();
        assertThat(codes(story)).containsExactly("withstand-missing");
    }

    @Test
    void theOtherSpeedIsNamedAndSurgedAfterOpening() {
        Story story = Story.sound().plate(Story.SECOND_SPEED).work(Work.DIPPED);
        assertThat(story.gate().holding())
                .filteredOn(r -> r.code().equals("surge-missing"))
                .extracting(EnergiseGate.Reason::step)
                .containsExactly("bench/surge", "bench/surge/2");
        assertThat(sentence(story, "resistance-missing")).contains("of the other speed");
    }

    /** A lock-out and a release are good for sixteen hours, to the second; whatever is first ends the answer. */
    @Test
    void sixteenHoursToTheSecond() {
        Story story = Story.sound();
        double lockedOut = story.lockOut.orElseThrow().at();
        double released = story.released.orElseThrow();
        assertThat(story.gate().validUntil()).contains(lockedOut + 16 * Story.HOUR);
        story.now = lockedOut + 16 * Story.HOUR - 1;
        assertThat(codes(story)).isEmpty();
        story.now = lockedOut + 16 * Story.HOUR;
        assertThat(codes(story)).containsExactly("no-lock-out");
        assertThat(story.gate().validUntil()).contains(released + 16 * Story.HOUR);
        story.now = released + 16 * Story.HOUR - 1;
        assertThat(codes(story)).doesNotContain("not-released");
        story.now = released + 16 * Story.HOUR;
        assertThat(codes(story)).contains("not-released");
        assertThat(story.gate().validUntil()).isEmpty();
        Story charged = Story.sound().insulation(900);
        assertThat(charged.gate().validUntil()).contains(charged.now + 240);
    }

    /** 40 °C counts as cold after a stall, and nobody believes it within the hour. */
    @ParameterizedTest
    @CsvSource({"40, 3600, false", "40.1, 3600, true", "40, 3400, true", "25, 60, true"})
    void aStallIsOverColdOnly(double temperature, double later, boolean stalled) {
        Story story = Story.sound()
                .test(RunningTests.START_LOG, Story.start(0, 40), Optional.empty())
                .wait(later)
                .lockOut()
                .insulation(900, temperature, 60, Optional.of(500.0))
                .discharge()
                .release();
        assertThat(codes(story).contains("stalled")).isEqualTo(stalled);
        if (!stalled) {
            assertThat(story.gate().mayRun(RunningTests.START_LOG)).isTrue();
        }
    }

    /** 3060 V direct is 1800 V alternating times 1.7 (IEEE Std 95): a repeat at either answers the other, and a volt less not. */
    @ParameterizedTest
    @CsvSource({"alternating, 1800, true", "alternating, 1799, false", "direct, 3060, true", "direct, 3050, false"})
    void aBreakdownIsAnsweredAtItsOwnLevelInEitherKindOfVoltage(String supply, double volts, boolean answered) {
        Map<String, Object> repeat = new LinkedHashMap<>(Story.withstand("new", volts, false));
        repeat.put("supply", supply);
        Story story = Story.sound()
                .test(WindingTests.WITHSTAND_RECORD, Story.withstand("new", 3060, true), Optional.empty())
                .repair(Remedy.COIL, "group 5");
        assertThat(codes(story)).as("repaired and not tested").contains("breakdown");
        story.test(WindingTests.WITHSTAND_RECORD, repeat, Optional.empty());
        assertThat(codes(story).contains("breakdown")).isEqualTo(!answered);
        assertThat(Story.sound()
                        .test(WindingTests.STEP_VOLTAGE, Story.steps(5), Optional.empty())
                        .repair(Remedy.COIL, "group 5")
                        .test(WindingTests.STEP_VOLTAGE, Story.steps(2), Optional.empty())
                        .gate()
                        .holding())
                .extracting(EnergiseGate.Reason::code)
                .doesNotContain("breakdown");
    }

    @Test
    void aReadingFromElsewhereIsNamedAsSuch() {
        Story story = Story.sound();
        story.record(WindingTests.WINDING_RESISTANCE, Map.copyOf(Story.ohms(1, 1, 1)), Optional.empty(), Origin.FILE);
        assertThat(sentence(story, "resistance-missing"))
                .startsWith("From a file")
                .contains("; it read ");
    }

    @Test
    void highVoltageIsPermittedOnASoundGroundedWindingAndHeldByEachOfItsRows() {
        HighVoltageGate open = Story.sound().read().highVoltage();
        assertThat(open.holding()).isEmpty();
        assertThat(open.permitted()).isTrue();
        assertThat(highVoltage(Story.sound().insulation(900))).containsExactly("discharging");
        assertThat(highVoltage(Story.sound().endLockOut())).containsExactly("no-lock-out");
        assertThat(highVoltage(Story.sound().insulation(3).discharge())).containsExactly("insulation-missing");
        assertThat(highVoltage(Story.sound().work(Work.WASHED))).containsExactly("insulation-missing");
        assertThat(highVoltage(Story.sound().leave())).contains("left-shop", "no-lock-out");
        assertThat(highVoltage(Story.sound().work(Work.STRIPPED))).contains("no-winding", "insulation-missing");
        assertThat(highVoltage(new Story().plate(Map.of()).lockOut())).containsExactly("insulation-missing");
        assertThat(highVoltage(
                        Story.sound().insulation(900).overruleEverything().discharge()))
                .as("overruled to hold what holds")
                .isEmpty();
    }

    @Test
    void whatAHighVoltageWouldHarmIsNamedAsOffUntilItIsPutTogetherAgain() {
        Story story = new Story();
        story.auxiliaries = List.of(Arrival.Auxiliary.THERMISTORS, Arrival.Auxiliary.DRIVE);
        story.plate(Map.of())
                .shaft(Arrival.ShaftState.FREE)
                .lockOut()
                .proveTester()
                .test(WindingTests.WINDING_RESISTANCE, Story.ohms(1, 1, 1), Optional.empty())
                .insulation(900)
                .discharge();
        assertThat(highVoltage(story)).containsExactly("auxiliaries");
        assertThat(highVoltage(story.isolate("thermistors"))).containsExactly("auxiliaries");
        assertThat(story.read().highVoltage().holding().get(0).sentence()).isEqualTo("Still connected: drive");
        assertThat(highVoltage(story.isolate("thermistors", "drive"))).isEmpty();
        story.work(Work.REASSEMBLED).insulation(900).discharge();
        assertThat(highVoltage(story)).containsExactly("auxiliaries");
    }
}
