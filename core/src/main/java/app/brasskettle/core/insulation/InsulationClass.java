package app.brasskettle.core.insulation;

import app.brasskettle.core.worksheet.Word;

/** Thermal class of an insulation (IEC 60085). */
public enum InsulationClass implements Word {
    A,
    E,
    B,
    F,
    H;

    @Override
    public String word() {
        return name();
    }
}
