package app.brasskettle.core.testfile;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.TextBounds;
import java.util.List;

/** How large a file of readings may be, judged before a cell of it is read. */
final class FileSize {

    /** Rows of the longest series that is no trace. */
    private static final int MAX_ROWS = 10_000;

    /** Samples of the longest trace. */
    private static final int MAX_SAMPLES = 1 << 18;

    /** Cells of the largest test: two traces of the longest. */
    private static final int MAX_CELLS = 600_000;

    /** Lines that stand above the table: single figures, each with its path. */
    private static final int HEAD_LINES = 500;

    private FileSize() {}

    /**
     * Counts lines and cells of {@code text}, a file for a record of {@code type}.
     *
     * @throws InvalidInputException when there are more than such a test can hold, or a character no page can print
     */
    static void check(String text, Class<?> type) {
        int rows = traces(type) ? MAX_SAMPLES : MAX_ROWS;
        int lines = 1;
        int cells = 1;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '\n') {
                lines++;
                cells++;
            } else if (c == ',' || c == ';' || c == '\t') {
                cells++;
            }
        }
        if (lines > rows + HEAD_LINES) {
            throw refused("The file has " + lines + " lines; this test holds at most " + rows + " rows");
        }
        if (cells > MAX_CELLS) {
            throw refused("The file has some " + cells + " cells; at most " + MAX_CELLS + " fit");
        }
        TextBounds.unprintable("", text).ifPresent(p -> {
            throw new InvalidInputException(List.of(p));
        });
    }

    private static InvalidInputException refused(String message) {
        return new InvalidInputException(List.of(new Problem("", Problem.Code.COUNT, message)));
    }

    private static boolean traces(Class<?> type) {
        return FieldType.of(type).stream().anyMatch(f -> f.trace() || f.type().isRecord() && traces(f.type()));
    }
}
