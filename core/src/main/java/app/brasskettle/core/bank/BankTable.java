package app.brasskettle.core.bank;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.RecordReader;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A bank as a table (RFC 4180, comma, a header) or as a list of records, read line by line: what is good, and what is refused and
 * why. Figures are plain, with a point, in the unit that ends their header.
 */
public final class BankTable {

    /** Most windings of one import. */
    public static final int MOST = 50_000;

    /** Most refusals that are told. */
    public static final int TOLD = 100;

    private static final CSVFormat FORMAT =
            CSVFormat.RFC4180.builder().setRecordSeparator("\n").get();

    private BankTable() {}

    /**
     * What an import holds.
     *
     * @param good windings that can be kept, each with its line
     * @param refused the first hundred refusals
     * @param refusedLines how many lines are refused
     */
    public record Read(List<Line> good, List<Refused> refused, int refusedLines) {}

    /**
     * A winding of an import.
     *
     * @param line its line in the table, the header being the first; its place in a list
     * @param record what it says
     */
    public record Line(int line, BankRecord record) {}

    /**
     * A line that cannot be kept.
     *
     * @param line where it stands
     * @param field the field to blame; empty where the whole line is
     * @param message what is wrong
     */
    public record Refused(int line, String field, String message) {}

    /** Writes the header. */
    public static String header() {
        return row(Arrays.stream(BankColumn.values()).map(BankColumn::header).toList());
    }

    /** Writes a record as a row. */
    public static String row(BankRecord record) {
        return row(Arrays.stream(BankColumn.values()).map(c -> c.write(record)).toList());
    }

    private static String row(List<String> cells) {
        return FORMAT.format(cells.toArray()) + "\n";
    }

    /**
     * Reads a table.
     *
     * @param text the whole table
     * @throws InvalidInputException when it is no such table, or holds more than {@link #MOST} windings
     */
    public static Read csv(String text) {
        if (rows(text) > MOST + 1) {
            throw tooMany();
        }
        try (CSVParser parser = CSVParser.parse(new StringReader(text), FORMAT)) {
            Reading reading = new Reading();
            Map<Integer, BankColumn> columns = null;
            for (CSVRecord line : parser) {
                if (columns == null) {
                    columns = columns(line);
                    continue;
                }
                if (line.size() == 1 && line.get(0).isBlank()) {
                    continue;
                }
                reading.next();
                cells((int) parser.getCurrentLineNumber(), line, columns, reading);
            }
            if (columns == null) {
                throw refusal("The table is empty; its first line names the columns: " + header().strip());
            }
            return reading.done();
        } catch (IOException | UncheckedIOException broken) {
            throw refusal("This is no table with commas: " + broken.getMessage());
        }
    }

    /** Begins to read a list of records, one at a time, so that a long one need not be in memory. */
    public static Listing listing() {
        return new Listing();
    }

    /** A list of records that is being read. */
    public static final class Listing {

        private final Reading reading = new Reading();

        private Listing() {}

        /**
         * Reads the next record.
         *
         * @param tree in the shape of {@link BankRecord}
         * @throws InvalidInputException when there are more than {@link #MOST}
         */
        public void add(Object tree) {
            reading.next();
            if (tree instanceof Map<?, ?> map) {
                @SuppressWarnings("unchecked")
                Map<String, Object> record = (Map<String, Object>) map;
                reading.keep(reading.count, record, new Problems());
            } else {
                reading.refuse(reading.count, List.of(new Problem("", Problem.Code.TYPE, "is no record")));
            }
        }

        /** Returns what was read. */
        public Read done() {
            return reading.done();
        }
    }

    private static InvalidInputException tooMany() {
        return refusal("An import takes at most 50,000 windings; split the file");
    }

    /** Counts rows that have something in them, before any is read: line ends within quotes end no row. */
    private static int rows(String text) {
        int rows = 0;
        boolean quoted = false;
        boolean begun = false;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            quoted ^= c == '"';
            if (c == '\n' && !quoted) {
                rows += begun ? 1 : 0;
                begun = false;
            } else {
                begun |= !Character.isWhitespace(c);
            }
        }
        return rows + (begun ? 1 : 0);
    }

    private static Map<Integer, BankColumn> columns(CSVRecord header) {
        Map<String, BankColumn> known =
                Arrays.stream(BankColumn.values()).collect(Collectors.toMap(BankColumn::header, c -> c));
        if (header.size() == 1 && header.get(0).contains(";")) {
            throw refusal("The columns are set apart by semicolons; write commas between them and points in figures");
        }
        Map<Integer, BankColumn> columns = new LinkedHashMap<>();
        for (int i = 0; i < header.size(); i++) {
            String name = header.get(i).replace("\uFEFF", "").strip();
            BankColumn column = known.remove(name);
            if (column == null) {
                throw refusal("“" + (name.length() > 40 ? name.substring(0, 40) : name)
                        + "” is no column of a bank, or stands twice. Columns: " + header().strip());
            }
            columns.put(i, column);
        }
        return columns;
    }

    private static void cells(int line, CSVRecord cells, Map<Integer, BankColumn> columns, Reading reading) {
        Problems problems = new Problems();
        if (cells.size() != columns.size()) {
            reading.refuse(
                    line,
                    List.of(new Problem(
                            "",
                            Problem.Code.COUNT,
                            "has " + cells.size() + " cells, the header " + columns.size()
                                    + "; a comma within a figure makes two of one")));
            return;
        }
        Map<String, Object> tree = new LinkedHashMap<>();
        columns.forEach((i, column) -> column.read(cells.get(i), tree, problems));
        reading.keep(line, tree, problems);
    }

    private static InvalidInputException refusal(String message) {
        return new InvalidInputException(List.of(new Problem("", Problem.Code.SYNTAX, message)));
    }

    /** What was read so far. */
    private static final class Reading {

        private final List<Line> good = new ArrayList<>();
        private final List<Refused> refused = new ArrayList<>();
        private final Map<String, Integer> keys = new HashMap<>();
        private final Set<Integer> lines = new HashSet<>();
        private int count;

        void next() {
            count++;
            if (count > MOST) {
                throw tooMany();
            }
        }

        void keep(int line, Map<String, Object> tree, Problems problems) {
            List<Problem> wrong = new ArrayList<>(problems.all());
            BankRecord record = null;
            try {
                record = RecordReader.read(BankRecord.class, tree);
            } catch (InvalidInputException refusal) {
                refusal.problems().stream()
                        .filter(p -> problems.clear(p.field()))
                        .forEach(wrong::add);
            }
            if (record != null && wrong.isEmpty()) {
                Integer before = keys.putIfAbsent(record.key(), line);
                if (before == null) {
                    good.add(new Line(line, record));
                    return;
                }
                wrong.add(new Problem(
                        "key", Problem.Code.DUPLICATE, "key is " + record.key() + ", as on line " + before));
            }
            refuse(line, wrong);
        }

        void refuse(int line, List<Problem> problems) {
            lines.add(line);
            problems.stream()
                    .limit(Math.max(0, TOLD - refused.size()))
                    .forEach(p -> refused.add(new Refused(line, p.field(), p.message())));
        }

        Read done() {
            return new Read(List.copyOf(good), List.copyOf(refused), lines.size());
        }
    }
}
