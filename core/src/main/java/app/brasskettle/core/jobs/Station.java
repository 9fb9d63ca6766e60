package app.brasskettle.core.jobs;

import app.brasskettle.core.worksheet.Word;

/** Stations of the work, in its order. */
public enum Station implements Word {
    RECEIVE,
    BENCH,
    TEARDOWN,
    CAUSE,
    WINDING,
    CHOOSE;

    /** The station as a heading. */
    public String spoken() {
        return name().charAt(0) + word().substring(1);
    }
}
