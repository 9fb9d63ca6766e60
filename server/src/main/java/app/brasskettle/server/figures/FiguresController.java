package app.brasskettle.server.figures;

import app.brasskettle.core.figures.FigureTable;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.shops.ShopsTogether;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Figures of the shop. */
@RestController
class FiguresController {

    private static final String XLSX = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";

    private final FiguresBook book;

    FiguresController(FiguresBook book) {
        this.book = book;
    }

    @ShopsTogether
    @GetMapping("/api/figures")
    FiguresBook.View figures(@RequestParam Optional<String> from, @RequestParam Optional<String> to) {
        return book.of(from, to);
    }

    @ShopsTogether
    @GetMapping(value = "/api/figures/{table}.csv", produces = "text/csv")
    ResponseEntity<byte[]> csv(
            @PathVariable String table, @RequestParam Optional<String> from, @RequestParam Optional<String> to) {
        FigureTable found = book.of(from, to).tables().stream()
                .filter(t -> t.code().equals(table))
                .findFirst()
                .orElseThrow(() -> RefusedException.unknown("There is no table called " + table));
        return attached(
                table + ".csv", "text/csv;charset=UTF-8", FigureFiles.csv(found).getBytes(StandardCharsets.UTF_8));
    }

    @ShopsTogether
    @GetMapping(value = "/api/figures.xlsx", produces = XLSX)
    ResponseEntity<byte[]> xlsx(@RequestParam Optional<String> from, @RequestParam Optional<String> to) {
        return attached("figures.xlsx", XLSX, FigureFiles.xlsx(book.of(from, to).tables()));
    }

    private static ResponseEntity<byte[]> attached(String name, String type, byte[] content) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(content);
    }
}
