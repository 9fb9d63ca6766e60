package app.brasskettle.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.instruments.Faults;
import app.brasskettle.core.instruments.MotorFault;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.jobs.Job.Taken;
import app.brasskettle.core.nameplate.Plates;
import app.brasskettle.core.protection.ProtectorReadings;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.testkind.InstrumentKind;
import app.brasskettle.core.testrecord.InstrumentUsed;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.Overruling;
import app.brasskettle.core.testrecord.RecordedTest;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.Work;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The tests that fit a machine, their order, and what releases, overrules and holds it. */
class BenchOrderTest {

    private static final double NOW = Job.NOW;

    private static Job ready() {
        Job job = new Job().received().safe().tested().surged();
        job.insulation = job.insulation.map(t -> new Taken<>(t.input(), NOW - 500));
        return job;
    }

    private static Job twoSpeed() {
        Job job = new Job().received().safe();
        job.plate = Optional.of(Plates.plate(Map.of(
                "further",
                List.of(Map.of(
                        "frequencyHz", "50",
                        "ratedPowerW", "9 kW",
                        "ratedVoltageV", "400",
                        "ratedCurrentA", "20",
                        "ratedSpeedRpm", "965",
                        "connection", "delta")))));
        return job;
    }

    private static Job singlePhase(MotorFault... faults) {
        Job job = new Job().received().safe();
        job.plate = Optional.of(Plates.plate(Map.of("phases", "1", "connection", "unknown", "ratedVoltageV", "230")));
        job.further = List.of(windings(faults));
        return job;
    }

    private static RecordedTest windings(MotorFault... faults) {
        SimulatedMotor motor = new SimulatedMotor(
                new SimulatedMotor.Rating(1, 230, 750, 50, 4, Connection.UNKNOWN), 22, Faults.of(faults), 2);
        return Job.further(WindingTests.SINGLE_PHASE_WINDINGS, (motor.starting().windings()), NOW - 3000);
    }

    private static List<String> bench(Job job) {
        return job.steps().stream().filter(s -> s.startsWith("bench/")).toList();
    }

    @Test
    void aThreePhaseMotorIsTestedInTheSafeOrder() {
        assertThat(bench(new Job().received()))
                .containsExactly(
                        "bench/dead",
                        "bench/leads",
                        "bench/resistance",
                        "bench/insulation",
                        "bench/balance",
                        "bench/step-voltage",
                        "bench/surge",
                        "bench/surge-rise",
                        "bench/release",
                        "bench/start",
                        "bench/run");
    }

    @Test
    void eachSpeedOfATwoSpeedMotorHasTestsOfItsOwn() {
        Job job = twoSpeed();
        assertThat(bench(job))
                .contains("bench/resistance/2", "bench/balance/2", "bench/surge/2", "bench/run/2")
                .doesNotContain("bench/insulation/2");
        List<String> names = job.read().stations().stream()
                .flatMap(s -> s.steps().stream())
                .map(JobAssessment.StepAssessment::name)
                .toList();
        assertThat(names).contains("Winding resistance, 1460 Y", "Winding resistance, 965 Δ");
        job.tested();
        assertThat(job.next().step()).isEqualTo("bench/resistance/2");
    }

    @Test
    void aSinglePhaseMotorIsAskedForItsWindingsAndItsStartingGear() {
        Job job = singlePhase();
        assertThat(bench(job))
                .containsSubsequence("bench/windings", "bench/insulation", "bench/release", "bench/gear")
                .doesNotContain("bench/resistance", "bench/surge", "bench/balance", "bench/run");
        job.further = List.of();
        assertThat(job.next().step()).isEqualTo("bench/windings");
    }

    @Test
    void whatIsReadOnTheRunningMotorIsOfferedOnceItMayRun() {
        Job job = ready();
        assertThat(job.steps()).doesNotContain("bench/vibration", "bench/watch");
        job.released = Optional.of(NOW - 100);
        assertThat(job.read().gate().state()).isEqualTo(EnergiseGate.State.PERMITTED);
        assertThat(job.steps()).contains("bench/vibration", "bench/watch", "bench/rotor", "bench/rolled-leads");
    }

    @Test
    void aDriveBringsShaftVoltageAndAProtectorItsTest() {
        Job job = new Job().received();
        job.arrival = Optional.of(TypedInput.read(
                        Arrival.class,
                        Map.of(
                                "shaft", "free",
                                "signs", List.of(),
                                "auxiliaries", List.of(),
                                "circumstances", Map.of("feed", "drive")))
                .input());
        assertThat(job.steps()).contains("bench/shaft-voltage", "bench/bearing-insulation");
        job.plate = Optional.of(Plates.plate(Map.of("details", Map.of("protector", "thermistors", "leads", "3"))));
        assertThat(job.steps()).contains("bench/protector").doesNotContain("bench/leads");
    }

    /** A release is good for a working day of sixteen hours, and no longer than until somebody works on the motor. */
    @ParameterizedTest
    @CsvSource({"100, PERMITTED", "57599, PERMITTED", "57601, TEST_POWER_ONLY"})
    void aReleaseLastsAWorkingDay(double ago, EnergiseGate.State state) {
        Job job = ready();
        job.released = Optional.of(NOW - ago);
        assertThat(job.read().gate().state()).isEqualTo(state);
    }

    @Test
    void workOnTheMotorEndsTheRelease() {
        Job job = ready();
        job.released = Optional.of(NOW - 300);
        job.worked(Work.OPENED, NOW - 200);
        assertThat(job.read().gate().holding())
                .extracting(EnergiseGate.Reason::code)
                .contains("not-released");
    }

    @Test
    void anOpenSinglePhaseWindingIsNobodysToOpenTheGateAgainst() {
        EnergiseGate gate = singlePhase(MotorFault.OPEN_PROTECTOR).read().gate();
        assertThat(gate.holding())
                .filteredOn(r -> r.code().equals("open-circuit"))
                .noneMatch(EnergiseGate.Reason::waivable)
                .hasSize(1);
        assertThat(singlePhase().read().gate().holding())
                .extracting(EnergiseGate.Reason::code)
                .doesNotContain("open-circuit", "resistance");
    }

    @Test
    void aProtectorSeenOpenShutsUntilSomethingStandsIn() {
        Job job = ready();
        job.released = Optional.of(NOW - 100);
        job.added = List.of(Evidence.PROTECTOR_OPEN);
        assertThat(job.read().gate().state()).isEqualTo(EnergiseGate.State.BLOCKED);
        job.further = List.of(protector(Optional.empty()));
        assertThat(job.read().gate().state()).isEqualTo(EnergiseGate.State.BLOCKED);
        job.further = List.of(protector(Optional.of("thermistor relay in the panel")));
        assertThat(job.read().gate().state()).isEqualTo(EnergiseGate.State.PERMITTED);
    }

    private static RecordedTest protector(Optional<String> standIn) {
        return Job.further(
                WindingTests.PROTECTOR,
                (new ProtectorReadings(
                        ProtectorReadings.Kind.AUTOMATIC,
                        ProtectorReadings.State.OPEN,
                        Optional.empty(),
                        standIn,
                        Optional.of(true))),
                NOW - 50);
    }

    private static Overruling overruled(Verdict verdict) {
        return new Overruling("bench/surge", NOW - 1000, verdict, "I. Dalby", "traces laid over those of 2024");
    }

    /** An overruling is told everywhere; it can shut the gate and never opens it. */
    @Test
    void anOverrulingIsToldAndNeverOpensTheGate() {
        Job bad = ready().surged(false, MotorFault.TURN_SHORT);
        bad.overrulings = List.of(overruled(Verdict.HOLDS));
        JobAssessment reading = bad.read();
        assertThat(verdict(reading, "bench/surge")).isEqualTo(Verdict.HOLDS);
        assertThat(reading.gate().state()).isEqualTo(EnergiseGate.State.BLOCKED);
        Job good = ready();
        good.released = Optional.of(NOW - 100);
        good.overrulings = List.of(overruled(Verdict.STOP));
        assertThat(good.read().gate().state()).isEqualTo(EnergiseGate.State.BLOCKED);
        assertThat(good.read().worst().because()).contains("Holds by its limits; overruled by I. Dalby");
    }

    @Test
    void anOverrulingBelongsToTheTestAsTaken() {
        Job job = ready();
        job.overrulings = List.of(new Overruling("bench/surge", NOW - 1500, Verdict.STOP, "I. Dalby", "old traces"));
        assertThat(verdict(job.read(), "bench/surge")).isEqualTo(Verdict.HOLDS);
    }

    /** An instrument out of calibration proves nothing sound; what it calls Stop keeps the motor off power all the same. */
    @Test
    void aReadingByAnOverdueInstrumentIsUnproven() {
        Job job = ready();
        job.released = Optional.of(NOW - 100);
        job.instruments.put(WindingTests.INSULATION_RESISTANCE, overdue("tester 2", InstrumentKind.INSULATION_TESTER));
        JobAssessment reading = job.read();
        assertThat(verdict(reading, "bench/insulation")).isEqualTo(Verdict.UNPROVEN);
        assertThat(insulation(reading).headline()).contains("tester 2 ran out 2026-10-01");
        assertThat(reading.gate().state()).isEqualTo(EnergiseGate.State.BLOCKED);
        Job bad = ready().surged(false, MotorFault.TURN_SHORT);
        bad.instruments.put(WindingTests.SURGE_COMPARISON, overdue("surge set", InstrumentKind.SURGE_SET));
        assertThat(bad.read().gate().holding())
                .filteredOn(r -> r.code().equals("turn-short"))
                .noneMatch(EnergiseGate.Reason::waivable)
                .hasSize(1);
    }

    private static InstrumentUsed overdue(String name, InstrumentKind kind) {
        return new InstrumentUsed(name, Optional.of(kind), true, "2026-10-01");
    }

    private static Verdict verdict(JobAssessment reading, String step) {
        return reading.stations().stream()
                .flatMap(s -> s.steps().stream())
                .filter(s -> s.step().equals(step))
                .findFirst()
                .orElseThrow()
                .verdict();
    }

    private static Judgement insulation(JobAssessment reading) {
        return reading.tests()
                .standing(WindingTests.INSULATION_RESISTANCE, 1)
                .map(JudgedTest::effective)
                .orElseThrow();
    }
}
