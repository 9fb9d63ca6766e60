package app.brasskettle.core.insulation;

import app.brasskettle.core.worksheet.Coded;

/** Thermal class of an insulation (IEC 60085). */
public enum InsulationClass implements Coded {
    A,
    E,
    B,
    F,
    H;

    @Override
    public String code() {
        return name();
    }
}
