package app.brasskettle.core.pricing;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.List;
import java.util.function.BiConsumer;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** A table a shop prices by, as CSV (RFC 4180, comma, a header): taken whole or not at all, what is wrong told by line. */
final class PricedTable {

    private static final int MOST_LINES = 20_000;
    private static final int MOST_TOLD = 100;
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setCommentMarker('#')
            .setHeader()
            .setSkipHeaderRecord(true)
            .setTrim(true)
            .get();

    private PricedTable() {}

    /**
     * The rows of {@code csv}.
     *
     * @param columns columns it must have
     * @param check looks at each row
     * @throws InvalidInputException with what is wrong by line, a hundred at most
     */
    static List<CSVRecord> read(String csv, List<String> columns, BiConsumer<CSVRecord, Problems> check) {
        Problems problems = new Problems();
        List<CSVRecord> rows;
        try (CSVParser parser = CSVParser.parse(csv, FORMAT)) {
            for (String column : columns) {
                if (!parser.getHeaderNames().contains(column)) {
                    problems.add(column, Problem.Code.MISSING, "column " + column + " is missing");
                }
            }
            problems.throwIfAny();
            rows = parser.getRecords();
        } catch (InvalidInputException refused) {
            throw refused;
        } catch (IOException | UncheckedIOException | IllegalArgumentException unreadable) {
            throw new InvalidInputException(List.of(
                    new Problem("", Problem.Code.SYNTAX, "This is no table with commas: " + unreadable.getMessage())));
        }
        if (rows.isEmpty() || rows.size() > MOST_LINES) {
            problems.add(
                    "",
                    Problem.Code.COUNT,
                    "The table has " + rows.size() + " lines; 1 to " + MOST_LINES + " are needed");
        }
        for (CSVRecord row : rows) {
            if (problems.all().size() >= MOST_TOLD) {
                break;
            }
            if (row.isConsistent()) {
                check.accept(row, problems);
            } else {
                problems.add(
                        line(row),
                        Problem.Code.COUNT,
                        line(row) + " has " + row.size() + " cells, not as many as the header");
            }
        }
        problems.throwIfAny();
        return rows;
    }

    /** The rows of a table that {@link #read} took once. */
    static List<CSVRecord> stored(String csv) {
        try (CSVParser parser = CSVParser.parse(csv, FORMAT)) {
            return parser.getRecords();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** Where a row stands, the header being line 1. */
    static String line(CSVRecord row) {
        return "line " + (row.getRecordNumber() + 1);
    }

    /** A figure above zero and not over {@code most}. */
    static void figure(CSVRecord row, String column, double most, Problems problems) {
        String text = row.get(column);
        if (!text.matches("-?\\d{1,12}(\\.\\d{1,6})?")) {
            problems.add(
                    line(row) + " " + column,
                    Problem.Code.SYNTAX,
                    line(row) + ": " + column + " is “" + text + "”; a figure such as 1250.50 is wanted");
            return;
        }
        problems.aboveTo(line(row) + " " + column, new BigDecimal(text).doubleValue(), 0, most, "");
    }

    /** A figure as {@link #figure} reads it. */
    static String plain(double figure) {
        return BigDecimal.valueOf(figure).stripTrailingZeros().toPlainString();
    }
}
