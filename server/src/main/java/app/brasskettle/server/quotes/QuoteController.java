package app.brasskettle.server.quotes;

import app.brasskettle.core.quote.QuoteAnswer;
import app.brasskettle.core.quote.QuoteStanding;
import app.brasskettle.core.quote.QuoteState;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.jobview.JobViews;
import app.brasskettle.server.pages.PublicAddress;
import jakarta.mail.internet.InternetAddress;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Quotes of a job, as the shop issues them, hands them out and writes down what came back. */
@RestController
@RequestMapping("/api/jobs/{tag}/quotes")
class QuoteController {

    private static final List<String> WAYS = List.of("signature", "e-mail", "telephone", "in person");
    private static final Role[] PRICING = {Role.OFFICE, Role.LEAD, Role.ADMIN};

    private final QuoteBook quotes;
    private final QuoteStore store;
    private final QuoteMail mail;
    private final PublicAddress addresses;

    QuoteController(QuoteBook quotes, QuoteStore store, QuoteMail mail, PublicAddress addresses) {
        this.addresses = addresses;
        this.mail = mail;
        this.quotes = quotes;
        this.store = store;
    }

    /** Whom a quote is sent to. */
    record Recipient(String to) {}

    /** An address that is shown once. */
    record Address(String address, String mail) {}

    /** What a customer answered, as somebody of the shop writes it down. */
    record Body(String answer, String option, String customer, String how, String reason) {

        QuoteStanding.Given given() {
            QuoteAnswer read = Coded.parse(QuoteAnswer.class, answer == null ? "accepted" : answer)
                    .orElseThrow(() -> refused("answer", "answer must be one of " + Coded.choices(QuoteAnswer.class)));
            if (how == null || !WAYS.contains(how)) {
                throw refused("how", "how must be one of " + String.join(", ", WAYS));
            }
            return new QuoteStanding.Given(
                    read, Optional.ofNullable(option), customer == null ? "" : customer, Optional.ofNullable(reason));
        }

        private static InvalidInputException refused(String field, String message) {
            return new InvalidInputException(List.of(new Problem(field, Problem.Code.WORD, message)));
        }
    }

    @GetMapping
    List<QuoteView> list(@PathVariable String tag) {
        return quotes.of(tag).stream().map(this::view).toList();
    }

    private QuoteView view(QuoteStore.Stored q) {
        QuoteState state = quotes.standing(q).state(JobClock.seconds(JobClock.now()));
        return new QuoteView(
                q.version(),
                state,
                state.label(),
                q.issuedBy(),
                q.issuedAt(),
                q.validUntil(),
                q.content().options().stream()
                        .map(o -> new QuoteView.Priced(
                                o.name(),
                                o.open() && o.priced(),
                                o.price().net().toPlainString(),
                                o.price().gross().toPlainString()))
                        .toList(),
                store.answers(q.id()),
                store.links(q.id()));
    }

    @PostMapping
    JobView issue(@PathVariable String tag, Authentication who) {
        return JobViews.of(quotes.issue(tag, ChangeContext.of(People.of(who, PRICING))));
    }

    @GetMapping(value = "/{version}/quote.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable String tag, @PathVariable int version) {
        return pages(quotes.find(tag, version), store);
    }

    static ResponseEntity<byte[]> pages(QuoteStore.Stored quote, QuoteStore store) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        "inline; filename=\"" + quote.content().tag() + "-quote-" + quote.version() + ".pdf\"")
                .body(store.pdf(quote.id()));
    }

    @PostMapping("/{version}/answer")
    JobView answer(@PathVariable String tag, @PathVariable int version, @RequestBody Body body, Authentication who) {
        ChangeContext by = ChangeContext.of(People.of(who, PRICING));
        return JobViews.of(quotes.answer(tag, version, body.given(), body.how(), by));
    }

    /** Makes an address for the customer; it is told once, with a letter to send it by. */
    @PostMapping("/{version}/addresses")
    Address address(@PathVariable String tag, @PathVariable int version, Authentication who) {
        ChangeContext by = ChangeContext.of(People.of(who, PRICING));
        return made(tag, version, by);
    }

    private Address made(String tag, int version, ChangeContext by) {
        String secret = quotes.address(tag, version, by);
        String address = addresses.of("/quote/{secret}", secret);
        return new Address(address, QuoteLetter.text(quotes.find(tag, version).content(), address));
    }

    /** Sends the quote with an address of its own to a customer's e-mail address, or gives the message as a file. */
    @PostMapping("/{version}/mail")
    QuoteMail.Mailed mail(
            @PathVariable String tag, @PathVariable int version, @RequestBody Recipient body, Authentication who) {
        ChangeContext by = ChangeContext.of(People.of(who, PRICING));
        QuoteStore.Stored quote = quotes.find(tag, version);
        InternetAddress to = QuoteMail.recipient(body.to());
        QuoteMail.Mailed mailed =
                mail.send(to, quote.content(), made(tag, version, by).mail(), store.pdf(quote.id()));
        quotes.mailed(tag, version, to.getAddress(), mailed.sent(), by);
        return mailed;
    }

    @DeleteMapping("/{version}/addresses/{id}")
    List<QuoteView> revoke(
            @PathVariable String tag, @PathVariable int version, @PathVariable long id, Authentication who) {
        quotes.revoke(tag, version, id, ChangeContext.of(People.of(who, PRICING)));
        return list(tag);
    }
}
