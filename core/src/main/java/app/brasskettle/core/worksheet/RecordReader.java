package app.brasskettle.core.worksheet;

import app.brasskettle.core.worksheet.Problem.Code;
import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Reading of records from plain trees (maps, lists, strings, numbers, booleans).
 *
 * <p>What cannot be read is blamed here and handed on as an absent value; the record's own constructor then judges the
 * rest, and its complaints about what is blamed already are dropped. So the caller hears everything at once, once.
 */
public final class RecordReader {

    /** As much of a wrong value as is told. */
    private static final int SHOWN = 60;

    private RecordReader() {}

    /**
     * The record of {@code type} that {@code tree} describes.
     *
     * @throws InvalidInputException with all problems when it cannot be read
     */
    public static <T extends Record> T read(Class<T> type, Map<String, ?> tree) {
        Problems problems = new Problems();
        T result = record(type, "", tree, problems);
        problems.throwIfAny();
        return result;
    }

    private static <T extends Record> T record(Class<T> type, String path, Map<String, ?> tree, Problems problems) {
        RecordComponent[] components = type.getRecordComponents();
        Problems own = new Problems();
        Object[] arguments = new Object[components.length];
        Set<String> left = new LinkedHashSet<>(tree.keySet());
        for (int i = 0; i < components.length; i++) {
            String name = components[i].getName();
            left.remove(name);
            arguments[i] = component(components[i].getGenericType(), name, tree.get(name), own);
        }
        for (String unknown : left) {
            own.add(cut(unknown), Code.UNKNOWN, cut(unknown) + " is no field of this input");
        }
        T built = build(type, components, arguments, own);
        problems.addAll(own, path);
        return built;
    }

    private static <T extends Record> T build(
            Class<T> type, RecordComponent[] components, Object[] arguments, Problems own) {
        Class<?>[] types = new Class<?>[components.length];
        for (int i = 0; i < types.length; i++) {
            types[i] = components[i].getType();
        }
        try {
            Constructor<T> constructor = type.getDeclaredConstructor(types);
            return constructor.newInstance(arguments);
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof InvalidInputException refused) {
                for (Problem p : refused.problems()) {
                    if (own.untouched(p.field())) {
                        own.add(p);
                    }
                }
                return null;
            }
            throw new IllegalStateException(type + " failed on its input", e.getCause());
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(type + " cannot be built", e);
        }
    }

    private static Object component(Type type, String path, Object value, Problems problems) {
        if (type instanceof ParameterizedType p && p.getRawType() == Optional.class) {
            return value == null
                    ? Optional.empty()
                    : Optional.ofNullable(value(p.getActualTypeArguments()[0], path, value, problems));
        }
        if (value == null) {
            problems.add(path, Code.MISSING, path + " is missing");
            return absent(type);
        }
        Object read = value(type, path, value, problems);
        return read == null ? absent(type) : read;
    }

    private static Object absent(Type type) {
        if (type == double.class) {
            return Double.NaN;
        }
        if (type == int.class) {
            return Integer.MIN_VALUE;
        }
        if (type == long.class) {
            return Long.MIN_VALUE;
        }
        return type == boolean.class ? Boolean.FALSE : null;
    }

    private static Object value(Type type, String path, Object value, Problems problems) {
        if (type instanceof ParameterizedType p) {
            Type element = p.getActualTypeArguments()[p.getActualTypeArguments().length - 1];
            return list(element, path, value, problems);
        }
        Class<?> c = (Class<?>) type;
        if (c == double.class || c == Double.class) {
            return value instanceof Number n ? number(path, n, problems) : mistyped(path, "a number", value, problems);
        }
        if (c == int.class || c == Integer.class) {
            return value instanceof Number n ? whole(path, n, problems) : mistyped(path, "a number", value, problems);
        }
        if (c == long.class) {
            return value instanceof Number n ? wide(path, n, problems) : mistyped(path, "a number", value, problems);
        }
        if (c == boolean.class || c == Boolean.class) {
            return value instanceof Boolean ? value : mistyped(path, "true or false", value, problems);
        }
        if (c == String.class) {
            return value instanceof String text
                    ? text(path, text, problems)
                    : mistyped(path, "a text", value, problems);
        }
        if (c == Samples.class) {
            return samples(path, value, problems);
        }
        if (c.isEnum()) {
            return value instanceof String s ? word(c, path, s, problems) : mistyped(path, "a word", value, problems);
        }
        if (c == Triangular.class && value instanceof Number n) {
            Double d = number(path, n, problems);
            return d == null ? null : Triangular.exactly(d);
        }
        if (value instanceof Map<?, ?> map) {
            @SuppressWarnings("unchecked")
            Map<String, ?> tree = (Map<String, ?>) map;
            return record(c.asSubclass(Record.class), path, tree, problems);
        }
        return mistyped(
                path, c == Triangular.class ? "a number, or low, likely and high" : "an object", value, problems);
    }

    private static List<Object> list(Type element, String path, Object value, Problems problems) {
        if (!(value instanceof List<?> given)) {
            mistyped(path, "a list", value, problems);
            return null;
        }
        List<Object> read = new ArrayList<>(given.size());
        for (int i = 0; i < given.size(); i++) {
            read.add(component(element, path + "[" + i + "]", given.get(i), problems));
        }
        return read;
    }

    private static Samples samples(String path, Object value, Problems problems) {
        if (!(value instanceof List<?> given)) {
            mistyped(path, "a list of numbers", value, problems);
            return null;
        }
        double[] read = new double[given.size()];
        for (int i = 0; i < read.length; i++) {
            Object sample = given.get(i);
            if (sample instanceof Double d && Problems.sane(d)) {
                read[i] = d;
            } else if (sample instanceof Number n) {
                Double d = number(path + "[" + i + "]", n, problems);
                read[i] = d == null ? 0 : d;
            } else {
                mistyped(path + "[" + i + "]", "a number", sample, problems);
            }
        }
        return Samples.of(read);
    }

    private static Double number(String path, Number n, Problems problems) {
        double d = n.doubleValue();
        if (d == 0 && n instanceof BigDecimal exact && exact.signum() != 0) {
            d = Double.MIN_VALUE;
        }
        return problems.number(path, d, "") ? d : null;
    }

    private static Integer whole(String path, Number n, Problems problems) {
        Long wide = wide(path, n, problems);
        // Past the range of int every count is refused by its own bound, which names it better than we could here.
        return wide == null ? null : (int) Math.max(Integer.MIN_VALUE + 1, Math.min(Integer.MAX_VALUE, wide));
    }

    private static Long wide(String path, Number n, Problems problems) {
        Double d = number(path, n, problems);
        if (d == null) {
            return null;
        }
        if (d != Math.rint(d)) {
            problems.add(path, Code.TYPE, path + " is " + d + "; it must be a whole number");
            return null;
        }
        return d.longValue();
    }

    private static String text(String path, String text, Problems problems) {
        Optional<Problem> fault = TextBounds.fault(path, text);
        fault.ifPresent(problems::add);
        return fault.isPresent() ? null : text;
    }

    @SuppressWarnings({"unchecked", "rawtypes"})
    private static Object word(Class<?> type, String path, String text, Problems problems) {
        Optional<?> found = Coded.parse((Class) type, text);
        if (found.isEmpty()) {
            problems.add(path, Code.WORD, path + " is \"" + cut(text) + "\"; it must be one of " + Coded.choices(type));
        }
        return found.orElse(null);
    }

    private static Object mistyped(String path, String wanted, Object value, Problems problems) {
        problems.add(path, Code.TYPE, path + " is " + kind(value) + "; it must be " + wanted);
        return null;
    }

    private static String kind(Object value) {
        if (value == null) {
            return "null";
        }
        if (value instanceof Map) {
            return "an object";
        }
        if (value instanceof List) {
            return "a list";
        }
        return value instanceof String text ? "the text \"" + cut(text) + "\"" : cut(value.toString());
    }

    private static String cut(String text) {
        return text.length() > SHOWN ? text.substring(0, SHOWN) + "…" : text;
    }
}
