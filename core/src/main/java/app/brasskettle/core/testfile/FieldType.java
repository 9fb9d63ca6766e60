package app.brasskettle.core.testfile;

import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.worksheet.Samples;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A field of an input record as a file sees it.
 *
 * @param name its name
 * @param type what it holds, the Optional around it taken off
 * @param list true where it holds any number of {@code type}
 */
record FieldType(String name, Class<?> type, boolean list) {

    static List<FieldType> of(Class<?> record) {
        return Arrays.stream(record.getRecordComponents()).map(FieldType::of).toList();
    }

    static Optional<FieldType> named(Class<?> record, String name) {
        return of(record).stream().filter(f -> f.name().equals(name)).findFirst();
    }

    private static FieldType of(RecordComponent component) {
        Type type = inner(component.getGenericType(), Optional.class);
        Type element = inner(type, List.class);
        return new FieldType(component.getName(), (Class<?>) raw(element), element != type);
    }

    private static Type inner(Type type, Class<?> around) {
        return type instanceof ParameterizedType p && p.getRawType() == around ? p.getActualTypeArguments()[0] : type;
    }

    private static Type raw(Type type) {
        return type instanceof ParameterizedType p ? p.getRawType() : type;
    }

    /** Whether it holds figures. */
    boolean number() {
        return type == double.class || type == Double.class || type == int.class || type == Integer.class;
    }

    boolean flag() {
        return type == boolean.class || type == Boolean.class;
    }

    boolean trace() {
        return type == Samples.class;
    }

    /** Whether rows of it carry traces, which stand in columns of their own. */
    boolean rowsWithTraces() {
        return list && type.isRecord() && of(type).stream().anyMatch(FieldType::trace);
    }

    /** The name with the unit in which its figures are stored. */
    String headed(String path) {
        String unit = number() ? Dimension.ofField(name).si() : "";
        return unit.isEmpty() ? path : path + " [" + unit + "]";
    }
}
