package app.brasskettle.core.fits;

import java.util.OptionalDouble;

/** Grease that a bearing takes at each greasing: 0.005 · D · B grams, with outside diameter and width in mm (rule of thumb in general use). */
public final class Grease {

    private static final double GRAMS_PER_MM2 = 0.005;

    private Grease() {}

    /** Grams for the bearing designated {@code text}; empty where the designation is none that is read here. */
    public static OptionalDouble grams(String text) {
        return Bearing.parse(text.strip())
                .map(b -> OptionalDouble.of(GRAMS_PER_MM2 * b.outsideMm() * b.widthMm()))
                .orElse(OptionalDouble.empty());
    }
}
