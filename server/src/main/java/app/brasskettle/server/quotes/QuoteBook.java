package app.brasskettle.server.quotes;

import app.brasskettle.core.choice.ChoiceAssessment;
import app.brasskettle.core.choice.ComparedOption;
import app.brasskettle.core.quote.QuoteAnswer;
import app.brasskettle.core.quote.QuoteStanding;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.ReadJob;
import app.brasskettle.server.pages.SecretAddress;
import app.brasskettle.server.photos.PhotoBook;
import app.brasskettle.server.printing.PdfPrinter;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.settings.SettingsStore;
import app.brasskettle.server.settings.ShopSettings;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Quotes of jobs: issued once and never changed, read and answered by an address of their own or by word of mouth. */
@Service
public class QuoteBook {

    private final JobBook book;
    private final QuoteStore store;
    private final PhotoBook photos;
    private final SettingsStore settings;
    private final PdfPrinter printer;

    QuoteBook(JobBook book, QuoteStore store, PhotoBook photos, SettingsStore settings, PdfPrinter printer) {
        this.book = book;
        this.store = store;
        this.photos = photos;
        this.settings = settings;
        this.printer = printer;
    }

    /**
     * Issues the next quote of a job: what it reads now, kept for good.
     *
     * @throws RefusedException while nothing is offered, no open option has a price, or somebody else issued one meanwhile
     */
    public ReadJob issue(String tag, ChangeContext by) {
        ReadJob read = book.read(tag);
        ChoiceAssessment choice = read.reading()
                .choice()
                .orElseThrow(() -> RefusedException.gated("Nothing is offered yet: price the options first"));
        if (choice.options().stream().noneMatch(ComparedOption::competes)) {
            throw RefusedException.gated("No open option has a price yet: there is nothing to quote");
        }
        ShopSettings shop = settings.current();
        long job = book.id(tag);
        int version = store.nextVersion(job);
        OffsetDateTime until = by.at()
                .plusMinutes(Math.round(
                        shop.quoteTerms().validForDays() * Duration.ofDays(1).toMinutes()));
        QuoteContent content = QuoteWriting.of(read, choice, shop, photos.of(tag), version, by.name(), by.at(), until);
        byte[] pdf = printer.archival(QuotePage.html(content, id -> photos.print(tag, id)));
        try {
            return book.addEvent(
                    tag,
                    EventKind.QUOTE_ISSUED,
                    Map.of("quote", version, "sha256", DigestUtils.sha256Hex(pdf)),
                    by,
                    () -> store.add(job, content, pdf, DigestUtils.sha256Hex(pdf)));
        } catch (DuplicateKeyException meanwhile) {
            throw RefusedException.stale("Somebody else issued quote " + version + " just now. Look at it first");
        }
    }

    /** Takes an answer by word of mouth or letter, written down by somebody of the shop. */
    @Transactional
    public ReadJob answer(String tag, int version, QuoteStanding.Given given, String how, ChangeContext by) {
        QuoteStore.Stored quote = store.find(book.id(tag), version)
                .orElseThrow(() -> RefusedException.unknown("There is no quote " + version + " of " + tag));
        return settle(tag, quote, given, how, by);
    }

    private ReadJob settle(
            String tag, QuoteStore.Stored quote, QuoteStanding.Given given, String how, ChangeContext by) {
        store.hold(quote.id());
        QuoteStanding standing = standing(quote);
        standing.check(given);
        standing.closed(given.answer(), JobClock.seconds(by.at())).ifPresent(why -> {
            throw RefusedException.stale(why);
        });
        String words = given.words().map(String::strip).orElse("");
        String option = given.answer() == QuoteAnswer.ACCEPTED
                ? standing.option(given.option().orElseThrow()).orElseThrow().name()
                : "";
        Runnable kept = () -> store.addAnswer(
                quote.id(),
                new QuoteStore.Answered(
                        given.answer(),
                        option,
                        given.who().strip(),
                        how,
                        words,
                        by.at(),
                        by.person().displayName()));
        if (given.answer() != QuoteAnswer.ACCEPTED) {
            return book.addEvent(
                    tag,
                    EventKind.QUOTE_ANSWERED,
                    Map.of(
                            "quote",
                            quote.version(),
                            "answer",
                            given.answer().code(),
                            "label",
                            given.answer() == QuoteAnswer.DECLINED ? "said no" : "has a question",
                            "who",
                            given.who().strip(),
                            "how",
                            how,
                            "words",
                            words),
                    by,
                    kept);
        }
        QuoteContent.Option chosen = quote.content().option(option).orElseThrow();
        Map<String, Object> detail = new LinkedHashMap<>();
        detail.put("option", chosen.name());
        detail.put("kind", chosen.kind());
        detail.put("price", chosen.price().net().toPlainString());
        detail.put("quote", quote.version());
        detail.put("customer", given.who().strip());
        detail.put("how", how);
        detail.put("reason", words);
        detail.put("shown", "quote " + quote.version() + ", SHA-256 " + quote.pdfSha256());
        return book.addEvent(tag, EventKind.CHOSEN, detail, by, kept);
    }

    QuoteStanding standing(QuoteStore.Stored quote) {
        return new QuoteStanding(
                quote.version(),
                quote.newest(),
                JobClock.seconds(quote.validUntil()),
                store.answers(quote.id()).stream()
                        .filter(a -> a.answer().settles())
                        .findFirst()
                        .map(a -> new QuoteStanding.Settled(a.answer(), a.who())),
                quote.content().options().stream()
                        .map(o -> new QuoteStanding.QuotedOption(
                                o.name(), o.open() && o.priced(), o.open() ? "It has no price yet." : o.reason()))
                        .toList());
    }

    /** Number of the newest quote of a job. */
    public Optional<Integer> newest(String tag) {
        return store.of(book.id(tag)).stream().findFirst().map(QuoteStore.Stored::version);
    }

    /** Hours of the option that was accepted last, by the words of its lines; empty where none was. */
    @Transactional(readOnly = true)
    public Optional<Map<String, Double>> acceptedHours(String tag) {
        for (QuoteStore.Stored quote : store.of(book.id(tag))) {
            Optional<String> option = store.answers(quote.id()).stream()
                    .filter(a -> a.answer() == QuoteAnswer.ACCEPTED)
                    .map(QuoteStore.Answered::option)
                    .reduce((earlier, later) -> later);
            if (option.isPresent()) {
                return Optional.of(quote.content().hours(option.get()));
            }
        }
        return Optional.empty();
    }

    List<QuoteStore.Stored> of(String tag) {
        return store.of(book.id(tag));
    }

    QuoteStore.Stored find(String tag, int version) {
        return store.find(book.id(tag), version)
                .orElseThrow(() -> RefusedException.unknown("There is no quote " + version + " of " + tag));
    }

    /** Makes an address by which a customer reads and answers a quote; it ends with the quote. */
    @Transactional
    public String address(String tag, int version, ChangeContext by) {
        QuoteStore.Stored quote = find(tag, version);
        String address = SecretAddress.make();
        book.journalled(tag, "made an address for quote " + version, by, () -> {
            store.addLink(quote.id(), SecretAddress.hash(address), quote.validUntil(), by.name(), by.at());
            return Map.of("quote", version);
        });
        return address;
    }

    /** Writes down to whom a quote went. */
    void mailed(String tag, int version, String to, boolean sent, ChangeContext by) {
        book.journalled(
                tag,
                (sent ? "sent quote " : "made an e-mail of quote ") + version,
                by,
                () -> Map.of("quote", version, "to", to));
    }

    /** Takes an address back. */
    @Transactional
    public void revoke(String tag, int version, long link, ChangeContext by) {
        QuoteStore.Stored quote = find(tag, version);
        book.journalled(tag, "took back an address of quote " + version, by, () -> {
            if (!store.revoke(quote.id(), link, by.name(), by.at())) {
                throw RefusedException.unknown("There is no such address of quote " + version + " to take back");
            }
            return Map.of("quote", version, "address", link);
        });
    }

    /** Takes an answer that came by an address of its own. */
    @Transactional
    ReadJob answerByAddress(QuoteStore.Stored quote, QuoteStanding.Given given) {
        // Whoever holds the address is no account of the shop; the record names them as they named themselves.
        Person customer = new Person("quote-" + quote.id(), given.who() + ", by the quote’s address", Role.OFFICE);
        return settle(quote.content().tag(), quote, given, "quote’s address", ChangeContext.of(customer));
    }

    Optional<QuoteStore.Stored> byAddress(String address) {
        return store.byLink(SecretAddress.hash(address), JobClock.now());
    }
}
