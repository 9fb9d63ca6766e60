package app.brasskettle.server.jobview;

import app.brasskettle.core.quantity.Spelling;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.access.AccountStore;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.JobIntake;
import app.brasskettle.server.journal.JournalStore;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.retries.Unkeyed;
import app.brasskettle.server.sheets.SheetKind;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Jobs: receive, read, write their sheets. */
@RestController
@RequestMapping("/api/jobs")
class JobController {

    /** A sheet as its writer typed it, with the version they saw. */
    record SheetBody(int version, Map<String, Object> typed, String because) {}

    private final JobBook book;
    private final AccountStore accounts;
    private final JobVersionStore versions;
    private final ShopWidePreview shop;

    JobController(JobBook book, AccountStore accounts, JobVersionStore versions, ShopWidePreview shop) {
        this.shop = shop;
        this.versions = versions;
        this.book = book;
        this.accounts = accounts;
    }

    @PostMapping
    JobView receive(@RequestBody JobIntake receipt, Authentication who) {
        return JobViews.of(book.receive(receipt, ChangeContext.of(People.of(who))));
    }

    /** Reads a job; 304 for a page that has seen it as it reads now. */
    @GetMapping("/{tag}")
    ResponseEntity<JobView> view(
            @PathVariable String tag, @RequestHeader(value = HttpHeaders.IF_NONE_MATCH, required = false) String seen) {
        // The version is named before the job is read: what is written in between is then read twice, never missed.
        Optional<String> version = versions.of(tag);
        double now = JobClock.seconds(JobClock.now());
        if (seen != null
                && version.filter(v -> JobVersionStore.stands(seen, v, now)).isPresent()) {
            return ResponseEntity.status(HttpStatus.NOT_MODIFIED).build();
        }
        JobView view = JobViews.of(book.read(tag));
        return ResponseEntity.ok()
                .eTag(JobVersionStore.tag(version.orElse(""), view, now))
                .body(view);
    }

    /** A page of the journal, newest first; the next is asked for by the number of the last. */
    @GetMapping("/{tag}/journal")
    List<JournalStore.Entry> journal(@PathVariable String tag, @RequestParam Optional<Long> before) {
        return book.journal(tag, before.orElse(Long.MAX_VALUE));
    }

    @PutMapping("/{tag}/sheets/{kind}")
    JobView write(
            @PathVariable String tag, @PathVariable String kind, @RequestBody SheetBody body, Authentication who) {
        SheetKind sheet = kind(kind);
        // What is offered to a customer is the office's word; the bench may look but not change it.
        var person = sheet == SheetKind.OFFERS ? People.of(who, Role.OFFICE, Role.LEAD, Role.ADMIN) : People.of(who);
        return JobViews.of(book.writeSheet(
                tag,
                sheet,
                body.version(),
                Spelling.of(sheet.type(), body.typed() == null ? Map.of() : body.typed(), accounts.units(who)),
                body.because(),
                ChangeContext.of(person)));
    }

    @Unkeyed("Looks ahead and keeps nothing")
    @PostMapping("/{tag}/sheets/{kind}/preview")
    SheetPreview preview(
            @PathVariable String tag,
            @PathVariable String kind,
            @RequestBody Map<String, Object> typed,
            Authentication who) {
        SheetKind sheet = kind(kind);
        RecordedJob job = book.recorded(tag);
        return SheetPreview.of(
                tag,
                sheet,
                Spelling.of(sheet.type(), typed, accounts.units(who)),
                job.record(),
                job.windingRecord(),
                shop);
    }

    private static SheetKind kind(String word) {
        return Coded.parse(SheetKind.class, word)
                .orElseThrow(() -> RefusedException.unknown("A job has no sheet called " + word));
    }
}
