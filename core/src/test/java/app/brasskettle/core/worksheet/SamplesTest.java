package app.brasskettle.core.worksheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SamplesTest {

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5})
    void largestAndSmallestAreThoseOfASlowLook(int seed) {
        Random random = new Random(seed);
        double[] v = random.doubles(500)
                .map(d -> random.nextInt(5) == 0 ? 0 : Math.pow(10, 40 * d - 20) * (random.nextBoolean() ? 1 : -1))
                .toArray();
        Samples samples = Samples.of(v);
        assertThat(samples.peak())
                .isEqualTo(Arrays.stream(v).map(Math::abs).max().orElseThrow());
        assertThat(samples.least())
                .isEqualTo(
                        Arrays.stream(v).map(Math::abs).filter(d -> d > 0).min().orElseThrow());
    }

    @Test
    void nothingButZerosHasZeroForBothAndWhatIsNoFigureHasNone() {
        assertThat(Samples.of(0, -0.0, 0).peak()).isZero();
        assertThat(Samples.of(0, -0.0, 0).least()).isZero();
        assertThat(Samples.of().peak()).isZero();
        assertThat(Samples.of(3, Double.NaN, -4).peak()).isNaN();
        assertThat(Samples.of(3, Double.NEGATIVE_INFINITY).peak()).isInfinite();
    }
}
