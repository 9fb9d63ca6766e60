package app.brasskettle.core.airgap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Verdict;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AirGapTest {

    private static AirGapResult gap(List<Double> gaps) {
        return AirGapWorksheet.create().work().apply(new AirGap(gaps));
    }

    /** Gaps of a round rotor lying off by {@code offset} toward {@code degrees}. */
    private static List<Double> eccentric(int points, double mean, double offset, double degrees) {
        return IntStream.range(0, points)
                .mapToObj(i -> mean - offset * Math.cos(Math.toRadians(360.0 * i / points - degrees)))
                .toList();
    }

    /** One point off a mean of 0.50 mm: 10 % is the limit, watched over 7 %. */
    @ParameterizedTest
    @CsvSource({"0.060, HOLDS", "0.070, HOLDS", "0.075, WATCH", "0.100, WATCH", "0.101, STOP", "0.3, STOP"})
    void theLargestDepartureFromTheMeanJudges(double share, Verdict verdict) {
        List<Double> gaps = eccentric(8, 0.5, 0.5 * share, 0);
        assertThat(gap(gaps).deviationPercent()).isCloseTo(100 * share, within(1e-9));
        assertThat(gap(gaps).verdict()).isEqualTo(verdict);
    }

    /** Worked by hand: 0.40 0.42 0.50 0.58 0.60 0.58 0.50 0.42 has mean 0.5; the top is 20 % tight. */
    @Test
    void namesThePointAndTheSideTheRotorLiesTo() {
        AirGapResult r = gap(List.of(0.40, 0.42, 0.50, 0.58, 0.60, 0.58, 0.50, 0.42));
        assertThat(r.meanMm()).isCloseTo(0.5, within(1e-12));
        assertThat(r.deviationPercent()).isCloseTo(20, within(1e-9));
        assertThat(r.worstPoint()).isIn(1, 5);
        assertThat(r.offsetDegrees()).isCloseTo(0, within(1e-6));
        assertThat(r.verdict()).isEqualTo(Verdict.STOP);
    }

    /** The offset comes back whatever its side and however many points; turning the bore turns the answer and nothing else. */
    @ParameterizedTest
    @CsvSource({"8, 0.03, 10", "8, 0.05, 135", "12, 0.02, 270", "9, 0.04, 200", "4, 0.03, 250"})
    void findsTheOffsetItWasMadeFrom(int points, double offset, double degrees) {
        AirGapResult r = gap(eccentric(points, 0.6, offset, degrees));
        assertThat(r.offsetMm()).isCloseTo(offset, within(1e-12));
        assertThat(r.offsetDegrees()).isCloseTo(degrees, within(1e-6));
        List<Double> turned = new java.util.ArrayList<>(eccentric(points, 0.6, offset, degrees));
        Collections.rotate(turned, 1);
        assertThat(gap(turned).deviationPercent()).isCloseTo(r.deviationPercent(), within(1e-12));
        assertThat(gap(turned).offsetDegrees()).isCloseTo((degrees + 360.0 / points) % 360, within(1e-6));
    }

    @Test
    void refusesTooFewPointsAndGapsThatAreNone() {
        assertThat(Refusals.fields(() -> new AirGap(Collections.nCopies(3, 0.5))))
                .containsExactly("gapsMm");
        assertThat(Refusals.fields(() -> new AirGap(List.of(0.5, 0.5, 0.5, 0.0, 0.5, 0.5, 0.5, Double.NaN))))
                .containsExactly("gapsMm[3]", "gapsMm[7]");
    }
}
