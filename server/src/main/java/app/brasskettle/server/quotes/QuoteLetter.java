package app.brasskettle.server.quotes;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** The letter a quote's address goes out with. */
final class QuoteLetter {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

    private QuoteLetter() {}

    /** The letter in plain text. */
    static String text(QuoteContent quote, String address) {
        return "Quote " + quote.version() + " for " + quote.machine() + ", our job " + quote.tag() + "\n\n"
                + quote.why() + "\n\n"
                + quote.advised()
                        .flatMap(quote::option)
                        .map(o -> "We recommend: " + o.name() + ", "
                                + o.price().gross().toPlainString() + " "
                                + quote.shop().currency() + ", ready in " + o.lead() + ".\n\n")
                        .orElse("")
                + "Read it and answer it here, until "
                + DAY.format(quote.validUntil()
                        .atZoneSameInstant(ZoneId.of(quote.shop().zone()))) + ":\n" + address
                + "\n\nWhoever has this address can answer for you: do not pass it on.\n\n"
                + quote.shop().name() + "\n" + quote.shop().address() + "\n";
    }
}
