package app.brasskettle.core.resistance;

import app.brasskettle.core.worksheet.Coded;

/** How three phases are joined. */
public enum Connection implements Coded {
    WYE,
    DELTA,
    UNKNOWN
}
