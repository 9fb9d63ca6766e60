package app.brasskettle.core.fits;

import app.brasskettle.core.worksheet.Coded;

/** Where a bearing sits. */
public enum Seat implements Coded {
    SHAFT,
    HOUSING
}
