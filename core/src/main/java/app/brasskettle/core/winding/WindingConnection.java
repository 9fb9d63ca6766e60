package app.brasskettle.core.winding;

import app.brasskettle.core.worksheet.Coded;

/** Wye or delta, as a winding that was taken down must be one of them. */
public enum WindingConnection implements Coded {
    WYE,
    DELTA;

    private static final double ROOT = Math.sqrt(3);

    /** Returns the voltage of a phase by that between lines. */
    public double phaseV(double lineV) {
        return this == WYE ? lineV / ROOT : lineV;
    }

    /** Returns the voltage between lines by that of a phase. */
    public double lineV(double phaseV) {
        return this == WYE ? phaseV * ROOT : phaseV;
    }

    /** Returns the current of a phase by that of a line. */
    public double phaseA(double lineA) {
        return this == WYE ? lineA : lineA / ROOT;
    }

    /** Returns the current of a line by that of a phase. */
    public double lineA(double phaseA) {
        return this == WYE ? phaseA : phaseA * ROOT;
    }
}
