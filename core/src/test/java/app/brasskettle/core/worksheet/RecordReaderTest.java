package app.brasskettle.core.worksheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class RecordReaderTest {

    enum Colour implements Coded {
        PALE_RED,
        BLUE
    }

    record Inner(double lengthM) {
        Inner {
            Problems problems = new Problems();
            problems.positive("lengthM", lengthM, "m");
            problems.throwIfAny();
        }
    }

    record Outer(
            int count,
            double massKg,
            boolean flag,
            String name,
            Colour colour,
            Optional<Double> extra,
            List<Inner> parts,
            Samples trace) {
        Outer {
            parts = Problems.copy(parts);
            Problems problems = new Problems();
            problems.whole("count", count, 1, 10, "");
            problems.positive("massKg", massKg, "kg");
            problems.name("name", name);
            problems.present("colour", colour);
            problems.size("parts", parts, 1, 3);
            problems.present("trace", trace);
            problems.throwIfAny();
        }
    }

    private static Map<String, Object> sound() {
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("count", 4.0);
        tree.put("massKg", 2);
        tree.put("flag", true);
        tree.put("name", "n");
        tree.put("colour", "pale-red");
        tree.put("extra", null);
        tree.put("parts", List.of(Map.of("lengthM", 1)));
        tree.put("trace", List.of(1, -2.5));
        return tree;
    }

    private static List<Problem> refused(String field, Object value) {
        Map<String, Object> tree = sound();
        tree.put(field, value);
        return Refusals.of(() -> RecordReader.read(Outer.class, tree));
    }

    @Test
    void readsNumbersWordsListsAndRecords() {
        Outer read = RecordReader.read(Outer.class, sound());
        assertThat(read.count()).isEqualTo(4);
        assertThat(read.colour()).isEqualTo(Colour.PALE_RED);
        assertThat(read.extra()).isEmpty();
        assertThat(read.parts()).containsExactly(new Inner(1));
        assertThat(read.trace()).isEqualTo(Samples.of(1, -2.5));
    }

    @Test
    void namesEveryProblemAtOnceAndNoneTwice() {
        Map<String, Object> tree = sound();
        tree.put("count", 99);
        tree.put("massKg", "heavy");
        tree.put("colour", "green");
        tree.put("parts", List.of(Map.of("lengthM", -1), Map.of("lengthM", 2, "widthM", 3)));
        tree.put("surplus", 1);
        tree.remove("name");
        assertThat(Refusals.fields(() -> RecordReader.read(Outer.class, tree)))
                .containsExactlyInAnyOrder(
                        "count", "massKg", "colour", "parts[0].lengthM", "parts[1].widthM", "surplus", "name");
    }

    @Test
    void tellsKindsOfFaultApart() {
        assertThat(refused("count", 2.5)).extracting(Problem::code).containsExactly(Problem.Code.TYPE);
        assertThat(refused("count", "2")).extracting(Problem::code).containsExactly(Problem.Code.TYPE);
        assertThat(refused("count", 11)).extracting(Problem::code).containsExactly(Problem.Code.RANGE);
        assertThat(refused("colour", "green")).extracting(Problem::code).containsExactly(Problem.Code.WORD);
        assertThat(refused("flag", null)).extracting(Problem::code).containsExactly(Problem.Code.MISSING);
        assertThat(refused("nothing", 1)).extracting(Problem::code).containsExactly(Problem.Code.UNKNOWN);
        assertThat(refused("parts", List.of())).extracting(Problem::code).containsExactly(Problem.Code.COUNT);
        assertThat(refused("parts", Arrays.asList((Object) null)))
                .extracting(Problem::field)
                .containsExactly("parts[0]");
        assertThat(refused("trace", List.of(1, "x"))).extracting(Problem::field).containsExactly("trace[1]");
    }

    @Test
    void refusesSizesNoShopMeets() {
        assertThat(refused("massKg", 1e13)).extracting(Problem::code).containsExactly(Problem.Code.RANGE);
        assertThat(refused("massKg", 1e-13)).extracting(Problem::code).containsExactly(Problem.Code.RANGE);
        assertThat(refused("massKg", new BigDecimal("1e-400")))
                .as("a figure too small for a double is not taken for zero")
                .extracting(Problem::code)
                .containsExactly(Problem.Code.RANGE);
        assertThat(refused("count", 1e11)).extracting(Problem::code).containsExactly(Problem.Code.RANGE);
    }

    @Test
    void messagesNameFieldValueBoundAndUnit() {
        assertThat(refused("massKg", -2.5).get(0).message()).contains("massKg", "-2.5", "above 0 kg");
        assertThat(refused("colour", "green").get(0).message()).contains("colour", "green", "pale-red, blue");
    }

    @Test
    void samplesKeepWhatTheyWereGiven() {
        double[] given = {1, 2};
        Samples samples = Samples.of(given);
        given[0] = 9;
        assertThat(samples.at(0)).isEqualTo(1);
        assertThat(samples.peak()).isEqualTo(2);
        assertThat(samples.over(2)).isEqualTo(Samples.of(0.5, 1)).hasSameHashCodeAs(Samples.of(0.5, 1));
        assertThat(Samples.of().peak()).isZero();
    }
}
