package app.brasskettle.core.insulation;

import app.brasskettle.core.worksheet.Coded;

/** Binder of the insulation, which decides how its resistance falls with heat. */
public enum InsulationSystem implements Coded {
    THERMOSETTING,
    THERMOPLASTIC;

    /**
     * Factor that turns a resistance at {@code windingC} into one at 40 °C (IEEE Std 43-2013, 6.3). The source covers 10
     * to 85 °C.
     */
    public double correctionTo40(double windingC) {
        if (this == THERMOPLASTIC) {
            return Math.pow(0.5, (40 - windingC) / 10);
        }
        double slope = windingC > 40 ? -4230 : -1245;
        return Math.exp(slope * (1 / (windingC + 273) - 1.0 / 313));
    }
}
