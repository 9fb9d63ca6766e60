package app.brasskettle.server.quotes;

import app.brasskettle.core.quote.QuoteAnswer;
import app.brasskettle.core.quote.QuoteStanding;
import app.brasskettle.core.quote.QuoteState;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.photos.PhotoBook;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.shops.CurrentShop;
import app.brasskettle.server.throttle.Attempt;
import app.brasskettle.server.throttle.Throttle;
import jakarta.servlet.http.HttpServletRequest;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A quote as its customer reads and answers it, by an address that is the key. Nothing else of the shop is behind it. */
@RestController
@RequestMapping("/api/quotes/{address}")
class CustomerQuoteController {

    private final QuoteBook quotes;
    private final QuoteStore store;
    private final PhotoBook photos;
    private final Throttle throttle;
    private final CurrentShop current;

    CustomerQuoteController(
            QuoteBook quotes, QuoteStore store, PhotoBook photos, Throttle throttle, CurrentShop current) {
        this.quotes = quotes;
        this.store = store;
        this.photos = photos;
        this.throttle = throttle;
        this.current = current;
    }

    /**
     * A quote as its customer sees it.
     *
     * @param quote what it says
     * @param state whether it can be answered
     * @param stateLabel the same in words
     * @param answers what was answered
     */
    record View(QuoteContent quote, QuoteState state, String stateLabel, List<Given> answers) {}

    /** An answer that was given. */
    record Given(QuoteAnswer answer, String option, String who, String words, OffsetDateTime at) {}

    /** What a customer answers. */
    record Body(String answer, String option, String who, String words) {}

    @GetMapping
    ResponseEntity<View> read(@PathVariable String address, HttpServletRequest call, CsrfToken csrf) {
        // Asked for here, so that the page holds what its answer must be sent with.
        csrf.getToken();
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .header("Referrer-Policy", "no-referrer")
                .body(view(find(address, call)));
    }

    @GetMapping(value = "/quote.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable String address, HttpServletRequest call) {
        return QuoteController.pages(find(address, call), store);
    }

    @GetMapping(value = "/photos/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
    byte[] photo(@PathVariable String address, @PathVariable long id, HttpServletRequest call) {
        QuoteContent quote = find(address, call).content();
        if (quote.photos().stream().noneMatch(p -> p.id() == id)) {
            throw RefusedException.unknown("This quote shows no such photograph");
        }
        return photos.picture(quote.tag(), id);
    }

    @PostMapping("/answer")
    View answer(@PathVariable String address, @RequestBody Body body, HttpServletRequest call) {
        QuoteStore.Stored quote = find(address, call);
        QuoteAnswer answer = Coded.parse(QuoteAnswer.class, body.answer() == null ? "" : body.answer())
                .orElseThrow(() -> new InvalidInputException(List.of(new Problem(
                        "answer", Problem.Code.WORD, "answer must be one of " + Coded.choices(QuoteAnswer.class)))));
        quotes.answerByAddress(
                quote,
                new QuoteStanding.Given(
                        answer,
                        Optional.ofNullable(body.option()),
                        body.who() == null ? "" : body.who(),
                        Optional.ofNullable(body.words())));
        return view(find(address, call));
    }

    private QuoteStore.Stored find(String address, HttpServletRequest call) {
        String caller = call.getRemoteAddr();
        // Where an address is 256 random bits, only how often somebody misses need be counted.
        throttle.check(Attempt.QUOTE_ADDRESS, caller);
        QuoteStore.Stored quote = quotes.byAddress(address).orElseThrow(() -> {
            throttle.count(Attempt.QUOTE_ADDRESS, caller);
            return RefusedException.unknown("This address opens no quote: it is over, taken back, or mistyped");
        });
        current.enter(quote.shop());
        return quote;
    }

    private View view(QuoteStore.Stored quote) {
        QuoteState state = quotes.standing(quote).state(JobClock.seconds(JobClock.now()));
        return new View(
                quote.content(),
                state,
                state.label(),
                store.answers(quote.id()).stream()
                        .map(a -> new Given(a.answer(), a.option(), a.who(), a.words(), a.at()))
                        .toList());
    }
}
