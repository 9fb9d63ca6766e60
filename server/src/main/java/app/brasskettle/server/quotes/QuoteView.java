package app.brasskettle.server.quotes;

import app.brasskettle.core.quote.QuoteState;
import java.time.OffsetDateTime;
import java.util.List;

/**
 * A quote as the shop sees it.
 *
 * @param version its number
 * @param state whether it can still be answered
 * @param stateLabel the same in words
 * @param issuedBy by whom
 * @param issuedAt when
 * @param validUntil how long it stands
 * @param options what it offers, with prices
 * @param answers what came back
 * @param addresses by which it can be read and answered
 */
record QuoteView(
        int version,
        QuoteState state,
        String stateLabel,
        String issuedBy,
        OffsetDateTime issuedAt,
        OffsetDateTime validUntil,
        List<Priced> options,
        List<QuoteStore.Answered> answers,
        List<QuoteStore.Link> addresses) {

    /** An option with its price. */
    record Priced(String name, boolean open, String net, String gross) {}
}
