package app.brasskettle.core.nameplate;

/**
 * Power that a core gives by the shear in its gap: P = σ·(π/2)·D²·L·ω, σ = 10 kPa·√(D/0.12 m). A shop rule: real designs give 0.6 to
 * 1.6 of it.
 */
public final class CoreOutput {

    /** Least and most of the power that real designs give, as shares of it. */
    public static final double LEAST = 0.6;

    public static final double MOST = 1.6;
    public static final String SOURCE =
            "Shop rule: P = σ·(π/2)·D²·L·ω, shear in the gap σ = 10 kPa·√(D/0.12 m), 0.6 to 1.6 of it";

    private static final double SHEAR_PA = 10_000;
    private static final double SHEAR_AT_BORE_M = 0.12;

    private CoreOutput() {}

    /**
     * Returns the likeliest power, W.
     *
     * @param boreM stator bore
     * @param lengthM iron length
     * @param hertz supply frequency
     * @param poles number of poles
     */
    public static double watts(double boreM, double lengthM, double hertz, int poles) {
        double shear = SHEAR_PA * Math.sqrt(boreM / SHEAR_AT_BORE_M);
        return shear * Math.PI / 2 * boreM * boreM * lengthM * omega(hertz, poles);
    }

    /**
     * Returns the bore of the core that likeliest gives a power, m.
     *
     * @param watts power
     * @param slender iron length over the pitch of a pole along the bore
     * @param hertz supply frequency
     * @param poles number of poles
     */
    public static double boreFor(double watts, double slender, double hertz, int poles) {
        double unit =
                SHEAR_PA / Math.sqrt(SHEAR_AT_BORE_M) * Math.PI / 2 * slender * Math.PI / poles * omega(hertz, poles);
        return Math.pow(watts / unit, 1 / 3.5);
    }

    private static double omega(double hertz, int poles) {
        return 4 * Math.PI * hertz / poles;
    }
}
