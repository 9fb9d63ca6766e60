package app.brasskettle.core.worksheet;

import java.util.Arrays;

/** An unchangeable run of numbers taken at equal intervals, held without boxing because traces are long. */
public final class Samples {

    private final double[] values;

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
        double peak = 0;
        for (double v : values) {
            peak = Math.max(peak, Math.abs(v));
        }
        return peak;
    }

    /** The same run divided by {@code divisor}. */
    public Samples over(double divisor) {
        return new Samples(Arrays.stream(values).map(v -> v / divisor).toArray());
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
