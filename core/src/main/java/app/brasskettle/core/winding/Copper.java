package app.brasskettle.core.winding;

/** Copper of windings: mass and resistance of wire (IEC 60028: ρ20 = 1.7241e-8 Ω·m, 0.00393 a kelvin). */
public final class Copper {

    public static final double KG_PER_M3 = 8960;
    public static final double OHM_M_AT_20C = 1.7241e-8;
    public static final double PER_K = 0.00393;

    private static final double M2_PER_MM2 = 1e-6;

    private Copper() {}

    /** Returns the mass of {@code lengthM} metres of {@code areaMm2}, kg. */
    public static double massKg(double lengthM, double areaMm2) {
        return KG_PER_M3 * lengthM * areaMm2 * M2_PER_MM2;
    }

    /** Returns the resistance of {@code lengthM} metres of {@code areaMm2} at {@code celsius}, Ω. */
    public static double ohm(double lengthM, double areaMm2, double celsius) {
        return OHM_M_AT_20C * (1 + PER_K * (celsius - 20)) * lengthM / (areaMm2 * M2_PER_MM2);
    }
}
