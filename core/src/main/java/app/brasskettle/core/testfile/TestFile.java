package app.brasskettle.core.testfile;

import app.brasskettle.core.worksheet.InvalidInputException;
import java.util.Map;

/**
 * Readings of one test as comma-separated values.
 *
 * <p>Lines that open with # carry one figure each, its path and unit before it; below them stands a table with one column for
 * each series and one row for each reading:
 *
 * <pre>
 * # test,insulation-resistance
 * # windingTemperatureC [°C],21
 * readings.seconds [s],readings.megohm [MΩ]
 * 30,210
 * 60,240
 * </pre>
 *
 * <p>Names are those of the worksheets' contract. A unit in brackets is any that the field takes; without one the field's own
 * is meant. Commas, semicolons and tabs part the cells; decimal commas are read where the comma does not part them, or the cell
 * is in quotes. UTF-8, UTF-16 with its mark, and windows-1252 are read.
 */
public final class TestFile {

    private TestFile() {}

    /** The file that holds {@code input}, readings of the test called {@code kind}. */
    public static String csv(String kind, Record input) {
        return new TestFileWriter(kind).write(input);
    }

    /**
     * What {@code bytes} say for a record of {@code type}, as it would be typed: every figure with its unit, traces as numbers.
     * What the file leaves out is left out here as well.
     *
     * @throws InvalidInputException with every cell that cannot be read, by line and column
     */
    public static Map<String, Object> typed(String kind, Class<? extends Record> type, byte[] bytes) {
        return new TestFileReader(kind, type).read(FileText.of(bytes));
    }
}
