package app.brasskettle.core.worksheet;

/**
 * A figure nobody knows exactly: a triangular distribution, or one figure where all three are alike.
 *
 * @param low it will not be less
 * @param likely the likeliest
 * @param high it will not be more
 */
public record Triangular(double low, double likely, double high) {

    public Triangular {
        Problems problems = new Problems();
        boolean figures = problems.number("low", low, "");
        figures &= problems.number("likely", likely, "");
        figures &= problems.number("high", high, "");
        if (figures && low > high) {
            problems.add("low", Problem.Code.CONTRADICTION, "low is " + low + ", over high, which is " + high);
        } else if (figures && (likely < low || likely > high)) {
            problems.add(
                    "likely",
                    Problem.Code.CONTRADICTION,
                    "likely is " + likely + "; it must lie between low, " + low + ", and high, " + high);
        }
        problems.throwIfAny();
    }

    /** One figure, known exactly. */
    public static Triangular exactly(double figure) {
        return new Triangular(figure, figure, figure);
    }

    /** Whether nothing about it is uncertain. */
    public boolean exact() {
        return low == high;
    }

    /** The same distribution in another unit. */
    public Triangular times(double factor) {
        return new Triangular(low * factor, likely * factor, high * factor);
    }

    /**
     * The figure that is not passed with probability {@code p}.
     *
     * @param p from 0 to 1
     */
    public double at(double p) {
        if (exact()) {
            return likely;
        }
        double width = high - low;
        double rising = (likely - low) / width;
        return p < rising
                ? low + Math.sqrt(p * width * (likely - low))
                : high - Math.sqrt((1 - p) * width * (high - likely));
    }

    /** Probability that it turns out at or under {@code figure}. */
    public double probabilityUpTo(double figure) {
        if (figure >= high) {
            return 1;
        }
        if (figure < low) {
            return 0;
        }
        double width = high - low;
        return figure <= likely && likely > low
                ? (figure - low) * (figure - low) / (width * (likely - low))
                : 1 - (high - figure) * (high - figure) / (width * (high - likely));
    }
}
