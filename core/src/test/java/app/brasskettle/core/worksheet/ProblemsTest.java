package app.brasskettle.core.worksheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ProblemsTest {

    private static final List<String> STEPS = List.of("a", "ab", "b", "a[0]", "a[1]", "a[10]");

    private static String path(Random random) {
        return IntStream.rangeClosed(0, random.nextInt(3))
                .mapToObj(i -> STEPS.get(random.nextInt(STEPS.size())))
                .collect(Collectors.joining("."));
    }

    private static boolean holds(String outer, String inner) {
        return inner.startsWith(outer + ".") || inner.startsWith(outer + "[");
    }

    /** Held against the plain reading of the words: look at every path that is blamed. */
    @Test
    void whatIsClearIsWhatNoBlamedPathTouches() {
        Random random = new Random(20260101);
        for (int round = 0; round < 2000; round++) {
            Problems problems = new Problems();
            List<String> blamed = new ArrayList<>();
            for (int i = random.nextInt(6); i > 0; i--) {
                String field = path(random);
                blamed.add(field);
                problems.add(field, Problem.Code.RANGE, field);
            }
            String asked = path(random);
            boolean inside = blamed.stream().anyMatch(b -> b.equals(asked) || holds(asked, b));
            boolean around = blamed.stream().anyMatch(b -> holds(b, asked));
            assertThat(problems.clear(asked)).as("%s of %s", asked, blamed).isEqualTo(!inside);
            assertThat(problems.untouched(asked)).as("%s of %s", asked, blamed).isEqualTo(!inside && !around);
        }
    }

    @Test
    void tellsAHundredAndHowManyMore() {
        Problems problems = new Problems();
        for (int i = 0; i < 250; i++) {
            problems.add("f" + i, Problem.Code.RANGE, "f" + i + " is wrong");
        }

        assertThat(problems.all()).hasSize(Problems.TOLD + 1);
        assertThat(problems.all().get(Problems.TOLD).message()).isEqualTo("and 150 more");
        assertThat(problems.count()).isEqualTo(250);
        assertThat(problems.clear("f249")).as("not told, but known").isFalse();
    }

    record OneField(double lengthM) {}

    /** Five thousand million comparisons, and minutes, if each problem were held against every other. */
    @Test
    void aHundredThousandUnknownFieldsAreReadInOnePass() {
        Map<String, Object> tree =
                IntStream.range(0, 100_000).boxed().collect(Collectors.toMap(i -> "unknown" + i, i -> i));

        List<Problem> problems = Refusals.of(() -> RecordReader.read(OneField.class, tree));

        assertThat(problems).hasSize(Problems.TOLD + 1);
        assertThat(problems.get(Problems.TOLD).message()).isEqualTo("and 99901 more");
    }
}
