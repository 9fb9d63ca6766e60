package app.brasskettle.core.testrecord;

import app.brasskettle.core.worksheet.Coded;

/** What became of the Stop that a test found. */
public enum StopState implements Coded {
    /** It found none, or one of a winding or a motor that is no longer there. */
    NONE,
    /** Nothing has answered it. */
    STANDS,
    /** A repeat that proves reads good, and no work that fits was done between: two readings that disagree. */
    DISPUTED,
    /** Fitting work and a repeat, the agreement of another, or a lead hand's word ended it. */
    ENDED
}
