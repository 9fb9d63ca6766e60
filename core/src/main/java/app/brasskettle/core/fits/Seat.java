package app.brasskettle.core.fits;

import app.brasskettle.core.worksheet.Word;

/** Where a bearing sits. */
public enum Seat implements Word {
    SHAFT,
    HOUSING
}
