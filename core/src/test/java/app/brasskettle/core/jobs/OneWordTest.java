package app.brasskettle.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.choice.ChoiceAssessment;
import app.brasskettle.core.choice.ComparedOption;
import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.nameplate.Plates;
import app.brasskettle.core.testkind.InstrumentKind;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.InstrumentUsed;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.testrecord.Overruling;
import app.brasskettle.core.testrecord.RecordedTest;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.TestGroup;
import app.brasskettle.core.work.Work;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every kind of test with every modifier: whoever reads the job hears the same word of it. */
class OneWordTest {

    private static final double TAKEN = Job.NOW - 2000;

    /** What can become of a test. */
    private enum Modifier {
        NONE,
        OUT_OF_CALIBRATION,
        WRONG_INSTRUMENT,
        TESTER_NOT_PROVED,
        AT_NO_VOLTAGE,
        AT_ANOTHER_VOLTAGE,
        WASHED_SINCE,
        REWOUND_SINCE,
        OTHER_PLATE,
        FROM_A_FILE,
        SIMULATED,
        OVERRULED_TO_STOP,
        OVERRULED_TO_HOLDS
    }

    static Stream<Arguments> everything() {
        return TestKinds.all().stream()
                .filter(k -> k != WindingTests.TESTER_PROOF)
                .flatMap(k -> Stream.of(Modifier.values()).map(m -> Arguments.of(k, m)));
    }

    private static Job job(TestKind kind, Modifier modifier) {
        Job job = new Job().received().safe();
        if (kind.phases().filter(n -> n == 1).isPresent()) {
            job.plate =
                    Optional.of(Plates.plate(Map.of("phases", "1", "connection", "unknown", "ratedVoltageV", "230")));
        }
        Optional<Double> volts = SampleReadings.volts(kind);
        Origin origin = Origin.HERE;
        Optional<InstrumentUsed> instrument = Optional.empty();
        switch (modifier) {
            case OUT_OF_CALIBRATION -> instrument = Optional.of(instrument(kind, true));
            case WRONG_INSTRUMENT ->
                instrument =
                        Optional.of(new InstrumentUsed("odd one", Optional.of(stranger(kind)), false, "2027-01-01"));
            case TESTER_NOT_PROVED -> job.proof = Optional.empty();
            case AT_NO_VOLTAGE -> volts = Optional.empty();
            case AT_ANOTHER_VOLTAGE -> volts = volts.map(v -> v / 10);
            case WASHED_SINCE -> job.worked(Work.WASHED, TAKEN + 100);
            case REWOUND_SINCE -> job.worked(Work.REWOUND, TAKEN + 100);
            case OTHER_PLATE ->
                job.plate = Optional.of(Plates.plate(
                        Map.of("phases", kind.phases().filter(n -> n == 1).isPresent() ? "3" : "1")));
            case FROM_A_FILE -> origin = Origin.FILE;
            case SIMULATED -> origin = Origin.SIMULATED;
            case OVERRULED_TO_STOP -> job.overrulings = List.of(overruling(kind, Verdict.STOP));
            case OVERRULED_TO_HOLDS -> job.overrulings = List.of(overruling(kind, Verdict.HOLDS));
            default -> {}
        }
        job.further = List.of(new RecordedTest(
                kind,
                1,
                SampleReadings.of(kind),
                Optional.empty(),
                TAKEN,
                "M. Orre",
                volts,
                instrument,
                origin,
                "",
                Optional.empty()));
        job.priced = true;
        return job;
    }

    private static Overruling overruling(TestKind kind, Verdict word) {
        return new Overruling(kind.step(1), TAKEN, word, "I. Dalby", "seen it before");
    }

    private static InstrumentUsed instrument(TestKind kind, boolean overdue) {
        return new InstrumentUsed("number 4", kind.instruments().stream().findFirst(), overdue, "2026-01-01");
    }

    private static InstrumentKind stranger(TestKind kind) {
        Set<InstrumentKind> others = EnumSet.allOf(InstrumentKind.class);
        others.removeAll(kind.instruments());
        return others.iterator().next();
    }

    @ParameterizedTest
    @MethodSource("everything")
    void everyReaderSaysTheSameWord(TestKind kind, Modifier modifier) {
        Job job = job(kind, modifier);
        JobAssessment reading = job.read();
        JudgedTest test = reading.tests().standing(kind, 1).orElseThrow();
        Verdict word = test.verdict();
        Optional<JobAssessment.StepAssessment> step = reading.stations().stream()
                .flatMap(s -> s.steps().stream())
                .filter(s -> s.step().equals(kind.step(1)))
                .findFirst();
        step.filter(JobAssessment.StepAssessment::done)
                .ifPresent(s -> assertThat(s.verdict()).as("station list").isEqualTo(word));
        if (step.filter(s -> !s.done()).isPresent()) {
            assertThat(test.current())
                    .as("an open step has no test of this motor")
                    .isFalse();
        }
        if (word == Verdict.UNPROVEN
                && !Set.of(Modifier.WASHED_SINCE, Modifier.REWOUND_SINCE).contains(modifier)) {
            assertThat(test.evidence()).as("what is unproven is no evidence").isEmpty();
            assertThat(reading.evidence()).noneMatch(p -> p.step().equals(kind.step(1)));
        }
        if (word != Verdict.HOLDS || !test.current() || !test.proves()) {
            assertThat(reading.gate().state()).isNotEqualTo(EnergiseGate.State.PERMITTED);
        }
        ChoiceAssessment choice = reading.choice().orElseThrow();
        if (word == Verdict.UNPROVEN && kind == WindingTests.INSULATION_RESISTANCE) {
            assertThat(option(choice, OptionKind.REWIND).reason()).contains("insulation");
        }
        if (word == Verdict.UNPROVEN && kind == WindingTests.SURGE_COMPARISON) {
            assertThat(option(choice, OptionKind.RECONDITION).open()).isTrue();
            assertThat(option(choice, OptionKind.RECONDITION).reason()).contains("surge");
        }
        if (word == Verdict.STOP && kind == WindingTests.SURGE_COMPARISON && test.current()) {
            assertThat(option(choice, OptionKind.RECONDITION).open()).isFalse();
        }
    }

    private static ComparedOption option(ChoiceAssessment choice, OptionKind kind) {
        return choice.options().stream()
                .filter(o -> o.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    static Stream<TestKind> ofTheMotor() {
        return TestKinds.all().stream().filter(k -> !k.checksTester());
    }

    /** What casts doubt on a reading makes it Unproven, whatever anybody writes over it; a note alone does not. */
    @ParameterizedTest
    @MethodSource("ofTheMotor")
    void whatCastsDoubtMakesItUnproven(TestKind kind) {
        assertThat(word(kind, Modifier.NONE)).as("the sample is sound").isEqualTo(Verdict.HOLDS);
        if (!kind.instruments().isEmpty()) {
            assertThat(word(kind, Modifier.OUT_OF_CALIBRATION)).isEqualTo(Verdict.UNPROVEN);
            assertThat(word(kind, Modifier.WRONG_INSTRUMENT)).isEqualTo(Verdict.UNPROVEN);
            Job job = job(kind, Modifier.OUT_OF_CALIBRATION);
            job.overrulings = List.of(overruling(kind, Verdict.HOLDS));
            assertThat(job.read().tests().standing(kind, 1).orElseThrow().verdict())
                    .as("overruling does not calibrate an instrument")
                    .isEqualTo(Verdict.UNPROVEN);
        }
        if (kind.group() == TestGroup.INSULATION) {
            assertThat(word(kind, Modifier.TESTER_NOT_PROVED)).isEqualTo(Verdict.UNPROVEN);
        }
        if (kind.notesVoltage()) {
            assertThat(word(kind, Modifier.AT_NO_VOLTAGE)).isEqualTo(Verdict.UNPROVEN);
            assertThat(word(kind, Modifier.AT_ANOTHER_VOLTAGE)).isEqualTo(Verdict.UNPROVEN);
        }
        if (kind.phases().isPresent()) {
            assertThat(word(kind, Modifier.OTHER_PLATE)).isEqualTo(Verdict.UNPROVEN);
        }
        boolean harmed = Work.WASHED.harms().contains(kind.group());
        assertThat(word(kind, Modifier.WASHED_SINCE)).isEqualTo(harmed ? Verdict.UNPROVEN : Verdict.HOLDS);
        assertThat(word(kind, Modifier.OVERRULED_TO_STOP)).isEqualTo(Verdict.STOP);
        assertThat(word(kind, Modifier.FROM_A_FILE)).isEqualTo(Verdict.HOLDS);
    }

    private static Verdict word(TestKind kind, Modifier modifier) {
        return job(kind, modifier)
                .read()
                .tests()
                .standing(kind, 1)
                .orElseThrow()
                .verdict();
    }

    /** The table of staleness, row by row: what a work harms is Unproven after it unless it stopped, which stays a Stop. */
    @ParameterizedTest
    @EnumSource(Work.class)
    void workMakesStaleWhatItCanHarm(Work work) {
        for (TestKind kind : TestKinds.all()) {
            if (kind == WindingTests.TESTER_PROOF) {
                continue;
            }
            Job job = job(kind, Modifier.NONE);
            job.worked(work, TAKEN + 100);
            JudgedTest test = job.read().tests().standing(kind, 1).orElseThrow();
            boolean ofWinding = Set.of(TestGroup.INSULATION, TestGroup.COPPER, TestGroup.TURNS, TestGroup.PROOF)
                    .contains(kind.group());
            if (work.startsNewWinding() && ofWinding) {
                assertThat(test.current())
                        .as(kind + " belongs to the old winding")
                        .isFalse();
            } else {
                boolean touched = work.harms().contains(kind.group());
                assertThat(test.verdict())
                        .as(kind + " after being " + work.label())
                        .isEqualTo(touched ? Verdict.UNPROVEN : Verdict.HOLDS);
            }
        }
    }

    @Test
    void eachWorkSaysWhyAndBySourceAndTouchesSomething() {
        List<String> reasons = new ArrayList<>();
        for (Work work : Work.values()) {
            assertThat(work.why()).isNotBlank();
            assertThat(work.source()).isNotBlank();
            assertThat(work.harms()).isNotEmpty();
            reasons.add(work.label());
        }
        assertThat(reasons).doesNotHaveDuplicates();
    }
}
