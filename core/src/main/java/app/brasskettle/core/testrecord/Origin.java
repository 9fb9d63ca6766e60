package app.brasskettle.core.testrecord;

import app.brasskettle.core.worksheet.Coded;

/** How a test came into the record. */
public enum Origin implements Coded {
    /** Taken here and recorded then. */
    HERE,
    /** Read by one of the product's own simulated instruments. */
    SIMULATED,
    /** Taken before its gate allowed it, or before anybody wrote it down; entered later with a reason. */
    TAKEN_BEFORE,
    /** Brought by a file from elsewhere. */
    FILE;

    /** Whether it may prove something to a gate of this shop, where simulated instruments are {@code allowed}. */
    boolean provesHere(boolean allowed) {
        return this == HERE || this == SIMULATED && allowed;
    }
}
