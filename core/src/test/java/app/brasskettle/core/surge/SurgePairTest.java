package app.brasskettle.core.surge;

import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Samples;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A sample that nothing can have read is named by its place. */
class SurgePairTest {

    @ParameterizedTest
    @ValueSource(
            doubles = {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, 1e300, -1e300, 1e-300, -1e-300})
    void oneImpossibleSampleIsRefusedByItsPlace(double wrong) {
        double[] v = IntStream.range(0, 64).mapToDouble(i -> Math.cos(0.3 * i)).toArray();
        Samples right = Samples.of(v);
        v[41] = wrong;
        assertThatThrownBy(() -> new SurgePair(1e-7, right, Samples.of(v), SurgeKind.PHASE_TO_PHASE, true))
                .isInstanceOfSatisfying(
                        InvalidInputException.class,
                        refused -> org.assertj.core.api.Assertions.assertThat(refused.problems())
                                .extracting(p -> p.field())
                                .containsExactly("traceB[41]"));
    }
}
