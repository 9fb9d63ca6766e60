package app.brasskettle.core.design;

/** Usual figures of a three-phase cage motor. Estimates: real designs spread widely round them. */
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

    private DesignRules() {}

    /** Returns the usual full-load efficiency, 0 to 1, for {@code kilowatts}. */
    static double efficiency(double kilowatts) {
        return 0.965 - 0.165 / Math.pow(1 + kilowatts, 0.6);
    }

    /** Returns the usual power factor at full load, 0 to 1; many poles need more magnetising current. */
    static double powerFactor(double kilowatts, int poles) {
        return 0.9 - 0.16 / Math.pow(1 + kilowatts, 0.45) - 0.015 * (poles - 2) / 2;
    }
}
