package app.brasskettle.server.jobs;

import app.brasskettle.core.quantity.Spelling;
import app.brasskettle.core.worksheet.Word;
import app.brasskettle.server.access.AccountStore;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.problems.RefusedException;
import java.util.List;
import java.util.Map;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Jobs: receive, read, write their sheets. */
@RestController
@RequestMapping("/api/jobs")
class JobController {

    /** A sheet as its writer typed it, with the version they saw. */
    record SheetBody(int version, Map<String, Object> typed, String because) {}

    private final JobBook book;
    private final AccountStore accounts;

    JobController(JobBook book, AccountStore accounts) {
        this.book = book;
        this.accounts = accounts;
    }

    @PostMapping
    JobView receive(
            @RequestBody Receipt receipt,
            @RequestHeader(value = "Idempotency-Key", required = false) String key,
            Authentication who) {
        return book.receive(receipt, JobBook.Hand.of(People.of(who), key));
    }

    @GetMapping("/{tag}")
    JobView view(@PathVariable String tag) {
        return book.view(tag);
    }

    @GetMapping("/{tag}/journal")
    List<Journal.Entry> journal(@PathVariable String tag) {
        return book.journal(tag);
    }

    @PutMapping("/{tag}/sheets/{kind}")
    JobView write(
            @PathVariable String tag, @PathVariable String kind, @RequestBody SheetBody body, Authentication who) {
        SheetKind sheet = kind(kind);
        // What is offered to a customer is the office's word; the bench may look but not change it.
        var person = sheet == SheetKind.OFFERS ? People.of(who, Role.OFFICE, Role.LEAD, Role.ADMIN) : People.of(who);
        return book.writeSheet(
                tag,
                sheet,
                body.version(),
                Spelling.of(sheet.type(), body.typed() == null ? Map.of() : body.typed(), accounts.units(who)),
                body.because(),
                JobBook.Hand.of(person, null));
    }

    @PostMapping("/{tag}/sheets/{kind}/look")
    SheetLook look(
            @PathVariable String tag,
            @PathVariable String kind,
            @RequestBody Map<String, Object> typed,
            Authentication who) {
        SheetKind sheet = kind(kind);
        return SheetLook.of(sheet, Spelling.of(sheet.type(), typed, accounts.units(who)), book.record(tag));
    }

    private static SheetKind kind(String word) {
        return Word.parse(SheetKind.class, word)
                .orElseThrow(() -> RefusedException.unknown("A job has no sheet called " + word));
    }
}
