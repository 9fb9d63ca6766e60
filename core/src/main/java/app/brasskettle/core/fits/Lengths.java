package app.brasskettle.core.fits;

import app.brasskettle.core.quantity.Figures;
import java.util.List;

/** Lengths measured several times on one part, mm. Lengths within 1 nm are equal. */
public final class Lengths {

    private static final double EQUAL_MM = 1e-6;

    private Lengths() {}

    /** The largest of them. */
    public static double largest(List<Double> lengths) {
        return lengths.stream().mapToDouble(d -> d).max().orElseThrow();
    }

    /** The smallest of them. */
    public static double smallest(List<Double> lengths) {
        return lengths.stream().mapToDouble(d -> d).min().orElseThrow();
    }

    /** How far they lie apart. */
    public static double spread(List<Double> lengths) {
        return largest(lengths) - smallest(lengths);
    }

    /** Whether {@code length} lies above {@code limit}. */
    public static boolean over(double length, double limit) {
        return length > limit + EQUAL_MM;
    }

    /** A small length in running text. */
    public static String micron(double mm) {
        return Figures.significant(Math.max(0, 1000 * mm), 3) + " µm";
    }
}
