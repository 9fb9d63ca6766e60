package app.brasskettle.core.testfile;

import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Quantity;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problem.Code;
import app.brasskettle.core.worksheet.Problems;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Reader of readings: every cell is placed by the name of its column, and what is wrong is told by line and column. */
final class TestFileReader {

    private static final Pattern HEAD = Pattern.compile("([^\\[\\]]+(?:\\[\\d+\\][^\\[\\]]*)?)(?:\\[([^\\[\\]]*)\\])?");
    private static final Pattern DECIMAL_COMMA = Pattern.compile("[-+]?\\d+,\\d+");
    private static final int MAX_PROBLEMS = 20;

    private final String kind;
    private final Class<? extends Record> type;
    private final Problems problems = new Problems();
    private final Map<String, String> places = new LinkedHashMap<>();
    private final Map<String, Object> tree = new LinkedHashMap<>();

    /** A column or a single figure: where it goes, what it holds, the unit its cells are in, and its samples if it is a trace. */
    private record Head(FieldPath path, String unit, List<Object> samples) {}

    TestFileReader(String kind, Class<? extends Record> type) {
        this.kind = kind;
        this.type = type;
    }

    Map<String, Object> read(String text) {
        FileSize.check(text, type);
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(delimiter(text))
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            List<Optional<Head>> heads = List.of();
            int row = -1;
            for (CSVRecord line : parser) {
                long at = parser.getCurrentLineNumber();
                if (line.get(0).startsWith("#")) {
                    single(line, at);
                } else if (row < 0) {
                    heads = heads(line, at);
                    row = 0;
                } else {
                    cells(line, at, heads, row++);
                }
            }
        } catch (IOException | UncheckedIOException | IllegalStateException torn) {
            problems.add("", Code.SYNTAX, "The file breaks off or is torn: " + torn.getMessage());
        }
        fewEnough();
        check();
        return tree;
    }

    /** What parts the first line that has anything on it: no name of a figure holds any of the three. */
    private static char delimiter(String text) {
        String first = text.lines().filter(l -> !l.isBlank()).findFirst().orElse("");
        return first.indexOf('\t') >= 0 ? '\t' : first.indexOf(';') >= 0 ? ';' : ',';
    }

    private void single(CSVRecord line, long at) {
        String name = line.get(0).substring(1).strip();
        String value = line.size() > 1 ? line.get(1) : "";
        if (name.equals("test")) {
            if (!value.equals(kind)) {
                blame(at, 2, Code.CONTRADICTION, "this is a file of " + value + ", and " + kind + " is asked for");
            }
        } else {
            head(name, at, 1).ifPresent(h -> place(h, h.path().text(), value, at, 2));
        }
    }

    private List<Optional<Head>> heads(CSVRecord line, long at) {
        List<Optional<Head>> heads = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            heads.add(line.get(i).isEmpty() ? Optional.empty() : head(line.get(i), at, i + 1));
        }
        return heads;
    }

    private Optional<Head> head(String text, long at, int column) {
        Matcher m = HEAD.matcher(text);
        Optional<FieldPath> path = m.matches() ? FieldPath.parse(m.group(1).strip(), type) : Optional.empty();
        if (path.isEmpty()) {
            blame(at, column, Code.UNKNOWN, "“" + text + "” is no figure of " + kind);
            return Optional.empty();
        }
        return Optional.of(
                new Head(path.get(), m.group(2) == null ? "" : m.group(2).strip(), new ArrayList<>()));
    }

    private void cells(CSVRecord line, long at, List<Optional<Head>> heads, int row) {
        for (int i = 0; i < line.size(); i++) {
            String cell = line.get(i);
            if (cell.isEmpty()) {
                continue;
            }
            if (i >= heads.size()) {
                blame(at, i + 1, Code.COUNT, "“" + cell + "” stands under no heading");
            } else if (heads.get(i).isPresent()) {
                Head head = heads.get(i).get();
                if (head.path().field().trace()) {
                    sample(head, row, cell, at, i + 1);
                } else {
                    place(head, head.path().at(row), cell, at, i + 1);
                }
            }
        }
    }

    private void place(Head head, String path, String cell, long line, int column) {
        if (cell.isEmpty()) {
            return;
        }
        places.put(path, "Line " + line + ", column " + column);
        FieldType field = head.path().field();
        String text = DECIMAL_COMMA.matcher(cell).matches() ? cell.replace(',', '.') : cell;
        Optional<Object> value = field.flag()
                ? flag(text, line, column)
                : field.number() && field.list()
                        ? figure(field, text + " " + head.unit(), line, column)
                        : Optional.of(
                                field.number() && !head.unit().isEmpty() ? text + " " + head.unit() : unquoted(text));
        value.ifPresent(v -> FieldPath.put(tree, path, v));
    }

    private static String unquoted(String text) {
        return text.length() > 1 && text.charAt(0) == '\'' && "=+-@".indexOf(text.charAt(1)) >= 0
                ? text.substring(1)
                : text;
    }

    private Optional<Object> flag(String text, long line, int column) {
        boolean yes = text.equalsIgnoreCase("true") || text.equalsIgnoreCase("yes");
        boolean no = text.equalsIgnoreCase("false") || text.equalsIgnoreCase("no");
        if (!yes && !no) {
            blame(line, column, Code.WORD, "“" + text + "” is neither true nor false");
            return Optional.empty();
        }
        return Optional.of(yes);
    }

    /** Traces run to hundreds of thousands of samples: they are put one behind the other, without a path for each. */
    private void sample(Head head, int row, String cell, long line, int column) {
        List<Object> samples = head.samples();
        if (samples.isEmpty()) {
            places.put(head.path().text(), "Line " + line + ", column " + column);
            FieldPath.put(tree, head.path().text(), samples);
        }
        String text = DECIMAL_COMMA.matcher(cell).matches() ? cell.replace(',', '.') : cell;
        try {
            double value = Double.parseDouble(text);
            if (Problems.sane(value)) {
                while (samples.size() < row) {
                    samples.add(null);
                }
                samples.add(value);
                return;
            }
        } catch (NumberFormatException none) {
            // Blamed below, like a figure out of all proportion.
        }
        blame(line, column, Code.TYPE, "“" + text + "” is no sample of a trace");
    }

    private Optional<Object> figure(FieldType field, String text, long line, int column) {
        Problems own = new Problems();
        Optional<Quantity> read = Quantity.parse(field.name(), text, Dimension.ofField(field.name()), own);
        own.all().forEach(p -> blame(line, column, p.code(), p.message()));
        return read.map(Quantity::value);
    }

    /** What the record itself refuses is told where it stands; what is not in the file is the form's to ask for. */
    private void check() {
        for (Problem p : TypedInput.attempt(type, tree).problems()) {
            String field = p.field();
            Optional<String> place = Optional.ofNullable(places.get(field))
                    .or(() -> places.entrySet().stream()
                            .filter(e -> p.code() != Code.MISSING && e.getKey().startsWith(field) && !field.isEmpty())
                            .map(Map.Entry::getValue)
                            .findFirst());
            place.ifPresent(at -> problems.add(field, p.code(), at + ": " + p.message()));
        }
        fewEnough();
    }

    private void blame(long line, int column, Code code, String message) {
        problems.add("", code, "Line " + line + ", column " + column + ": " + message);
    }

    private void fewEnough() {
        if (problems.count() > 0) {
            throw new InvalidInputException(problems.first(MAX_PROBLEMS));
        }
    }
}
