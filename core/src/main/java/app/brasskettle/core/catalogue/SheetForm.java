package app.brasskettle.core.catalogue;

import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.worksheet.Asked;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Samples;
import app.brasskettle.core.worksheet.Triangular;
import app.brasskettle.core.worksheet.Worksheet;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The form a worksheet asks to be filled in, read off its input record so that the two cannot drift apart.
 *
 * @param name name of the sheet
 * @param title title for people
 * @param sources standards it rests on
 * @param fields what to fill in, in order
 */
public record SheetForm(String name, String title, List<String> sources, List<Field> fields) {

    /** What a field takes. */
    public enum Kind implements Coded {
        FIGURE,
        WORD,
        FLAG,
        TEXT,
        /** Figures under each other, or one figure per line. */
        SERIES,
        /** Words, any number of them. */
        WORDS,
        /** Texts, one after the other. */
        TEXTS,
        /** Pairs of texts, or rows of figures, which then have a unit. */
        PAIRS,
        /** Rows with columns. */
        ROWS,
        /** Fields under one heading. */
        GROUP
    }

    /**
     * One field.
     *
     * @param name as in the record
     * @param label in running text
     * @param kind what it takes
     * @param optional may be left empty
     * @param unit unit of a figure written without one
     * @param words the words to choose from
     * @param columns fields of each row, or of the group
     */
    public record Field(
            String name,
            String label,
            Kind kind,
            boolean optional,
            String unit,
            List<String> words,
            List<Field> columns) {}

    public static SheetForm of(Worksheet<?, ?> sheet) {
        return new SheetForm(sheet.name(), sheet.title(), sheet.sources(), fields(sheet.inputType()));
    }

    /** The form of a sheet of a job, whose record is {@code type}. */
    public static SheetForm of(String name, Class<? extends Record> type) {
        return new SheetForm(name, "", List.of(), fields(type));
    }

    private static List<Field> fields(Class<?> type) {
        return Arrays.stream(type.getRecordComponents())
                .filter(c -> !c.isAnnotationPresent(Asked.class)
                        || !c.getAnnotation(Asked.class).value().isEmpty())
                .map(SheetForm::field)
                .toList();
    }

    private static Field field(RecordComponent component) {
        Type type = component.getGenericType();
        boolean optional = raw(type) == Optional.class;
        String name = component.getName();
        Asked asked = component.getAnnotation(Asked.class);
        return field(name, asked == null ? label(name) : asked.value(), optional ? inner(type) : type, optional);
    }

    private static Field field(String name, String label, Type type, boolean optional) {
        Class<?> raw = raw(type);
        if (raw == List.class) {
            Class<?> element = raw(inner(type));
            if (element.isRecord()) {
                return new Field(name, label, Kind.ROWS, optional, "", List.of(), fields(element));
            }
            Kind kind = element.isEnum()
                    ? Kind.WORDS
                    : element == List.class ? Kind.PAIRS : element == String.class ? Kind.TEXTS : Kind.SERIES;
            boolean rowsOfFigures = kind == Kind.PAIRS && raw(inner(inner(type))) == Double.class;
            String unit = rowsOfFigures ? Dimension.ofField(name).typed() : "";
            return new Field(name, label, kind, optional, unit, words(element), List.of());
        }
        if (raw == Samples.class) {
            return new Field(name, label, Kind.SERIES, optional, "", List.of(), List.of());
        }
        if (raw.isRecord() && raw != Triangular.class) {
            return new Field(name, label, Kind.GROUP, optional, "", List.of(), fields(raw));
        }
        Kind kind = raw.isEnum()
                ? Kind.WORD
                : raw == boolean.class || raw == Boolean.class
                        ? Kind.FLAG
                        : raw == String.class ? Kind.TEXT : Kind.FIGURE;
        String unit = kind == Kind.FIGURE ? Dimension.ofField(name).typed() : "";
        return new Field(name, label, kind, optional, unit, words(raw), List.of());
    }

    private static List<String> words(Class<?> type) {
        return type.isEnum()
                ? Arrays.stream(type.getEnumConstants())
                        .map(w -> ((Coded) w).code())
                        .toList()
                : List.of();
    }

    /** "ratedVoltageV" reads "rated voltage": humps parted, the unit at the end dropped. */
    private static String label(String name) {
        String bare = name.replaceAll(
                "(?<=[a-z])(Mm2|MmPerS|Mm|Rpm|Hz|Percent|Hours|Minutes|Kg|Years|Microfarad|Millivolt|[VAWMCSN])$", "");
        return bare.replaceAll("(?<=[a-z])(?=[A-Z0-9])", " ").toLowerCase(java.util.Locale.ROOT);
    }

    private static Class<?> raw(Type type) {
        return (Class<?>) (type instanceof ParameterizedType p ? p.getRawType() : type);
    }

    private static Type inner(Type type) {
        return ((ParameterizedType) type).getActualTypeArguments()[0];
    }
}
