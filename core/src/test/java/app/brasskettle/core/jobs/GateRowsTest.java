package app.brasskettle.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.catalogue.OpenMotorTests;
import app.brasskettle.core.catalogue.RunningTests;
import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.energise.EnergiseGate.State;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.work.Work;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What answers a row of the gate and what only looks as if it did: order, origin and kind of each answer. */
class GateRowsTest {

    private static List<String> codes(Story story) {
        return story.gate().holding().stream().map(EnergiseGate.Reason::code).toList();
    }

    private static String sentence(Story story, String code) {
        return story.gate().holding().stream()
                .filter(r -> r.code().equals(code))
                .findFirst()
                .orElseThrow()
                .sentence();
    }

    private static Story stands(Story story, double volts) {
        return story.test(
                WindingTests.WITHSTAND_RECORD, Story.withstand("reconditioned", volts, false), Optional.empty());
    }

    @Test
    void insulationIsTestedAfterTheLastHighVoltage() {
        Story story = stands(Story.sound(), 800).discharge();
        assertThat(sentence(story, "insulation-missing"))
                .isEqualTo("Insulation was tested before the last high voltage");
        assertThat(codes(story.insulation(900).discharge())).isEmpty();
        Story filed = Story.sound();
        filed.record(
                WindingTests.WITHSTAND_RECORD,
                Story.withstand("in-service", 800, false),
                Optional.empty(),
                Origin.FILE);
        assertThat(codes(filed)).as("a file puts no voltage on").isEmpty();
    }

    @Test
    void eachReasonSaysWhatIsMissing() {
        assertThat(sentence(new Story().plate(Map.of()), "insulation-missing")).isEqualTo("No insulation test yet");
        assertThat(sentence(Story.sound().work(Work.REWOUND), "insulation-missing"))
                .isEqualTo("No insulation test of the present winding yet");
        Story simulated = Story.sound();
        simulated.record(WindingTests.WINDING_RESISTANCE, Story.ohms(1, 1, 1), Optional.empty(), Origin.SIMULATED);
        assertThat(sentence(simulated, "resistance-missing"))
                .contains("imulated")
                .contains("; it read ");
        Story doubted =
                Story.sound().test(WindingTests.WINDING_RESISTANCE, Story.ohms(900, 900, 900), Optional.empty());
        assertThat(sentence(doubted, "resistance-missing")).doesNotContain("imulated");
    }

    @Test
    void aShaftThatOnlyAFileTurnedIsTriedHere() {
        Story story = Story.sound().shaftFromAFile();
        assertThat(sentence(story, "shaft-unknown")).startsWith("A file says");
        assertThat(codes(story.shaft(Arrival.ShaftState.FREE))).isEmpty();
    }

    /** Free beside drag marks cannot both be true; the contradiction is named with what was found. */
    @Test
    void aFreeShaftBesideDragMarksIsAContradiction() {
        Story story = Story.sound().see(Evidence.ROTOR_DRAG_MARKS);
        assertThat(sentence(story, "contradiction")).endsWith("rotor drag marks");
        assertThat(codes(Story.sound().see(Evidence.GREASE_DRY))).doesNotContain("contradiction");
        assertThat(codes(new Story()
                        .plate(Map.of())
                        .shaft(Arrival.ShaftState.BINDS)
                        .see(Evidence.ROTOR_DRAG_MARKS)))
                .as("a bound shaft agrees with them")
                .doesNotContain("contradiction");
    }

    /** A plate without a voltage is no plate to judge by. */
    @Test
    void aPlateWithoutAVoltageIsNone() {
        assertThat(codes(Story.sound().plate(Map.of("ratedVoltageV", "")))).contains("no-plate");
    }

    @Test
    void aMotorThatIsNotTogetherIsNamedWithItsParts() {
        Story story = Story.sound();
        assertThat(codes(story.partsOff(2))).contains("parts-off");
        assertThat(sentence(story, "parts-off")).isEqualTo("Not together: 2 logged parts are not back");
        assertThat(sentence(story.partsOff(1), "parts-off")).isEqualTo("Not together: 1 logged part is not back");
        assertThat(codes(story.partsOff(0))).isEmpty();
    }

    @Test
    void startingGearIsProvedHere() {
        assertThat(codes(singlePhase().sample(RunningTests.STARTING_GEAR, Origin.SIMULATED)))
                .containsExactly("starting-gear-missing");
        assertThat(codes(singlePhase().sample(RunningTests.STARTING_GEAR))).isEmpty();
    }

    /** What a simulated instrument showed is not made real by typing it. */
    @Test
    void aSimulatedReadingTypedAgainProvesNothing() {
        assertThat(codes(singlePhase()
                        .sample(RunningTests.STARTING_GEAR, Origin.SIMULATED)
                        .sample(RunningTests.STARTING_GEAR)))
                .containsExactly("starting-gear-missing");
    }

    private static Story singlePhase() {
        return new Story()
                .plate(Story.SINGLE_PHASE)
                .shaft(Arrival.ShaftState.FREE)
                .lockOut()
                .proveTester()
                .sample(WindingTests.SINGLE_PHASE_WINDINGS)
                .insulation(900)
                .discharge()
                .release();
    }

    /** A core looped before the winding was stripped, or by a reading that proves nothing, is no core proved. */
    @Test
    void aStrippedCoreIsLoopedAfterStripping() {
        Story early = Story.sound()
                .test(OpenMotorTests.CORE_LOOP_RESULT, Story.loop(900), Optional.empty())
                .work(Work.STRIPPED)
                .work(Work.REWOUND);
        assertThat(codes(early)).contains("core-missing");
        Story filed = Story.sound().work(Work.STRIPPED).work(Work.REWOUND);
        filed.record(OpenMotorTests.CORE_LOOP_RESULT, Story.loop(900), Optional.empty(), Origin.FILE);
        assertThat(codes(filed)).contains("core-missing");
        Map<String, Object> nothingMeasured = new LinkedHashMap<>(Story.loop(900));
        nothingMeasured.remove("fluxDensityT");
        assertThat(codes(Story.sound()
                        .work(Work.STRIPPED)
                        .test(OpenMotorTests.CORE_LOOP_RESULT, nothingMeasured, Optional.empty())
                        .work(Work.REWOUND)))
                .as("a loop that proves nothing")
                .contains("core-missing");
        Story looped = Story.sound()
                .work(Work.STRIPPED)
                .test(OpenMotorTests.CORE_LOOP_RESULT, Story.loop(900), Optional.empty())
                .work(Work.REWOUND);
        assertThat(codes(looped)).doesNotContain("core-missing");
        assertThat(codes(Story.sound().work(Work.OPENED))).doesNotContain("core-missing");
    }

    /** Unlike coils leave test power until earlier traces, or rising pulses that prove something, settle them. */
    @Test
    void unlikeCoilsAreHeldUntilSettled() {
        Story story = Story.sound().surgeUnlike().discharge().insulation(900).discharge();
        assertThat(codes(story)).containsExactly("surge-unlike");
        assertThat(story.gate().state()).isEqualTo(State.TEST_POWER_ONLY);
        assertThat(codes(story.sample(WindingTests.SURGE_RISE, Origin.SIMULATED)
                        .discharge()
                        .insulation(900)
                        .discharge()))
                .contains("surge-unlike");
        assertThat(codes(Story.sound()
                        .surgeUnlike()
                        .discharge()
                        .sample(WindingTests.SURGE_RISE)
                        .discharge()
                        .insulation(900)
                        .discharge()))
                .isEmpty();
    }

    /** Whoever released the motor under a lock-out covers power with it; a release of an earlier one does not. */
    @Test
    void aReleaseCoversPowerOfItsOwnLockOutOnly() {
        assertThat(codes(Story.sound().endLockOut())).doesNotContain("no-lock-out");
        Story again = Story.sound().endLockOut().lockOut();
        assertThat(again.gate().leads().mayConnect())
                .as("taken off, and locked out anew")
                .isTrue();
        Story later = Story.sound().lockOut().endLockOut();
        assertThat(codes(later)).contains("no-lock-out");
        assertThat(codes(Story.sound().lockOut()))
                .as("locked out again, and standing")
                .doesNotContain("no-lock-out");
        Story powered = Story.sound().lockOut().test(RunningTests.NO_LOAD_RUN, Story.run(10), Optional.empty());
        assertThat(codes(powered)).contains("no-lock-out");
    }

    /** What was named as off is joined again when the motor comes back, or is put together. */
    @Test
    void whatWasOffIsJoinedAgainWhenItComesBack() {
        Story story = new Story();
        story.auxiliaries = List.of(Arrival.Auxiliary.DRIVE);
        story.plate(Map.of())
                .shaft(Arrival.ShaftState.FREE)
                .lockOut()
                .proveTester()
                .insulation(900)
                .discharge()
                .isolate("drive");
        assertThat(held(story)).doesNotContain("auxiliaries");
        assertThat(held(story.work(Work.OPENED))).doesNotContain("auxiliaries");
        assertThat(held(story.leave().comeBack())).contains("auxiliaries");
        assertThat(held(story.isolate("drive"))).doesNotContain("auxiliaries");
    }

    private static List<String> held(Story story) {
        return story.read().highVoltage().holding().stream()
                .map(EnergiseGate.Reason::code)
                .toList();
    }

    @Test
    void theOtherSpeedIsNamedAndTheFirstIsNot() {
        List<String> said = Story.sound().plate(Story.SECOND_SPEED).work(Work.DIPPED).gate().holding().stream()
                .filter(r -> r.code().equals("surge-missing"))
                .map(EnergiseGate.Reason::sentence)
                .toList();
        assertThat(said).hasSize(2);
        assertThat(said.get(0)).doesNotContain("other speed");
        assertThat(said.get(1)).endsWith("for the other speed");
    }

    /** A stop with a row of its own is named once. */
    @Test
    void aStopWithItsOwnRowIsNamedOnce() {
        Story story = Story.sound()
                .test(WindingTests.WINDING_RESISTANCE, Story.ohms(1, 1, 1.3), Optional.empty())
                .release();
        assertThat(codes(story)).containsExactly("resistance-limit");
        Map<String, Object> open = new LinkedHashMap<>(Story.ohms(1, 1, 2));
        open.put("connection", "delta");
        assertThat(codes(Story.sound()
                        .plate(Map.of("connection", "delta"))
                        .test(WindingTests.WINDING_RESISTANCE, open, Optional.empty())
                        .release()))
                .containsExactly("open-circuit");
    }

    @Test
    void theLampSaysThreeThings() {
        assertThat(State.BLOCKED.label()).isEqualTo("energising blocked");
        assertThat(State.TEST_POWER_ONLY.label()).isEqualTo("test power only");
        assertThat(State.PERMITTED.label()).isEqualTo("energising permitted");
    }

    /** What answers something comes after it: at the very same moment it is no answer. */
    @Test
    void anAnswerAtTheSameMomentIsNone() {
        Story stalled = Story.sound().test(RunningTests.START_LOG, Story.start(0, 40), Optional.empty());
        assertThat(codes(stalled.atOnce().insulation(900))).contains("stalled");
        Story lost = Story.sound().test(RunningTests.NO_LOAD_RUN, Story.lostPhase(), Optional.empty());
        assertThat(codes(lost.atOnce().test(WindingTests.WINDING_RESISTANCE, Story.ohms(1, 1, 1), Optional.empty())))
                .contains("lost-phase");
        assertThat(codes(Story.sound()
                        .work(Work.STRIPPED)
                        .atOnce()
                        .test(OpenMotorTests.CORE_LOOP_RESULT, Story.loop(900), Optional.empty())
                        .work(Work.REWOUND)))
                .contains("core-missing");
        Story powered = Story.sound().test(RunningTests.NO_LOAD_RUN, Story.run(10), Optional.empty());
        assertThat(powered.atOnce().lockOut().gate().leads().mayConnect())
                .as("locked out as power came on")
                .isFalse();
        assertThat(Story.sound().lockOut().atOnce().endLockOut().gate().leads().mayConnect())
                .isFalse();
    }

    /** Where nothing has changed in between, one moment is as good as the next. */
    @Test
    void whatIsRecordedTogetherStandsTogether() {
        Story tested = stands(Story.sound(), 800);
        assertThat(codes(tested.atOnce().insulation(900).discharge())).doesNotContain("insulation-missing");
        assertThat(codes(Story.sound().lockOut().atOnce().release().endLockOut()))
                .as("released as it was locked out")
                .doesNotContain("no-lock-out");
        assertThat(codes(Story.sound().leave().comeBack().atOnce().shaft(Arrival.ShaftState.FREE)))
                .doesNotContain("shaft-unknown");
        assertThat(codes(Story.sound().leave().comeBack().atOnce().lockOut())).doesNotContain("no-lock-out");
        Story worked = Story.sound().work(Work.MACHINED).insulation(900).discharge();
        worked.work(Work.MACHINED).atOnce().release().insulation(900).discharge();
        assertThat(codes(worked)).doesNotContain("not-released");
    }

    @Test
    void whatIsJoinedAgainAsItIsNamedOffIsJoined() {
        Story story = new Story();
        story.auxiliaries = List.of(Arrival.Auxiliary.DRIVE);
        story.plate(Map.of())
                .shaft(Arrival.ShaftState.FREE)
                .work(Work.REASSEMBLED)
                .atOnce()
                .isolate("drive");
        assertThat(held(story)).contains("auxiliaries");
    }

    /** Of two waivers of one figure the later name stands. */
    @Test
    void aWaiverIsShownWithItsNameAndReason() {
        Story story = Story.sound()
                .test(WindingTests.WINDING_RESISTANCE, Story.ohms(1, 1, 1.08), Optional.empty())
                .release();
        assertThat(codes(story)).containsExactly("resistance-limit");
        story.waiveEverything().waiveEverything();
        EnergiseGate gate = story.gate();
        assertThat(gate.holding()).isEmpty();
        assertThat(gate.waived()).singleElement().satisfies(w -> {
            assertThat(w.by()).isEqualTo("I. Dalby");
            assertThat(w.why()).isEqualTo("in a hurry");
        });
    }
}
