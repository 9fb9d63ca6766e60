package app.brasskettle.server.bench;

import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.json.StrictJson;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Readings of a test in JSON, {@code {"test": …, "input": …}} with the worksheet's own input in SI units. */
final class JsonReadings {

    private JsonReadings() {}

    /**
     * The same as they would be typed, every figure with its unit.
     *
     * @throws InvalidInputException when it is no such file, by line and column where its syntax is wrong
     */
    static Map<String, Object> typed(StrictJson json, TestKind kind, byte[] bytes) {
        Map<String, Object> file = json.readings(bytes);
        if (!kind.code().equals(file.get("test"))) {
            throw refused("test", "this is a file of " + file.get("test") + ", and " + kind.code() + " is asked for");
        }
        if (!(file.get("input") instanceof Map<?, ?> input)) {
            throw refused("input", "input is missing");
        }
        return record(input);
    }

    private static InvalidInputException refused(String field, String message) {
        return new InvalidInputException(List.of(new Problem(field, Problem.Code.CONTRADICTION, message)));
    }

    private static Map<String, Object> record(Map<?, ?> tree) {
        Map<String, Object> typed = new LinkedHashMap<>();
        tree.forEach((name, value) -> {
            if (value != null) {
                typed.put(name.toString(), value(name.toString(), value));
            }
        });
        return typed;
    }

    private static Object value(String name, Object value) {
        if (value instanceof Map<?, ?> inner) {
            return record(inner);
        }
        if (value instanceof List<?> list) {
            List<Object> typed = new ArrayList<>();
            // Series of bare figures stay figures; rows are typed like everything else.
            list.forEach(v -> typed.add(v instanceof Number ? v : value(name, v)));
            return typed;
        }
        return value instanceof Number n ? written(name, n) : value;
    }

    private static String written(String name, Number n) {
        String figure = n.toString();
        String unit = Dimension.ofField(name).si();
        return unit.isEmpty() ? figure : figure + " " + unit;
    }
}
