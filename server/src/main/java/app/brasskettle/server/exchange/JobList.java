package app.brasskettle.server.exchange;

import static app.brasskettle.server.spreadsheet.SpreadsheetText.safe;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.server.floor.FloorRow;
import java.io.IOException;
import java.io.Writer;
import java.util.List;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** The floor's list as CSV (RFC 4180), with units in its header. */
final class JobList {

    private static final String[] HEADER = {
        "tag",
        "customer",
        "machine",
        "motor",
        "station",
        "next",
        "worst",
        "power",
        "urgency",
        "asked by",
        "promised",
        "in shop (h)",
        "outage so far",
        "waits for",
        "left",
        "shop"
    };

    private JobList() {}

    /**
     * Writes a list.
     *
     * @param first its first page
     * @param next the page after the one that ends with a row; an empty one ends the list
     */
    static void write(Writer out, List<FloorRow> first, Function<FloorRow, List<FloorRow>> next) throws IOException {
        CSVFormat format = CSVFormat.RFC4180.builder().setHeader(HEADER).get();
        CSVPrinter printer = new CSVPrinter(out, format);
        for (List<FloorRow> page = first; !page.isEmpty(); page = next.apply(page.get(page.size() - 1))) {
            for (FloorRow r : page) {
                printer.printRecord(
                        safe(r.tag()),
                        safe(r.customer()),
                        safe(r.machine()),
                        safe(r.motor()),
                        r.station(),
                        safe(r.nextAction()),
                        r.worst(),
                        r.gate(),
                        r.urgency(),
                        safe(r.askedBy()),
                        r.promisedAt().map(Object::toString).orElse(""),
                        Figures.fixed(r.hoursInShop(), 1),
                        Figures.fixed(r.outageSoFar(), 2),
                        safe(r.waiting().map(w -> w.what() + ": " + w.reason()).orElse("")),
                        safe(r.left().map(l -> l.at() + ", " + l.how()).orElse("")),
                        r.shop());
            }
        }
        printer.flush();
    }
}
