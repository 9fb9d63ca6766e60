package app.brasskettle.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.balance.BalanceReadings;
import app.brasskettle.core.catalogue.OpenMotorTests;
import app.brasskettle.core.catalogue.RunningTests;
import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.choice.ChosenOption;
import app.brasskettle.core.choice.ComparedOption;
import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.coreloop.CoreLoopReading;
import app.brasskettle.core.energise.DischargeClock;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.energise.LockOut;
import app.brasskettle.core.instruments.MotorFault;
import app.brasskettle.core.insulation.TesterProof;
import app.brasskettle.core.jobs.Job.Taken;
import app.brasskettle.core.nameplate.Plates;
import app.brasskettle.core.quote.QuoteAnswer;
import app.brasskettle.core.quote.QuoteReply;
import app.brasskettle.core.run.NoLoadRun;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.testrecord.RecordedTest;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.withstand.StepVoltageReadings;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.work.Work;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JobReadingTest {

    private static final double NOW = Job.NOW;

    private static List<String> codes(JobAssessment reading) {
        return reading.evidence().stream().map(JobAssessment.Piece::code).toList();
    }

    private static List<String> heldBack(Story story) {
        return story.read().departure().heldBy();
    }

    /** One simulated reading among real ones is enough; one that was superseded is none. */
    @Test
    void aMotorThatASimulatedReadingSpeaksForIsNotReadyForService() {
        Story story = Story.sound();
        assertThat(story.read().departure().mayBeReady()).isTrue();
        story.record(WindingTests.WINDING_RESISTANCE, Story.ohms(1, 1, 1), Optional.empty(), Origin.SIMULATED);
        assertThat(heldBack(story).get(0))
                .startsWith("Simulated readings prove no motor: Winding resistance.")
                .doesNotContain("Insulation to frame");
        story.demonstration = true;
        assertThat(heldBack(story))
                .as("where simulated instruments are on, that alone holds it")
                .hasSize(1);
        story.test(WindingTests.WINDING_RESISTANCE, Story.ohms(1, 1, 1), Optional.empty());
        assertThat(story.read().departure().mayBeReady()).isTrue();
    }

    /** What may not be put on power here is not ready there; lock-out and release of the day have no part in it. */
    @Test
    void aMotorThatTheGateHoldsIsNotReadyForService() {
        assertThat(heldBack(new Story().plate(Map.of())))
                .as("nothing is known of it")
                .isNotEmpty();
        assertThat(heldBack(Story.sound().insulation(0.04).discharge()))
                .anyMatch(s -> s.startsWith("Dead or near ground"));
        assertThat(heldBack(Story.sound().work(Work.REWOUND))).isNotEmpty();
        assertThat(heldBack(Story.sound().insulation(900))).as("still charged").hasSize(1);
        Story nextDay = Story.sound().wait(20 * Story.HOUR);
        assertThat(nextDay.gate().holding()).isNotEmpty();
        assertThat(heldBack(nextDay)).isEmpty();
    }

    @Test
    void asksForOneThingAfterTheOther() {
        Job job = new Job();
        assertThat(job.read().next().step()).isEqualTo("receive");
        job.received();
        assertThat(job.read().next().step()).isEqualTo("bench/dead");
        job.lockedOut = Optional.of(new LockOut(NOW - 4500, "M. Orre", "meter and stick"));
        assertThat(job.read().next().sentence()).contains("Prove the tester");
        job.safe();
        assertThat(job.read().next().step()).isEqualTo("bench/resistance");
        job.tested();
        assertThat(job.read().next().step()).isEqualTo("bench/surge");
        job.surged();
        assertThat(job.next().sentence()).startsWith("Test insulation once more");
        job.insulation = job.insulation.map(t -> new Taken<>(t.input(), NOW - 500));
        assertThat(job.next().step()).isEqualTo("bench/release");
        job.released = Optional.of(NOW - 400);
        assertThat(job.next()).isEqualTo(new JobAssessment.Next("Run it without load", "bench/run", Station.BENCH));
        job.further = List.of(Job.further(RunningTests.NO_LOAD_RUN, (run(10.1)), NOW - 100));
        assertThat(job.next().sentence()).startsWith("Conclude:");
        job.concluded = Optional.of("no fault found");
        assertThat(job.read().next().sentence()).isEqualTo("Price the options");
        job.priced = true;
        assertThat(job.read().next().sentence()).isEqualTo("Customer to choose");
        job.reply = Optional.of(new QuoteReply(QuoteAnswer.QUESTION, "R. Ashe", "Why so long?"));
        assertThat(job.read().next().sentence()).isEqualTo("R. Ashe asks: “Why so long?”");
        job.reply = Optional.of(new QuoteReply(QuoteAnswer.DECLINED, "R. Ashe", ""));
        assertThat(job.read().next().sentence()).contains("R. Ashe declined", "send the motor back");
        job.reply = Optional.empty();
        job.chosen = Optional.of(new ChosenOption(OptionKind.RECONDITION, "Wash and dry", Optional.empty()));
        assertThat(job.read().next().sentence()).isEqualTo("Prove it: 3 of 7 tests are not proved");
        job.chosen = Optional.of(new ChosenOption(OptionKind.REWIND, "Rewind, sent out", Optional.empty()));
        assertThat(job.read().next().step()).isEqualTo("rewind/new-winding");
    }

    @Test
    void aShortedWindingGoesToTeardown() {
        JobAssessment reading = new Job()
                .received()
                .safe()
                .tested(MotorFault.TURN_SHORT)
                .surged(false, MotorFault.TURN_SHORT)
                .read();
        assertThat(reading.next().step()).isEqualTo("teardown/parts");
        assertThat(reading.worst().verdict()).isEqualTo(Verdict.STOP);
        assertThat(codes(reading))
                .contains("surge-phase-differs", "insulation-holds", "resistance-holds", "shaft-free");
        assertThat(reading.gate().state()).isEqualTo(EnergiseGate.State.BLOCKED);
    }

    @Test
    void aWetWindingIsDriedNotOpened() {
        JobAssessment reading =
                new Job().received().safe().tested(MotorFault.MOISTURE).read();
        assertThat(reading.next().station()).isEqualTo(Station.BENCH);
        assertThat(reading.next().sentence()).contains("dry it");
        assertThat(codes(reading)).contains("absorption-flat");
        assertThat(reading.highVoltage().permitted()).isFalse();
    }

    @Test
    void anInsulationTestWithoutAProvedTesterProvesNothing() {
        Job job = new Job().received().tested();
        JobAssessment none = job.read();
        assertThat(insulation(none).verdict()).isEqualTo(Verdict.UNPROVEN);
        assertThat(insulation(none).headline()).contains("Tester not proved");
        job.safe();
        assertThat(insulation(job.read()).verdict()).isEqualTo(Verdict.HOLDS);
        job.proof = Optional.of(new Taken<>(new TesterProof(20_000, true, 0), NOW - 500));
        assertThat(insulation(job.read()).verdict()).as("proved too late").isEqualTo(Verdict.UNPROVEN);
        job.proof = Optional.of(new Taken<>(new TesterProof(20_000, true, 0), NOW - 90_000));
        assertThat(insulation(job.read()).verdict()).as("proved yesterday").isEqualTo(Verdict.UNPROVEN);
        job.proof = Optional.of(new Taken<>(new TesterProof(20_000, false, 0), NOW - 4000));
        assertThat(insulation(job.read()).verdict()).as("a tester that leaks").isEqualTo(Verdict.UNPROVEN);
    }

    @Test
    void workOnTheWindingMakesTheTestUnprovenAgain() {
        Job job = new Job().received().safe().tested();
        job.worked(Work.OPENED, NOW - 100);
        JobAssessment reading = job.read();
        assertThat(insulation(reading).verdict()).isEqualTo(Verdict.UNPROVEN);
        assertThat(reading.gate().state()).isEqualTo(EnergiseGate.State.BLOCKED);
        assertThat(reading.highVoltage().permitted()).isFalse();
        job.works = List.of();
        job.worked(Work.OPENED, NOW - 2500);
        assertThat(insulation(job.read()).verdict()).isEqualTo(Verdict.HOLDS);
    }

    @Test
    void aSoundMotorGetsTestPowerOnceInsulationFollowsTheSurge() {
        Job job = new Job().received().safe().tested().surged();
        assertThat(job.read().gate().state()).isEqualTo(EnergiseGate.State.BLOCKED);
        job.insulation = job.insulation.map(t -> new Taken<>(t.input(), NOW - 500));
        assertThat(job.read().gate().state()).isEqualTo(EnergiseGate.State.TEST_POWER_ONLY);
    }

    @Test
    void offersAreHeldAgainstTheConditionOnRecord() {
        Job job = new Job().received().safe().tested(MotorFault.TURN_SHORT).surged(false, MotorFault.TURN_SHORT);
        job.priced = true;
        assertThat(job.read().choice().orElseThrow().options())
                .filteredOn(o -> !o.open())
                .singleElement()
                .satisfies(o -> assertThat(o.reason()).contains("shorted turns"));
    }

    @Test
    void aRunningClockIsWhatNeedsWaitingFor() {
        Job job = new Job().received().safe().tested();
        job.voltages = List.of(new DischargeClock.Applied(NOW - 10, 600, 1));
        JobAssessment reading = job.read();
        assertThat(reading.next().sentence()).contains("grounded");
        assertThat(reading.discharge().orElseThrow().secondsLeft(NOW)).isEqualTo(2390);
        assertThat(reading.gate().holding())
                .extracting(EnergiseGate.Reason::code)
                .contains("discharging");
    }

    @Test
    void everyStationIsThereWithItsSteps() {
        JobAssessment reading = new Job().read();
        assertThat(reading.stations())
                .extracting(JobAssessment.StationAssessment::station)
                .containsExactlyElementsOf(JobStep.stations().stream()
                        .filter(s -> s != Station.PROVE && s != Station.RELEASE)
                        .toList());
        assertThat(reading.stations())
                .allMatch(s -> s.verdict() == Verdict.UNPROVEN && !s.steps().isEmpty());
    }

    @ParameterizedTest
    @CsvSource({"true, 0, HOLDS", "true, 0.05, HOLDS", "true, 0.06, STOP", "false, 0, STOP", "true, 20000, STOP"})
    void aTesterProvesItselfApartAndTogether(boolean over, double together, Verdict verdict) {
        assertThat(new TesterProof(20_000, over, together).judge().verdict()).isEqualTo(verdict);
    }

    @Test
    void arrivalRefusesASignTwice() {
        assertThat(Refusals.fields(() -> Job.arrived(null, Evidence.NOISY, Evidence.NOISY)))
                .containsExactlyInAnyOrder("shaft", "signs[1]");
    }

    @Test
    void withoutAVoltageTheBenchWaitsForAnEstimate() {
        Job job = new Job().received();
        job.plate = Optional.of(Plates.plate(Map.of("ratedVoltageV", "")));
        assertThat(job.read().next().sentence()).contains("voltage not known");
        job.plate = Optional.of(Plates.plate(Map.of("ratedCurrentA", "")));
        assertThat(job.read().next().station()).isEqualTo(Station.BENCH);
    }

    @Test
    void anExplosionProtectedMotorIsTestedButNotOpenedHere() {
        Job job = new Job().received().safe().tested(MotorFault.TURN_SHORT).surged(false, MotorFault.TURN_SHORT);
        job.plate = Optional.of(Plates.plate(Map.of("hazardousArea", true)));
        JobAssessment shut = job.read();
        assertThat(shut.opening().open()).isFalse();
        assertThat(shut.next().step()).isEqualTo("choose");
        assertThat(shut.next().sentence()).contains("certified repairer");
        job.priced = true;
        assertThat(job.read().choice().orElseThrow().options())
                .filteredOn(ComparedOption::open)
                .extracting(ComparedOption::kind)
                .containsOnly(OptionKind.REPLACE);
        job.certificate = Optional.of("EX-17, valid to 2027-03-01");
        assertThat(job.read().opening().open()).isTrue();
        assertThat(job.read().next().step()).isEqualTo("teardown/parts");
        assertThat(job.read().choice().orElseThrow().options())
                .filteredOn(ComparedOption::open)
                .extracting(ComparedOption::kind)
                .contains(OptionKind.REWIND, OptionKind.REPLACE)
                .doesNotContain(OptionKind.RECONDITION);
    }

    @Test
    void aSkippedStationIsPassedOverWithItsReason() {
        Job job = new Job().received();
        job.routing = new Routing(
                Map.of(Station.BENCH, "shaft bound, goes straight to the table"),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        JobAssessment reading = job.read();
        assertThat(reading.next().station()).isEqualTo(Station.TEARDOWN);
        assertThat(reading.stations())
                .filteredOn(s -> s.skipped().isPresent())
                .singleElement()
                .satisfies(s -> assertThat(s.station()).isEqualTo(Station.BENCH));
        assertThat(reading.gate().state()).as("skipping a test opens no gate").isEqualTo(EnergiseGate.State.BLOCKED);
    }

    @Test
    void holdBackAndLeavingSpeakBeforeTheUsualOrder() {
        Job job = new Job().received();
        Routing.Back back = new Routing.Back(Station.RECEIVE, "plate misread");
        Routing.Hold hold = new Routing.Hold(Routing.WaitsFor.PARTS, "seal 45 × 62");
        job.routing = new Routing(Map.of(), Optional.of(back), Optional.empty(), Optional.empty());
        assertThat(job.read().next())
                .isEqualTo(new JobAssessment.Next("Back to Receive: plate misread", "receive", Station.RECEIVE));
        job.routing = new Routing(Map.of(), Optional.of(back), Optional.of(hold), Optional.empty());
        assertThat(job.read().next().sentence()).isEqualTo("Waits for parts: seal 45 × 62");
        job.routing = new Routing(Map.of(), Optional.of(back), Optional.of(hold), Optional.of("sent back as it was"));
        assertThat(job.read().next().sentence()).isEqualTo("Left the shop: sent back as it was");
    }

    /** A run with 10 A in two lines and so much in the third. */
    private static NoLoadRun run(double third) {
        return new NoLoadRun(
                29,
                15_000,
                400,
                4,
                List.of(10.0, 10.0, third),
                List.of(400.0, 400.0, 400.0),
                Optional.empty(),
                Optional.empty());
    }

    private static RecordedTest balance(double b, double at) {
        List<BalanceReadings.Position> positions = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            positions.add(new BalanceReadings.Position(45 * i, new BalanceReadings.Phases(10, b, 10)));
        }
        return Job.further(WindingTests.LOW_VOLTAGE_BALANCE, (new BalanceReadings(positions)), at);
    }

    private static RecordedTest ramp(double second, double at) {
        return Job.further(
                WindingTests.STEP_VOLTAGE,
                (new StepVoltageReadings(
                        List.of(new StepVoltageReadings.Rise(500, 1), new StepVoltageReadings.Rise(1000, second)))),
                at);
    }

    @Test
    void aStopOfAnyTestOfWindingOrCoreShutsTheGate() {
        Job job = new Job().received().safe().tested();
        assertThat(job.read().gate().state()).isEqualTo(EnergiseGate.State.TEST_POWER_ONLY);
        job.further = List.of(balance(9, NOW - 2500));
        JobAssessment reading = job.read();
        assertThat(reading.gate().state()).isEqualTo(EnergiseGate.State.BLOCKED);
        assertThat(reading.gate().holding().get(0).step()).isEqualTo("bench/balance");
        assertThat(codes(reading)).contains("balance-follows-winding");
        assertThat(reading.worst().verdict()).isEqualTo(Verdict.STOP);
        job.further = List.of(balance(10, NOW - 2500));
        assertThat(job.read().gate().state()).isEqualTo(EnergiseGate.State.TEST_POWER_ONLY);
        job.further = List.of(Job.further(
                OpenMotorTests.CORE_LOOP_RESULT,
                (new CoreLoopReading(100, 2000, Optional.empty(), 41, 40, Optional.empty())),
                NOW - 2500));
        assertThat(job.read().gate().state()).isEqualTo(EnergiseGate.State.BLOCKED);
    }

    @Test
    void aRunThatSaysStopLeavesTestPowerAndIsWeighed() {
        Job job = new Job().received().safe().tested();
        job.released = Optional.of(NOW - 400);
        job.further = List.of(Job.further(RunningTests.NO_LOAD_RUN, (run(14)), NOW - 100));
        assertThat(job.read().gate().holding())
                .extracting(EnergiseGate.Reason::step)
                .contains("bench/run");
        job.further = List.of(Job.further(RunningTests.NO_LOAD_RUN, (run(10.1)), NOW - 100));
        assertThat(codes(job.read())).contains("run-sound");
    }

    @Test
    void afterARampInsulationIsTestedOnceMore() {
        Job job = new Job().received().safe().tested();
        job.further = List.of(ramp(2, NOW - 1000));
        assertThat(job.read().gate().holding().get(0).sentence()).contains("before the last high voltage");
        job.insulation = job.insulation.map(t -> new Taken<>(t.input(), NOW - 500));
        assertThat(job.read().gate().state()).isEqualTo(EnergiseGate.State.TEST_POWER_ONLY);
    }

    @Test
    void whatDoesNotApplyIsNotAskedFor() {
        Job job = new Job().received();
        assertThat(job.steps())
                .contains("bench/balance", "bench/surge", "bench/run")
                .doesNotContain("teardown/core-loop");
        job.plate = Optional.of(Plates.plate(Map.of("phases", "1")));
        assertThat(job.steps())
                .contains("bench/insulation")
                .doesNotContain("bench/balance", "bench/surge", "bench/run");
        job.worked(Work.OPENED, NOW - 10);
        assertThat(job.steps()).contains("teardown/core-loop");
    }

    private static Judgement insulation(JobAssessment reading) {
        return reading.tests()
                .standing(WindingTests.INSULATION_RESISTANCE, 1)
                .map(JudgedTest::effective)
                .orElseThrow();
    }
}
