package app.brasskettle.core.rewind;

import app.brasskettle.core.worksheet.Coded;

/**
 * Usual cures of impregnating resins and varnishes, by the temperature of the part. The tin's own sheet comes first; these are the curves
 * that such sheets commonly ask for (shop rule).
 */
public enum ResinCure implements Coded {
    AIR_DRYING_BAKED_AT_120(120, 360, 150),
    BAKED_AT_130(130, 300, 160),
    BAKED_AT_140(140, 240, 165),
    BAKED_AT_150(150, 240, 180),
    BAKED_AT_160(160, 180, 185),
    BAKED_AT_180(180, 120, 200);

    private final double holdC;
    private final double holdMinutes;
    private final double limitC;

    ResinCure(double holdC, double holdMinutes, double limitC) {
        this.holdC = holdC;
        this.holdMinutes = holdMinutes;
        this.limitC = limitC;
    }

    /** Temperature of the part in °C from which time counts. */
    public double holdC() {
        return holdC;
    }

    /** How long it is held there, in minutes. */
    public double holdMinutes() {
        return holdMinutes;
    }

    /** Temperature of the part in °C that it is not to pass. */
    public double limitC() {
        return limitC;
    }
}
