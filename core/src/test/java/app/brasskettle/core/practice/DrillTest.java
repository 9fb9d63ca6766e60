package app.brasskettle.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.teardown.GroupState;
import java.util.HashSet;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class DrillTest {

    @ParameterizedTest
    @EnumSource(Drill.class)
    void aSeedIsOneQuestionAndSeedsAreMany(Drill drill) {
        Set<Drill.Question> questions = new HashSet<>();
        for (long seed = 0; seed < 40; seed++) {
            assertThat(drill.question(seed)).isEqualTo(drill.question(seed));
            questions.add(drill.question(seed));
            assertThat(drill.answer(seed, "nonsense").right()).isFalse();
        }
        assertThat(questions).hasSizeGreaterThan(5);
    }

    /** Exactly one of the choices is right. */
    @ParameterizedTest
    @EnumSource(
            value = Drill.class,
            names = {"PATTERN", "TEST_VOLTAGE", "PLATE"})
    void oneChoiceIsRight(Drill drill) {
        for (long seed = 0; seed < 40; seed++) {
            long s = seed;
            assertThat(drill.question(seed).choices())
                    .filteredOn(c -> drill.answer(s, c.code()).right())
                    .hasSize(1);
        }
    }

    @Test
    void asManyWiresAsAreDrawn() {
        for (long seed = 0; seed < 40; seed++) {
            Drill.Question q = Drill.COUNT.question(seed);
            assertThat(Drill.COUNT.answer(seed, " " + q.dots().size() + " ").right())
                    .isTrue();
            assertThat(q.dots()).allMatch(d -> d.x() >= 0 && d.x() <= 1 && d.y() >= 0 && d.y() <= 1);
        }
    }

    /** The span is what leads from the first slot to the other, round the end of the stator where it must. */
    @Test
    void theSpanLeadsFromSideToSide() {
        Pattern figures = Pattern.compile("of (\\d+) slots.*slot (\\d+), the other in slot (\\d+),");
        for (long seed = 0; seed < 60; seed++) {
            Matcher m = figures.matcher(Drill.SPAN.question(seed).ask());
            assertThat(m.find()).isTrue();
            int slots = Integer.parseInt(m.group(1));
            int span = Math.floorMod(Integer.parseInt(m.group(3)) - Integer.parseInt(m.group(2)), slots);
            assertThat(Drill.SPAN.answer(seed, String.valueOf(span)).right())
                    .as("seed %d", seed)
                    .isTrue();
        }
    }

    /** In a wye the odd phase stays bright, in a delta it burns: a third of the groups either way. */
    @Test
    void aLostLineBurnsTwoPhasesOfAWyeAndOneOfADelta() {
        int seen = 0;
        for (long seed = 0; seed < 200; seed++) {
            if (!Drill.PATTERN.answer(seed, "lost").right()) {
                continue;
            }
            seen++;
            Drill.Question q = Drill.PATTERN.question(seed);
            long dark = q.groups().stream().filter(g -> g == GroupState.DARK).count();
            assertThat(dark).isEqualTo(q.ask().contains("wye") ? 8 : 4);
        }
        assertThat(seen).isGreaterThan(10);
    }
}
