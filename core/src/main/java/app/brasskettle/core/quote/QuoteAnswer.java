package app.brasskettle.core.quote;

import app.brasskettle.core.worksheet.Coded;

/** What a customer can answer to a quote. */
public enum QuoteAnswer implements Coded {
    ACCEPTED("accepted"),
    DECLINED("declined"),
    QUESTION("asked");

    private final String label;

    QuoteAnswer(String label) {
        this.label = label;
    }

    /** The answer in running text. */
    public String label() {
        return label;
    }

    /** Whether it settles the quote; any number of questions may come before. */
    public boolean settles() {
        return this != QUESTION;
    }
}
