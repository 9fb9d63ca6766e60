package app.brasskettle.server.figures;

import static app.brasskettle.server.spreadsheet.SpreadsheetText.safe;

import app.brasskettle.core.figures.FigureTable;
import app.brasskettle.core.quantity.Figures;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/** Tables of figures as files for a spreadsheet. */
final class FigureFiles {

    private static final int DIGITS = 6;
    private static final int MOST_TITLE = 31;

    private FigureFiles() {}

    static String csv(FigureTable table) {
        StringBuilder out = new StringBuilder();
        List<String> headings = new ArrayList<>(table.words());
        headings.addAll(table.figures());
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(headings.toArray(String[]::new))
                .get();
        try (CSVPrinter printer = new CSVPrinter(out, format)) {
            for (FigureTable.Row r : table.rows()) {
                List<String> line = new ArrayList<>();
                r.words().forEach(w -> line.add(safe(w)));
                r.figures().forEach(f -> line.add(Figures.fixed(f, DIGITS)));
                printer.printRecord(line);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /** Every table on a sheet of its own. */
    static byte[] xlsx(List<FigureTable> tables) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (Workbook book = new Workbook(out, "Brass Kettle", "1.0")) {
            for (FigureTable t : tables) {
                String title = t.title();
                sheet(book.newWorksheet(title.length() > MOST_TITLE ? title.substring(0, MOST_TITLE) : title), t);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static void sheet(Worksheet sheet, FigureTable t) {
        int words = t.words().size();
        for (int c = 0; c < words; c++) {
            sheet.value(0, c, t.words().get(c));
        }
        for (int c = 0; c < t.figures().size(); c++) {
            sheet.value(0, words + c, t.figures().get(c));
        }
        for (int r = 0; r < t.rows().size(); r++) {
            FigureTable.Row row = t.rows().get(r);
            for (int c = 0; c < words; c++) {
                sheet.value(r + 1, c, safe(row.words().get(c)));
            }
            for (int c = 0; c < row.figures().size(); c++) {
                sheet.value(r + 1, words + c, row.figures().get(c));
            }
        }
    }
}
