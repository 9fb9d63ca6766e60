package app.brasskettle.server.reports;

import app.brasskettle.core.connection.ConnectionAssessment;
import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.redesign.CoilTicket;
import app.brasskettle.core.redesign.RedesignAssessment;
import app.brasskettle.core.redesign.RedesignSheet;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.server.access.People;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.ReadJob;
import app.brasskettle.server.jobview.JobVersionStore;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.jobview.JobViews;
import app.brasskettle.server.pages.PublicAddress;
import app.brasskettle.server.photos.PhotoBook;
import app.brasskettle.server.printing.PdfPrinter;
import app.brasskettle.server.printing.PrintedPages;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.rack.RackStore;
import app.brasskettle.server.settings.SettingsStore;
import app.brasskettle.server.triage.TriageRow;
import app.brasskettle.server.triage.TriageStore;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What is printed of a job: its sheet, and the tag that is tied to the motor. */
@RestController
class ReportController {

    private static final int MAX_PICTURES = 12;

    private final JobBook book;
    private final PhotoBook photos;
    private final SettingsStore settings;
    private final TriageStore pile;
    private final PdfPrinter printer;
    private final RackStore rack;
    private final JobVersionStore versions;
    private final PrintedPages pages;
    private final PublicAddress address;

    ReportController(
            JobBook book,
            PhotoBook photos,
            SettingsStore settings,
            TriageStore pile,
            PdfPrinter printer,
            RackStore rack,
            JobVersionStore versions,
            PrintedPages pages,
            PublicAddress address) {
        this.rack = rack;
        this.versions = versions;
        this.pages = pages;
        this.address = address;
        this.pile = pile;
        this.book = book;
        this.photos = photos;
        this.settings = settings;
        this.printer = printer;
    }

    @GetMapping(value = "/api/jobs/{tag}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheet(@PathVariable String tag, Authentication who) {
        String by = People.of(who).displayName();
        return page(tag, tag, by, () -> {
            JobView job = JobViews.of(book.read(tag));
            return printer.print(new JobSheet(job, pictured(tag), settings.current(), by, JobClock.now()).html());
        });
    }

    /** A page of a job, printed anew once anything it is read from has changed. */
    private ResponseEntity<byte[]> page(String name, String tag, String more, Supplier<byte[]> print) {
        String version = versions.of(tag).orElseThrow(() -> RefusedException.unknown("There is no job " + tag));
        return named(name, pages.of(new PrintedPages.Page(name, version + " " + more), print));
    }

    private List<Pictured> pictured(String tag) {
        return photos.of(tag).stream()
                .limit(MAX_PICTURES)
                .map(p -> new Pictured(p, photos.print(tag, p.id())))
                .toList();
    }

    /** The condition on arrival, for the motor's owner. */
    @GetMapping(value = "/api/jobs/{tag}/condition.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> condition(@PathVariable String tag) {
        return page(tag + "-condition", tag, "", () -> {
            JobView job = JobViews.of(book.read(tag));
            return printer.archival(new ConditionReport(job, pictured(tag), settings.current(), JobClock.now()).html());
        });
    }

    /** Report and certificate of test, once two people released the motor. */
    @GetMapping(value = "/api/jobs/{tag}/certificate.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> certificate(@PathVariable String tag) {
        return page(
                tag + "-certificate",
                tag,
                "",
                () -> printer.archival(new Certificate(released(tag), settings.current(), JobClock.now()).html()));
    }

    /** The label that leaves with the motor. */
    @GetMapping(value = "/api/jobs/{tag}/release-label.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> releaseLabel(@PathVariable String tag) {
        String opens = address.of("/jobs/{tag}", tag);
        return page(
                tag + "-release",
                tag,
                opens,
                () -> printer.print(JobTag.released(released(tag), opens, settings.current())));
    }

    /** A certificate says what two people signed; simulated readings prove no motor, so there is none of those. */
    private JobView released(String tag) {
        JobView job = JobViews.of(book.read(tag));
        if (!job.proof().simulated().isEmpty()) {
            throw RefusedException.gated("Simulated readings prove no motor: "
                    + String.join(", ", job.proof().simulated()) + ". Take them with an instrument of the shop");
        }
        if (!job.release().released()) {
            throw RefusedException.gated(job.release().judgement().headline() + ". "
                    + job.release().judgement().next());
        }
        return job;
    }

    /** The tag's code opens the job at the shop's own address. */
    @GetMapping(value = "/api/jobs/{tag}/tag.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> tag(@PathVariable String tag) {
        String opens = address.of("/jobs/{tag}", tag);
        return page(
                tag + "-tag",
                tag,
                opens,
                () -> printer.print(JobTag.html(JobViews.of(book.read(tag)), opens, settings.current())));
    }

    /** The coil ticket of the new winding, on one page; its code opens the step it was designed at. */
    @GetMapping(value = "/api/jobs/{tag}/coil-ticket.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> coilTicket(@PathVariable String tag) {
        ReadJob read = book.read(tag);
        JobRecord job = read.job().record();
        RedesignSheet sheet = job.redesign().orElseThrow(() -> RefusedException.unknown(noTicket(tag)));
        RedesignAssessment design = read.reading().redesign().orElseThrow();
        CoilTicket ticket = read.job()
                .windingRecord()
                .first()
                .flatMap(t -> CoilTicket.of(design, sheet, t.take(), rack.rack(), job.rules()))
                .orElseThrow(() -> RefusedException.unknown(noTicket(tag)));
        String html = CoilTicketPage.html(
                JobViews.of(read),
                design,
                ticket,
                address.of("/jobs/{tag}/" + JobStep.NEW_WINDING.path(), tag),
                settings.current());
        return pdf(tag + "-coil-ticket", html);
    }

    private static String noTicket(String tag) {
        return "No new winding with its wire is kept for " + tag;
    }

    /** The connection as it is to be, on one page. */
    @GetMapping(value = "/api/jobs/{tag}/connection.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> connection(@PathVariable String tag) {
        JobView job = JobViews.of(book.read(tag));
        ConnectionDiagram diagram = job.winding()
                .connection()
                .flatMap(ConnectionAssessment::diagram)
                .orElseThrow(() -> RefusedException.unknown("No connection diagram is kept for " + tag));
        return pdf(tag + "-connection", ConnectionPage.html(job, diagram, settings.current()));
    }

    @GetMapping(value = "/api/triage/{id}/label.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> label(@PathVariable long id) {
        TriageRow row = pile.find(id).orElseThrow(() -> RefusedException.unknown("Nobody looked at a motor " + id));
        return pdf("pile-" + id, JobTag.html(row, settings.current()));
    }

    private ResponseEntity<byte[]> pdf(String name, String xhtml) {
        return named(name, printer.print(xhtml));
    }

    private static ResponseEntity<byte[]> named(String name, byte[] pdf) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(name + ".pdf")
                                .build()
                                .toString())
                .body(pdf);
    }
}
