package app.brasskettle.core.testkind;

import app.brasskettle.core.quantity.Figures;
import java.util.Optional;
import java.util.function.Function;

/**
 * The figure by which a test is compared with the same test taken at another time.
 *
 * @param name what it is, in a word or two
 * @param unit its unit, empty for none
 * @param better which way is better
 * @param read the figure of a result; empty where it has none
 * @param <R> what is computed of the readings
 */
public record KeyFigure<R>(String name, String unit, Better better, Function<R, Optional<Double>> read) {

    /** Readings of one motor differ by so much from day to day, in the shop's experience; less is no change. */
    private static final double SAME_SHARE = 0.1;

    /** Which way is better. */
    public enum Better {
        HIGHER,
        LOWER,
        /** Neither: it is held against a prediction. */
        NEITHER
    }

    /** The figure with its unit. */
    public String shown(double value) {
        return (Figures.significant(value, 3) + " " + unit).strip();
    }

    /** Tells whether {@code now} is worse than {@code before} by more than readings differ from day to day. */
    public boolean worse(double before, double now) {
        return switch (better) {
            case HIGHER -> now < before * (1 - SAME_SHARE);
            case LOWER -> now > before * (1 + SAME_SHARE);
            case NEITHER -> false;
        };
    }
}
