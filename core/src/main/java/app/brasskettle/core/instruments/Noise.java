package app.brasskettle.core.instruments;

import java.util.Random;

/** Seeded spread and noise: the same motor, instrument and moment always give the same reading. */
final class Noise {

    private Noise() {}

    /** A factor around 1 whose standard deviation is {@code share}. */
    static double factor(long seed, long place, double share) {
        return 1 + share * new Random(seed * 1_000_003 + place * 7919).nextGaussian();
    }
}
