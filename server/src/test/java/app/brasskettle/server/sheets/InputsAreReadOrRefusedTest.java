package app.brasskettle.server.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.core.worksheet.Samples;
import app.brasskettle.core.worksheet.Triangular;
import app.brasskettle.core.worksheet.Worksheet;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whatever tree comes in for a sheet, a test or a worksheet, it is read or refused by field; nothing else ever happens. */
class InputsAreReadOrRefusedTest {

    private static final int TREES = 1500;
    private static final Object[] JUNK = {
        "",
        " ",
        "x",
        "1e400",
        "-5",
        "7 kW",
        "0",
        0,
        -1,
        3,
        1e13,
        Double.NaN,
        new BigDecimal("1e9999"),
        true,
        List.of(),
        Map.of(),
        Arrays.asList((Object) null),
        List.of(List.of()),
        Map.of("a", 1),
        "é".repeat(600)
    };

    static Stream<Class<? extends Record>> inputs() {
        Stream<Class<? extends Record>> sheets =
                Arrays.stream(SheetKind.values()).map(SheetKind::type);
        Stream<Class<? extends Record>> tests = TestKinds.all().stream().map(TestKind::inputType);
        Stream<Class<? extends Record>> worksheets =
                WorksheetCatalogue.all().stream().map(Worksheet::inputType);
        return Stream.of(sheets, tests, worksheets).flatMap(s -> s).distinct();
    }

    @ParameterizedTest
    @MethodSource("inputs")
    void whateverComesIn(Class<? extends Record> type) {
        Random random = new Random(type.getName().hashCode());
        int refused = 0;
        for (int i = 0; i < TREES; i++) {
            Map<String, Object> tree = tree(type, random, 0);
            try {
                if (random.nextBoolean()) {
                    RecordReader.read(type, tree);
                } else {
                    TypedInput.read(type, tree);
                }
            } catch (InvalidInputException told) {
                refused++;
                assertThat(told.problems()).isNotEmpty();
            } catch (RuntimeException broken) {
                fail(type.getSimpleName() + " breaks on " + tree, broken);
            }
        }
        assertThat(refused)
                .as("trees of %s that are refused", type.getSimpleName())
                .isPositive();
    }

    private static Map<String, Object> tree(Class<?> type, Random random, int depth) {
        Map<String, Object> tree = new LinkedHashMap<>();
        for (RecordComponent component : type.getRecordComponents()) {
            int dice = random.nextInt(10);
            if (dice < 2) {
                continue;
            }
            tree.put(
                    component.getName(),
                    dice == 2 ? null : dice < 5 ? junk(random) : value(component.getGenericType(), random, depth));
        }
        if (random.nextInt(20) == 0) {
            tree.put("unknown", junk(random));
        }
        return tree;
    }

    private static Object junk(Random random) {
        return JUNK[random.nextInt(JUNK.length)];
    }

    private static Object value(Type type, Random random, int depth) {
        if (type instanceof ParameterizedType p) {
            Type inner = p.getActualTypeArguments()[p.getActualTypeArguments().length - 1];
            if (p.getRawType() != List.class) {
                return value(inner, random, depth);
            }
            List<Object> list = new ArrayList<>();
            for (int i = random.nextInt(4); i > 0; i--) {
                list.add(random.nextInt(8) == 0 ? junk(random) : value(inner, random, depth));
            }
            return list;
        }
        Class<?> c = (Class<?>) type;
        if (c.isEnum()) {
            Object[] words = c.getEnumConstants();
            return ((Coded) words[random.nextInt(words.length)]).code();
        }
        if (c == boolean.class || c == Boolean.class) {
            return random.nextBoolean();
        }
        if (c == Samples.class) {
            return List.of(0.0, 1.0, -1.0);
        }
        if (c == Triangular.class) {
            return random.nextBoolean() ? 4 : Map.of("low", 1, "likely", 2, "high", 3);
        }
        if (c.isRecord()) {
            return depth > 4 ? null : tree(c, random, depth + 1);
        }
        return c == String.class ? "word" : random.nextBoolean() ? random.nextInt(60) : 100 * random.nextDouble();
    }
}
