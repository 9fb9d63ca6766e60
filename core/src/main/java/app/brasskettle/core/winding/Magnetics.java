package app.brasskettle.core.winding;

/**
 * Flux of a balanced winding.
 *
 * @param seriesTurns turns in series of a phase
 * @param fluxWb flux per pole
 * @param gapT flux density in the gap
 * @param toothT in the teeth
 * @param coreT in the back iron
 */
public record Magnetics(double seriesTurns, double fluxWb, double gapT, double toothT, double coreT) {

    /** Computes the flux of a winding as it was taken. */
    static Magnetics of(WindingData d, double windingFactor) {
        return of(d, d.poles(), d.connection(), d.parallelCircuits(), windingFactor);
    }

    /**
     * Computes the flux of a winding in another connection of its leads: E = 4.44·f·N·kw·Φ, with E the voltage of one phase.
     *
     * @param d core, turns, voltage and frequency
     * @param poles poles of the field
     * @param connection wye or delta
     * @param circuits circuits side by side in a phase
     * @param windingFactor pitch × distribution for these poles
     */
    public static Magnetics of(
            WindingData d, int poles, WindingConnection connection, int circuits, double windingFactor) {
        double phaseV = connection.phaseV(d.ratedVoltageV());
        double turns = d.slots() / 3.0 * d.turnsPerCoil() / circuits;
        double flux = phaseV / (4.44 * d.frequencyHz() * turns * windingFactor);
        double gap = flux * poles / (2 * d.boreDiameterM() * d.coreLengthM());
        double tooth = gap * Math.PI * d.boreDiameterM() / (d.slots() * d.toothWidthM() * d.stackingFactor());
        double core = flux / (2 * d.backIronDepthM() * d.coreLengthM() * d.stackingFactor());
        return new Magnetics(turns, flux, gap, tooth, core);
    }

    /** True when gap, teeth and back iron would all be usual with the flux multiplied by {@code factor}. */
    boolean usualAt(double factor, WindingLimits l) {
        return within(gapT * factor, l.gapLowT(), l.gapHighT())
                && within(toothT * factor, l.toothLowT(), l.toothHighT())
                && within(coreT * factor, l.coreLowT(), l.coreHighT());
    }

    static boolean within(double value, double low, double high) {
        return !app.brasskettle.core.verdict.Limit.under(value, low)
                && !app.brasskettle.core.verdict.Limit.over(value, high);
    }
}
