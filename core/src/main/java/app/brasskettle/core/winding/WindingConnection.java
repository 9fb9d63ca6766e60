package app.brasskettle.core.winding;

import app.brasskettle.core.worksheet.Coded;

/** Wye or delta, as a winding that was taken down must be one of them. */
public enum WindingConnection implements Coded {
    WYE,
    DELTA
}
