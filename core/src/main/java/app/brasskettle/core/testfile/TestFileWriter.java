package app.brasskettle.core.testfile;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Samples;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Writer of readings: single figures first, series beside each other below. */
final class TestFileWriter {

    private static final CSVFormat FORMAT =
            CSVFormat.DEFAULT.builder().setRecordSeparator("\n").get();

    private final String kind;
    private final Map<String, String> figures = new LinkedHashMap<>();
    private final Map<String, List<String>> columns = new LinkedHashMap<>();

    TestFileWriter(String kind) {
        this.kind = kind;
    }

    String write(Record input) {
        record(input, "");
        StringBuilder out = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(out, FORMAT)) {
            // Written past the printer, which would put a first cell that opens with # in quotes.
            out.append("# test,");
            printer.printRecord(kind);
            for (Map.Entry<String, String> f : figures.entrySet()) {
                out.append("# ").append(f.getKey()).append(',');
                printer.printRecord(f.getValue());
            }
            if (!columns.isEmpty()) {
                printer.printRecord(columns.keySet());
                int rows = columns.values().stream().mapToInt(List::size).max().orElse(0);
                for (int i = 0; i < rows; i++) {
                    List<String> row = new ArrayList<>();
                    for (List<String> column : columns.values()) {
                        row.add(i < column.size() ? column.get(i) : "");
                    }
                    printer.printRecord(row);
                }
            }
        } catch (IOException neverInMemory) {
            throw new UncheckedIOException(neverInMemory);
        }
        return out.toString();
    }

    private void record(Record input, String prefix) {
        for (FieldType field : FieldType.of(input.getClass())) {
            value(input, field).ifPresent(v -> field(field, v, prefix));
        }
    }

    private void field(FieldType field, Object value, String prefix) {
        String path = prefix + field.name();
        if (value instanceof Samples samples) {
            List<String> texts = new ArrayList<>();
            for (double v : samples.toArray()) {
                texts.add(Double.toString(v));
            }
            columns.put(path, texts);
        } else if (value instanceof List<?> list) {
            list(field, list, path);
        } else if (value instanceof Record inner) {
            record(inner, path + ".");
        } else {
            figures.put(field.headed(path), text(value));
        }
    }

    private void list(FieldType field, List<?> list, String path) {
        if (list.isEmpty()) {
            return;
        }
        if (field.rowsWithTraces()) {
            for (int i = 0; i < list.size(); i++) {
                record((Record) list.get(i), path + "[" + i + "].");
            }
        } else if (field.type().isRecord()) {
            for (int i = 0; i < list.size(); i++) {
                row((Record) list.get(i), path + ".", i);
            }
        } else {
            columns.put(
                    field.headed(path), list.stream().map(TestFileWriter::text).toList());
        }
    }

    private void row(Record row, String prefix, int index) {
        for (FieldType field : FieldType.of(row.getClass())) {
            Optional<Object> value = value(row, field);
            if (value.isPresent() && value.get() instanceof Record inner) {
                row(inner, prefix + field.name() + ".", index);
            } else if (value.isPresent()) {
                List<String> column =
                        columns.computeIfAbsent(field.headed(prefix + field.name()), k -> new ArrayList<>());
                while (column.size() < index) {
                    column.add("");
                }
                column.add(text(value.get()));
            }
        }
    }

    private static Optional<Object> value(Record of, FieldType field) {
        try {
            var accessor = of.getClass().getDeclaredMethod(field.name());
            accessor.setAccessible(true);
            Object value = accessor.invoke(of);
            return value instanceof Optional<?> o ? o.map(v -> v) : Optional.ofNullable(value);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(field.name() + " cannot be read off " + of.getClass(), e);
        }
    }

    private static String text(Object value) {
        if (value instanceof Coded word) {
            return word.code();
        }
        String text = value.toString();
        // A spreadsheet takes such a text for a formula and runs it.
        boolean formula = value instanceof String && !text.isEmpty() && "=+-@".indexOf(text.charAt(0)) >= 0;
        return formula ? "'" + text : text;
    }
}
