package app.brasskettle.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.work.Remedy;
import app.brasskettle.core.work.Work;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What answers a breakdown and what only looks as if it did: order, level, origin and kind of each answer. */
class BreakdownAnswersTest {

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

    private static Story broken() {
        return Story.sound()
                .test(WindingTests.WITHSTAND_RECORD, Story.withstand("in-service", 1700, true), Optional.empty());
    }

    private static Story stands(Story story, double volts) {
        return story.test(
                WindingTests.WITHSTAND_RECORD, Story.withstand("reconditioned", volts, false), Optional.empty());
    }

    /** A repair after the breakdown, and after the repair the same test at its level: in any other order nothing is answered. */
    @Test
    void aBreakdownIsAnsweredInOneOrderOnly() {
        assertThat(codes(stands(broken().repair(Remedy.COIL, "group 5"), 1700))).doesNotContain("breakdown");
        assertThat(codes(stands(broken(), 1700).repair(Remedy.COIL, "group 5")))
                .as("tested, then repaired")
                .contains("breakdown");
        Story before = Story.sound().repair(Remedy.COIL, "group 5");
        before.test(WindingTests.WITHSTAND_RECORD, Story.withstand("reconditioned", 1700, true), Optional.empty());
        assertThat(codes(stands(before, 1700)))
                .as("repaired before it broke down")
                .contains("breakdown");
        assertThat(codes(stands(broken().work(Work.MACHINED), 1700)))
                .as("work that mends no winding")
                .contains("breakdown");
    }

    @Test
    void aBreakdownIsNotAnsweredByAReadingThatProvesNothing() {
        for (Origin origin : List.of(Origin.SIMULATED, Origin.FILE, Origin.TAKEN_BEFORE)) {
            Story story = broken().repair(Remedy.COIL, "group 5");
            story.record(
                    WindingTests.WITHSTAND_RECORD,
                    Story.withstand("reconditioned", 1700, false),
                    Optional.empty(),
                    origin);
            assertThat(codes(story)).as(origin.name()).contains("breakdown");
        }
        Story again = broken().repair(Remedy.COIL, "group 5");
        again.test(WindingTests.WITHSTAND_RECORD, Story.withstand("reconditioned", 1800, true), Optional.empty());
        assertThat(codes(again)).as("it broke down again, higher").contains("breakdown");
        Story both = stands(broken().repair(Remedy.COIL, "group 5"), 1700);
        both.test(WindingTests.WITHSTAND_RECORD, Story.withstand("reconditioned", 1900, true), Optional.empty());
        assertThat(codes(both)).as("the later one is not answered").contains("breakdown");
    }

    /** Both repeats are at a level that proves a reconditioned winding; only the one at the breakdown's own level answers it. */
    @ParameterizedTest
    @CsvSource({"2400, true", "2390, false", "1800, false"})
    void aBreakdownIsNotAnsweredByAGentlerTestThatProvesSomething(double volts, boolean answered) {
        Story story = Story.sound()
                .test(WindingTests.WITHSTAND_RECORD, Story.withstand("in-service", 2400, true), Optional.empty())
                .repair(Remedy.COIL, "group 5");
        assertThat(codes(stands(story, volts)).contains("breakdown")).isEqualTo(!answered);
        assertThat(story.read()
                        .tests()
                        .current(WindingTests.WITHSTAND_RECORD, 1)
                        .orElseThrow()
                        .proves())
                .isTrue();
    }

    /** A breakdown at a voltage that proves nothing of a winding is not answered by the same voltage once more. */
    @Test
    void aBreakdownAtATrifleIsAnsweredByAProof() {
        Story story = Story.sound()
                .test(WindingTests.WITHSTAND_RECORD, Story.withstand("in-service", 600, true), Optional.empty())
                .repair(Remedy.COIL, "group 5");
        assertThat(codes(stands(story, 600))).contains("breakdown");
        assertThat(codes(stands(story, 1700))).doesNotContain("breakdown");
    }

    @Test
    void risingPulsesThatLetGoAreAnsweredByPulsesAsHigh() {
        Story story = Story.sound().pulses(9000, 9000, 9900).repair(Remedy.COIL, "group 5");
        assertThat(codes(story)).contains("breakdown");
        assertThat(codes(story.pulses(9000))).as("one pulse says nothing").contains("breakdown");
        assertThat(codes(story.pulses(9000, 9000, 9000))).doesNotContain("breakdown");
        Story shorted = Story.sound().pulsesApart().repair(Remedy.COIL, "group 5");
        assertThat(codes(shorted)).as("shorted from the first pulse").contains("breakdown");
        assertThat(codes(shorted.pulses(9000, 9000)))
                .as("lower than it was given")
                .contains("breakdown");
        assertThat(codes(shorted.pulses(9000, 9000, 9000))).doesNotContain("breakdown");
    }

    @Test
    void aBreakdownBelongsToItsWindingAndNamesItsTest() {
        assertThat(sentence(broken(), "breakdown")).startsWith("Withstand: ");
        assertThat(codes(broken().work(Work.REWOUND))).doesNotContain("breakdown");
    }

    private static Map<String, Object> steps(double first, double top, double last) {
        return Map.of(
                "steps",
                List.of(
                        Map.of("voltageV", first, "microamp", 1),
                        Map.of("voltageV", (first + top) / 2, "microamp", 2),
                        Map.of("voltageV", top, "microamp", last)));
    }

    /** Steps that let go at 2000 V are answered by steps to 2000 V and not by steps to 1900. */
    @ParameterizedTest
    @CsvSource({"2000, true", "1900, false"})
    void stepsThatLetGoAreAnsweredAtTheirTop(double top, boolean answered) {
        Story story = Story.sound()
                .test(WindingTests.STEP_VOLTAGE, steps(500, 2000, 90), Optional.empty())
                .repair(Remedy.COIL, "group 5");
        assertThat(codes(story)).contains("breakdown");
        story.test(WindingTests.STEP_VOLTAGE, steps(500, top, 3), Optional.empty());
        assertThat(codes(story).contains("breakdown")).isEqualTo(!answered);
    }

    /** What answers something comes after it: at the very same moment it is no answer. */
    @Test
    void anAnswerAtTheSameMomentIsNone() {
        assertThat(codes(stands(broken().atOnce().repair(Remedy.COIL, "group 5"), 1700)))
                .as("repaired as it broke down")
                .contains("breakdown");
        assertThat(codes(stands(broken().repair(Remedy.COIL, "group 5").atOnce(), 1700)))
                .as("tested as it was repaired")
                .contains("breakdown");
    }
}
