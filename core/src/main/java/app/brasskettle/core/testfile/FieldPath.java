package app.brasskettle.core.testfile;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The way from an input record to one of its figures, as a column is headed: {@code readings.megohm}, {@code pulses[3].trace}.
 *
 * @param text as written
 * @param field the figure at its end
 * @param indexed where a row's number goes: after how many letters of the text; negative for a single figure
 */
record FieldPath(String text, FieldType field, int indexed) {

    private static final Pattern STEP = Pattern.compile("(\\w+)(?:\\[(\\d{1,7})\\])?");

    /** A head names a row by its number only where rows carry traces, and of those a test has few. */
    private static final int INDEX_FIGURES = 3;

    /** The path written {@code text} from a record of {@code type}; empty where it leads nowhere. */
    static Optional<FieldPath> parse(String text, Class<?> type) {
        Class<?> at = type;
        FieldType field = null;
        int letters = 0;
        int indexed = -1;
        for (String step : text.split("\\.", -1)) {
            Matcher m = STEP.matcher(step);
            if (at == null || !m.matches() || (m.group(2) != null && m.group(2).length() > INDEX_FIGURES)) {
                return Optional.empty();
            }
            Optional<FieldType> next = FieldType.named(at, m.group(1));
            if (next.isEmpty() || (m.group(2) != null && !next.get().list())) {
                return Optional.empty();
            }
            field = next.get();
            letters += step.length();
            boolean series = field.trace() || (field.list() && m.group(2) == null);
            if (series && indexed >= 0) {
                return Optional.empty();
            }
            indexed = series ? letters : indexed;
            letters++;
            at = field.type().isRecord() ? field.type() : null;
        }
        return at != null ? Optional.empty() : Optional.of(new FieldPath(text, field, indexed));
    }

    /** The place of row {@code row} of this column. */
    String at(int row) {
        return indexed < 0 ? text : text.substring(0, indexed) + "[" + row + "]" + text.substring(indexed);
    }

    /** Puts {@code value} into a tree of maps and lists at {@code path}. */
    @SuppressWarnings("unchecked")
    static void put(Map<String, Object> tree, String path, Object value) {
        Map<String, Object> at = tree;
        String[] steps = path.split("\\.");
        for (int i = 0; i < steps.length; i++) {
            boolean last = i == steps.length - 1;
            Matcher m = STEP.matcher(steps[i]);
            if (!m.matches()) {
                throw new IllegalArgumentException(path + " is no path");
            }
            if (m.group(2) == null) {
                if (last) {
                    at.put(m.group(1), value);
                } else {
                    at = (Map<String, Object>) at.computeIfAbsent(m.group(1), k -> new LinkedHashMap<String, Object>());
                }
                continue;
            }
            List<Object> list = (List<Object>) at.computeIfAbsent(m.group(1), k -> new ArrayList<>());
            int index = Integer.parseInt(m.group(2));
            while (list.size() <= index) {
                list.add(last ? null : new LinkedHashMap<String, Object>());
            }
            if (last) {
                list.set(index, value);
            } else {
                at = (Map<String, Object>) list.get(index);
            }
        }
    }
}
