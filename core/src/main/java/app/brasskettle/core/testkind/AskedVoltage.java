package app.brasskettle.core.testkind;

import app.brasskettle.core.quantity.Figures;

/**
 * The voltage a test is asked to be taken at.
 *
 * @param lowV least in V
 * @param highV most in V; positive infinity where only too little is wrong
 * @param sentence what is asked, with figures
 */
public record AskedVoltage(double lowV, double highV, String sentence) {

    /** Voltage within this share of what is asked is that voltage. */
    private static final double SAME_VOLTAGE = 0.05;

    /** A peak to reach at least, in V. */
    public static AskedVoltage peak(double peakV) {
        return new AskedVoltage(peakV, Double.POSITIVE_INFINITY, Figures.plain(Math.rint(peakV)) + " V peak is asked");
    }

    /** A part of it, which is enough for a winding without varnish; all of it is no fault. */
    public AskedVoltage atLeast(double percent) {
        return new AskedVoltage(
                lowV * percent / 100, highV, sentence + ", before varnish " + Figures.plain(percent) + " % of it");
    }

    /** Tells whether {@code v}, in V, is that voltage. */
    public boolean met(double v) {
        return v >= lowV * (1 - SAME_VOLTAGE) && v <= highV * (1 + SAME_VOLTAGE);
    }
}
