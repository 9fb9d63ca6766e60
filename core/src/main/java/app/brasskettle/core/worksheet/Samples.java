package app.brasskettle.core.worksheet;

import java.util.Arrays;

/** An unchangeable run of numbers taken at equal intervals, held without boxing because traces are long. */
public final class Samples {

    private static final double NOT_LOOKED_FOR = -1;

    private final double[] values;

    /** Long traces are asked for it again and again. */
    private volatile double peak = NOT_LOOKED_FOR;

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
        double known = peak;
        if (known == NOT_LOOKED_FOR) {
            known = 0;
            for (double v : values) {
                known = Math.max(known, Math.abs(v));
            }
            peak = known;
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
