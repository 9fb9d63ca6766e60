package app.brasskettle.core.quote;

import app.brasskettle.core.worksheet.Coded;

/** Whether a quote can still be answered. */
public enum QuoteState implements Coded {
    OPEN("waits for an answer"),
    ACCEPTED("accepted"),
    DECLINED("declined"),
    SUPERSEDED("a later quote took its place"),
    EXPIRED("no longer valid");

    private final String label;

    QuoteState(String label) {
        this.label = label;
    }

    /** The state in running text. */
    public String label() {
        return label;
    }
}
