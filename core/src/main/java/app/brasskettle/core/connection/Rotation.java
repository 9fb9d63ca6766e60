package app.brasskettle.core.connection;

import app.brasskettle.core.worksheet.Coded;

/** Sense in which a field turns, seen from the connection end; slots count clockwise. */
public enum Rotation implements Coded {
    CLOCKWISE,
    COUNTERCLOCKWISE
}
