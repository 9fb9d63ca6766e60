package app.brasskettle.core.quantity;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.core.worksheet.Triangular;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * An input record as people type it: every figure a text with or without its unit ("50 hp", "1.28 M").
 *
 * <p>The tree has the shape of the record. Texts become figures in the unit the field's name ends with;
 * blank ones are absent. "&gt; 1100" in a field whose neighbour is {@code overRange} says the instrument was over its range.
 */
public final class TypedInput {

    private static final String OVER_RANGE = "overRange";

    /** What may stand between three figures; a stroke needs its blanks, since 3/4 is a fraction. */
    private static final Pattern BETWEEN = Pattern.compile("\\s+/\\s+|\\s*[;·]\\s*|\\s+to\\s+");

    private static final List<String> PARTS = List.of("low", "likely", "high");

    private final Problems problems = new Problems();
    private final Map<String, String> shown = new LinkedHashMap<>();

    private TypedInput() {}

    /**
     * An input that was understood.
     *
     * @param input the record
     * @param shown by path, what was typed in words, with the converted figure beside it
     */
    public record Read<I>(I input, Map<String, String> shown) {}

    /**
     * An input as far as it was understood: figures are shown even while others are missing.
     *
     * @param input the record, when there is nothing wrong
     * @param shown by path, what was typed in words
     * @param problems what is wrong
     */
    public record Attempt<I>(Optional<I> input, Map<String, String> shown, List<Problem> problems) {}

    /**
     * The record of {@code type} in {@code typed}.
     *
     * @throws InvalidInputException with all problems: what is no figure, and what the record refuses
     */
    public static <I extends Record> Read<I> read(Class<I> type, Map<String, ?> typed) {
        Attempt<I> attempt = attempt(type, typed);
        return new Read<>(
                attempt.input().orElseThrow(() -> new InvalidInputException(attempt.problems())), attempt.shown());
    }

    /** The record of {@code type} in {@code typed}, or everything that keeps it from being one. */
    public static <I extends Record> Attempt<I> attempt(Class<I> type, Map<String, ?> typed) {
        TypedInput reader = new TypedInput();
        Map<String, Object> tree = reader.record(type, "", typed);
        I input = null;
        try {
            input = RecordReader.read(type, tree);
        } catch (InvalidInputException refused) {
            for (Problem p : refused.problems()) {
                if (reader.problems.clear(p.field())) {
                    reader.problems.add(p.field(), p.code(), p.message());
                }
            }
        }
        List<Problem> problems = reader.problems.all();
        return new Attempt<>(problems.isEmpty() ? Optional.of(input) : Optional.empty(), reader.shown, problems);
    }

    private Map<String, Object> record(Class<?> type, String path, Map<String, ?> typed) {
        Map<String, RecordComponent> components = new LinkedHashMap<>();
        for (RecordComponent c : type.getRecordComponents()) {
            components.put(c.getName(), c);
        }
        Map<String, Object> tree = new LinkedHashMap<>();
        typed.forEach((name, value) -> {
            RecordComponent component = components.get(name);
            String field = path.isEmpty() ? name : path + "." + name;
            Object read = component == null ? value : value(component.getGenericType(), name, field, value);
            if (read instanceof Quantity q) {
                tree.put(name, q.value());
                if (q.beyond() && components.containsKey(OVER_RANGE)) {
                    tree.put(OVER_RANGE, true);
                } else if (q.beyond()) {
                    problems.add(field, Problem.Code.SYNTAX, "“" + q.written() + "” is no figure to compute with");
                }
            } else if (read != null) {
                tree.putIfAbsent(name, read);
            }
        });
        return tree;
    }

    private Object value(Type type, String name, String field, Object value) {
        if (type instanceof ParameterizedType p) {
            Type inner = p.getActualTypeArguments()[p.getActualTypeArguments().length - 1];
            if (p.getRawType() == Optional.class) {
                return value(inner, name, field, value);
            }
            return value instanceof List<?> list ? list(inner, name, field, list) : value;
        }
        Class<?> c = (Class<?>) type;
        if (value instanceof String text) {
            boolean number =
                    c == double.class || c == Double.class || c == int.class || c == Integer.class || c == long.class;
            if (text.isBlank()) {
                return null;
            }
            if (c == Triangular.class) {
                return uncertain(name, field, text);
            }
            return number ? figure(name, field, text) : text;
        }
        if (c.isRecord() && value instanceof Map<?, ?> map) {
            @SuppressWarnings("unchecked")
            Map<String, ?> inner = (Map<String, ?>) map;
            return record(c, field, inner);
        }
        return value;
    }

    private List<Object> list(Type element, String name, String field, List<?> list) {
        List<Object> read = new ArrayList<>();
        for (int i = 0; i < list.size(); i++) {
            Object one = value(element, name, field + "[" + i + "]", list.get(i));
            read.add(one instanceof Quantity q ? q.value() : one);
        }
        return read;
    }

    /** One figure, or three with something between them: "6 / 8 / 14 d", the last one's unit for all that have none. */
    private Object uncertain(String name, String field, String text) {
        String[] parts = BETWEEN.split(text.strip());
        if (parts.length == 1) {
            return figure(name, field, text);
        }
        if (parts.length != PARTS.size()) {
            problems.add(
                    field,
                    Problem.Code.COUNT,
                    "“" + text.strip() + "” has " + parts.length + " figures; one is wanted, or low / likely / high");
            return null;
        }
        String unit = Quantity.unitIn(parts[parts.length - 1]);
        Map<String, Object> three = new LinkedHashMap<>();
        for (int i = 0; i < parts.length; i++) {
            String part = Quantity.bare(parts[i]) ? parts[i] + " " + unit : parts[i];
            Quantity read = figure(name, field + "." + PARTS.get(i), part);
            if (read != null) {
                three.put(PARTS.get(i), read.value());
            }
        }
        if (three.size() == PARTS.size()) {
            shown.put(
                    field,
                    PARTS.stream().map(p -> shown.remove(field + "." + p)).collect(Collectors.joining(" / ")));
        }
        return three;
    }

    private Quantity figure(String name, String field, String text) {
        Optional<Integer> span = SlotSpan.read(name, text);
        if (span.isPresent()) {
            shown.put(field, text.strip() + ", " + span.get() + " slots");
            return new Quantity(span.get(), text, shown.get(field), false);
        }
        Optional<Quantity> read = Quantity.parse(field, text, Dimension.ofField(name), problems);
        read.ifPresent(q -> shown.put(field, q.shown()));
        return read.orElse(null);
    }
}
