package app.brasskettle.core.winding;

import app.brasskettle.core.worksheet.Word;

/** Wye or delta, as a winding that was taken down must be one of them. */
public enum WindingConnection implements Word {
    WYE,
    DELTA
}
