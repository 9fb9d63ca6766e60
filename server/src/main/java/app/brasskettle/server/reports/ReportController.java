package app.brasskettle.server.reports;

import app.brasskettle.server.access.People;
import app.brasskettle.server.jobs.JobBook;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The printed sheet of a job. */
@RestController
class ReportController {

    private final JobBook book;
    private final PdfPrinter printer;

    ReportController(JobBook book, PdfPrinter printer) {
        this.book = book;
        this.printer = printer;
    }

    @GetMapping(value = "/api/jobs/{tag}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheet(@PathVariable String tag, Authentication who) {
        String by = People.of(who).displayName();
        byte[] pdf = printer.print(new JobSheet(book.view(tag), by, OffsetDateTime.now(ZoneOffset.UTC)).html());
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(tag + ".pdf")
                                .build()
                                .toString())
                .body(pdf);
    }
}
