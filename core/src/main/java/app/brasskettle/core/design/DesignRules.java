package app.brasskettle.core.design;

/**
 * Usual design of a three-phase cage motor, from the power it is made for to its core, and back. Estimates: real designs spread
 * widely round them.
 *
 * <p>Output equation: S = C·D²·L·n, C = 11·kw·B·ac·10⁻³ kVA/(m³·r/s), with B the mean flux density in the gap and ac the
 * ampere-conductors on a metre of bore (textbook of machine design). What rises with size is ac.
 */
final class DesignRules {

    /** Peak of the flux density in the gap that usual designs have, T. */
    static final double GAP_T = 0.75;

    static final double GAP_LOW_T = 0.6;
    static final double GAP_HIGH_T = 0.9;
    static final double TOOTH_T = 1.55;
    static final double CORE_T = 1.4;
    /** Current density that usual designs have, A/mm². */
    static final double DENSITY_LOW = 3.5;

    static final double DENSITY_HIGH = 7;
    static final double STACKING = 0.95;
    static final double FILL = 0.7;

    private static final double LOADING_AT_1_KW = 17_500;
    private static final double LOADING_POWER = 0.17;

    private DesignRules() {}

    /** Returns the usual full-load efficiency, 0 to 1, for {@code kilowatts}. */
    static double efficiency(double kilowatts) {
        return 0.965 - 0.165 / Math.pow(1 + kilowatts, 0.6);
    }

    /** Returns the usual power factor at full load, 0 to 1; many poles need more magnetising current. */
    static double powerFactor(double kilowatts, int poles) {
        return 0.9 - 0.16 / Math.pow(1 + kilowatts, 0.45) - 0.015 * (poles - 2) / 2;
    }

    /** Returns the usual ampere-conductors on a metre of bore. */
    static double loading(double kilowatts) {
        return LOADING_AT_1_KW * Math.pow(Math.max(kilowatts, 0.1), LOADING_POWER);
    }

    /** Returns kilovolt-amperes out of a core at rated load. */
    static double kva(
            double boreM, double lengthM, double turnsPerSecond, double windingFactor, double gapT, double loading) {
        return 11 * windingFactor * mean(gapT) * loading * 1e-3 * boreM * boreM * lengthM * turnsPerSecond;
    }

    /** Returns D²·L of the core that gives {@code kva}, m³. */
    static double coreFor(double kva, double turnsPerSecond, double windingFactor, double loading) {
        return kva / (11 * windingFactor * mean(GAP_T) * loading * 1e-3 * turnsPerSecond);
    }

    /** Mean of a sine-shaped field by its peak. */
    private static double mean(double peakT) {
        return peakT * 2 / Math.PI;
    }
}
