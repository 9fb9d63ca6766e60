package app.brasskettle.core.worksheet;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** A table of the trade that ships with the core: CSV with a header, lines of reasoning after a {@code #}. */
public final class ShippedTable {

    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setCommentMarker('#')
            .setHeader()
            .setSkipHeaderRecord(true)
            .get();

    private ShippedTable() {}

    /**
     * The rows of {@code file}, which lies beside {@code room}.
     *
     * @throws UncheckedIOException when it cannot be read
     */
    public static List<CSVRecord> rows(Class<?> room, String file) {
        try (InputStream in = room.getResourceAsStream(file);
                InputStreamReader text = new InputStreamReader(in, StandardCharsets.UTF_8)) {
            return List.copyOf(FORMAT.parse(text).getRecords());
        } catch (IOException e) {
            throw new UncheckedIOException("The table " + file + " cannot be read", e);
        }
    }
}
