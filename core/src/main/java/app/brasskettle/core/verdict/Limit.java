package app.brasskettle.core.verdict;

/**
 * Comparison of a figure with a limit.
 *
 * <p>Limits are inclusive: a figure within 1e-9 (relative) of its limit has not passed it, so that arithmetic noise
 * never turns a verdict.
 */
public final class Limit {

    private static final double RELATIVE = 1e-9;

    private Limit() {}

    /** True when {@code value} lies above {@code limit}. */
    public static boolean over(double value, double limit) {
        return value > limit && !same(value, limit);
    }

    /** True when {@code value} lies below {@code limit}. */
    public static boolean under(double value, double limit) {
        return value < limit && !same(value, limit);
    }

    /** The largest whole number not over {@code value}; a value a hair short of a whole number counts as that number. */
    public static double floor(double value) {
        double nearest = Math.rint(value);
        return same(value, nearest) ? nearest : Math.floor(value);
    }

    /** Holds up to {@code holds}, watch up to {@code watch}, stop beyond. */
    public static Verdict ceiling(double value, double holds, double watch) {
        if (!over(value, holds)) {
            return Verdict.HOLDS;
        }
        return over(value, watch) ? Verdict.STOP : Verdict.WATCH;
    }

    private static boolean same(double value, double limit) {
        return Math.abs(value - limit) <= RELATIVE * Math.max(Math.abs(value), Math.abs(limit));
    }
}
