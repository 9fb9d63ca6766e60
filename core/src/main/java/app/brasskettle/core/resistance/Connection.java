package app.brasskettle.core.resistance;

import app.brasskettle.core.worksheet.Word;

/** How three phases are joined. */
public enum Connection implements Word {
    WYE,
    DELTA,
    UNKNOWN
}
