package app.brasskettle.core.surge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.surge.SurgeOutcome.Finding;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Samples;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What kind of difference three traces show, bound by bound, and what makes traces comparable at all. */
class SurgeFindingsTest {

    private static final double INTERVAL = 1e-6;
    /** Damping of 1/s that gives 9000 Hz a decrement of a third a cycle. */
    private static final double ALPHA = 3000;

    private static Samples ring(double hertz, double alpha) {
        return SurgeWorksheetTest.ring(hertz, 1000, alpha);
    }

    private static SurgeOutcome odd(Samples odd, Connection connection, boolean rotorIn) {
        Samples usual = ring(9000, ALPHA);
        return new SurgeSet(INTERVAL, usual, usual, odd, connection, rotorIn, Optional.empty())
                .compare(SurgeLimits.standard());
    }

    /**
     * Rotor out, limits 10 % of difference and 3 % of shift: over a limit differs, over twice the limit turns are shorted; slower by
     * 0.3 % and dying no more than 10 % faster, in wye alone, coils are unlike by construction.
     */
    @ParameterizedTest
    @CsvSource({
        "9000, 1.00, WYE, ALIKE, HOLDS",
        "9030, 1.00, WYE, ALIKE, HOLDS",
        "9080, 1.00, WYE, DIFFERENT, STOP",
        "9900, 1.00, WYE, TURN_SHORT, STOP",
        "8100, 1.00, WYE, UNLIKE_COILS, UNPROVEN",
        "8100, 1.08, WYE, UNLIKE_COILS, UNPROVEN",
        "8100, 1.13, WYE, TURN_SHORT, STOP",
        "8100, 1.00, DELTA, TURN_SHORT, STOP",
        "9900, 1.00, DELTA, UNLIKE_COILS, UNPROVEN",
        "9900, 0.80, DELTA, TURN_SHORT, STOP",
        "9900, 1.00, WYE, TURN_SHORT, STOP",
        "8100, 1.00, UNKNOWN, TURN_SHORT, STOP",
        "8740, 1.00, WYE, UNLIKE_COILS, UNPROVEN",
        "8990, 1.20, WYE, DIFFERENT, STOP",
        "9000, 1.17, WYE, DIFFERENT, STOP",
        "9000, 1.05, WYE, ALIKE, HOLDS",
        "9000, 1.40, WYE, TURN_SHORT, STOP"
    })
    void theFindingWithTheRotorOut(
            double hertz, double damped, Connection connection, Finding finding, Verdict verdict) {
        SurgeOutcome o = odd(ring(hertz, ALPHA * damped * hertz / 9000), connection, false);
        assertThat(o.finding()).isEqualTo(finding);
        assertThat(o.judgement().verdict()).isEqualTo(verdict);
        assertThat(o.odd())
                .isEqualTo(finding == Finding.ALIKE && hertz == 9000 && damped == 1 ? o.odd() : SurgeRise.Lead.C);
    }

    /** Rotor in, limits 15 % and 8 %: over them the rotor may do it, over twice nobody can tell. */
    @ParameterizedTest
    @CsvSource({"9060, ALIKE", "9150, ROTOR_OR_WINDING", "9700, UNSETTLED", "8300, UNSETTLED"})
    void theFindingWithTheRotorIn(double hertz, Finding finding) {
        assertThat(odd(ring(hertz, ALPHA), Connection.WYE, true).finding()).isEqualTo(finding);
    }

    @Test
    void tracesThatBarelyRingProveNothing() {
        Samples dull = ring(1500, 9000);
        SurgeSet set = new SurgeSet(INTERVAL, dull, dull, dull, Connection.WYE, false, Optional.empty());
        assertThat(set.compare(SurgeLimits.standard()).finding()).isEqualTo(Finding.BARELY_RINGS);
        SurgeSet in = new SurgeSet(INTERVAL, dull, dull, dull, Connection.WYE, true, Optional.empty());
        assertThat(in.compare(SurgeLimits.standard()).finding()).isEqualTo(Finding.BARELY_RINGS);
    }

    /** A shorted turn takes energy out: 17 % more damping alone is told with its limit. */
    @Test
    void moreDampingIsToldWithItsLimit() {
        SurgeOutcome o = odd(ring(9000, ALPHA * 1.2), Connection.WYE, false);
        assertThat(o.judgement().headline()).contains("it dies", "faster, limit 15 %");
        assertThat(odd(ring(9300, ALPHA), Connection.WYE, false).judgement().headline())
                .doesNotContain("it dies");
    }

    /** Charging voltages up to a tenth apart are scaled away; further apart they are a difference. */
    @ParameterizedTest
    @CsvSource({"0.95, true", "0.92, true", "0.88, false", "1.09, true", "1.2, false"})
    void peaksNearlyAlikeAreScaled(double peak, boolean alike) {
        SurgeOutcome o = odd(ring(9000, ALPHA).over(1 / peak), Connection.WYE, false);
        assertThat(o.finding() == Finding.ALIKE).isEqualTo(alike);
    }

    private static Samples late(Samples trace, int samples) {
        double[] moved = new double[trace.size()];
        for (int i = 0; i < moved.length; i++) {
            moved[i] = i < samples ? trace.at(0) : trace.at(i - samples);
        }
        return Samples.of(moved);
    }

    /** A trigger that came late is moved back, by parts of a sample too; one as late as a tenth of the record is no trigger. */
    @ParameterizedTest
    @CsvSource({"0, true", "1, true", "5, true", "23, true", "90, true", "120, false"})
    void lateTriggersAreAligned(int samples, boolean alike) {
        SurgeOutcome o = odd(late(ring(9000, ALPHA), samples), Connection.WYE, false);
        assertThat(o.finding() == Finding.ALIKE).isEqualTo(alike);
    }

    /** A trace that rings faster crosses zero earlier and is not moved for that. */
    @Test
    void aFasterRingIsNoEarlyTrigger() {
        Samples slow = ring(9000, ALPHA);
        Samples fast = ring(9900, ALPHA * 1.1);
        assertThat(SurgeTraces.comparable(java.util.List.of(slow, fast), INTERVAL)
                        .get(1)
                        .size())
                .isEqualTo(fast.size());
    }

    /** Decrement of e^(−αt)·cos(2πft) is α/f a cycle. */
    @ParameterizedTest
    @CsvSource({"9000, 3000", "9000, 4500", "4000, 1500"})
    void dampingIsTheDecrementItWasMadeWith(double hertz, double alpha) {
        assertThat(Ring.damping(ring(hertz, alpha)).orElseThrow())
                .isCloseTo(alpha / hertz, within(0.06 * alpha / hertz));
        assertThat(Ring.decrement(ring(hertz, alpha)).orElseThrow())
                .isCloseTo(alpha / hertz, within(0.1 * alpha / hertz));
    }

    @Test
    void aTraceWithoutARingHasNoDamping() {
        assertThat(Ring.damping(ring(1500, 9000))).isEmpty();
        assertThat(Ring.decrement(ring(300, 9000))).isEmpty();
        assertThat(Ring.firstCrossing(ring(300, 9000))).isZero();
    }

    /** A quarter of 9000 Hz is 27.8 µs. */
    @Test
    void theFirstCrossingIsAQuarterOfTheRing() {
        assertThat(Ring.firstCrossing(ring(9000, ALPHA))).isCloseTo(1e6 / 9000 / 4, within(0.1));
    }

    @Test
    void anAngleBelongsToARotorThatIsIn() {
        Samples usual = ring(9000, ALPHA);
        assertThat(Refusals.fields(
                        () -> new SurgeSet(INTERVAL, usual, usual, usual, Connection.WYE, false, Optional.of(90.0))))
                .containsExactly("rotorAngleDegrees");
    }
}
