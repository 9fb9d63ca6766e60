package app.brasskettle.core.worksheet;

import java.util.Arrays;

/** An unchangeable run of numbers taken at equal intervals, held without boxing because traces are long. */
public final class Samples {

    private final double[] values;

    /** Long traces are asked for them again and again: looked for once, both in one pass. */
    private volatile Sizes sizes;

    /** The largest absolute value, and the smallest that is not zero; no number where one of them is none. */
    private record Sizes(double peak, double least) {}

    private Samples(double[] values) {
        this.values = values;
    }

    public static Samples of(double... values) {
        return new Samples(values.clone());
    }

    public int size() {
        return values.length;
    }

    public double at(int index) {
        return values[index];
    }

    /** The largest absolute value; zero for an empty run. */
    public double peak() {
        return sizes().peak();
    }

    /** The smallest absolute value that is not zero; zero where there is none. */
    public double least() {
        return sizes().least();
    }

    private Sizes sizes() {
        Sizes known = sizes;
        if (known == null) {
            double peak = 0;
            double least = Double.POSITIVE_INFINITY;
            boolean figures = true;
            for (double v : values) {
                double size = Math.abs(v);
                if (size > peak) {
                    peak = size;
                }
                if (size < least && size > 0) {
                    least = size;
                }
                figures &= size >= 0;
            }
            known = figures ? new Sizes(peak, peak == 0 ? 0 : least) : new Sizes(Double.NaN, Double.NaN);
            sizes = known;
        }
        return known;
    }

    /** The same run divided by {@code divisor}. */
    public Samples over(double divisor) {
        double[] divided = new double[values.length];
        for (int i = 0; i < divided.length; i++) {
            divided[i] = values[i] / divisor;
        }
        return new Samples(divided);
    }

    public double[] toArray() {
        return values.clone();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Samples s && Arrays.equals(values, s.values);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(values);
    }

    @Override
    public String toString() {
        return values.length + " samples";
    }
}
