package app.brasskettle.core.surge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.resistance.Pair;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Samples;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SurgeWorksheetTest {

    private static final double INTERVAL = 1e-6;

    /** v = V·e^(−αt)·cos(2πft), the ring of an ideal capacitor and coil. */
    static Samples ring(double hertz, double peak, double alpha) {
        double[] v = new double[1000];
        for (int i = 0; i < v.length; i++) {
            double t = i * INTERVAL;
            // To the millivolt, as an instrument digitises; a bare cosine would hold figures too small to be real.
            v[i] = Math.rint(1000 * peak * Math.exp(-alpha * t) * Math.cos(2 * Math.PI * hertz * t)) / 1000;
        }
        return Samples.of(v);
    }

    private static SurgeResult compare(Samples a, Samples b, SurgeKind kind, boolean rotor) {
        return SurgeWorksheet.create(SurgeLimits.standard()).work().apply(new SurgePair(INTERVAL, a, b, kind, rotor));
    }

    private static SurgeResult phases(Samples a, Samples b) {
        return compare(a, b, SurgeKind.PHASE_TO_PHASE, false);
    }

    @Test
    void aTraceDoesNotDifferFromItself() {
        Samples a = ring(9000, 1500, 3000);
        SurgeResult r = phases(a, a);
        assertThat(r.differencePercent()).isZero();
        assertThat(r.frequencyShiftPercent()).contains(0.0);
        assertThat(r.verdict()).isEqualTo(Verdict.HOLDS);
    }

    @Test
    void findsTheFrequencyItWasMadeWith() {
        for (double hertz : new double[] {3000, 9000, 25_000}) {
            double read = phases(ring(hertz, 800, 2500), ring(hertz, 800, 2500))
                    .ringFrequencyAHz()
                    .orElseThrow();
            assertThat(read).isCloseTo(hertz, within(0.005 * hertz));
        }
    }

    @Test
    void differenceIsTheSameEitherWayRoundAndUnchangedByScale() {
        Samples a = ring(9000, 1500, 3000);
        Samples b = ring(9400, 1400, 3300);
        double d = phases(a, b).differencePercent();
        assertThat(phases(b, a).differencePercent()).isCloseTo(d, within(1e-9));
        assertThat(phases(a.over(7), b.over(7)).differencePercent()).isCloseTo(d, within(1e-9));
    }

    /** A difference of amplitude alone: D = 100·|1 − k|/(½(1 + k)). */
    @ParameterizedTest
    @CsvSource({"0.95, 5.128", "0.9, 10.526", "0.5, 66.667"})
    void differenceOfAmplitudeAlone(double k, double percent) {
        Samples a = ring(9000, 1000, 3000);
        assertThat(phases(a, a.over(1 / k)).differencePercent()).isCloseTo(percent, within(0.01));
    }

    @Test
    void pulsesAreComparedInShapeNotInHeight() {
        Samples low = ring(9000, 500, 3000);
        SurgeResult r = compare(low, low.over(0.25), SurgeKind.PULSE_TO_PULSE, true);
        assertThat(r.differencePercent()).isCloseTo(0, within(1e-9));
        assertThat(r.limitPercent()).isEqualTo(5);
        assertThat(r.shiftLimitPercent()).isEqualTo(2);
    }

    @Test
    void withTheRotorInTheLimitsAreWiderAndDoubtIsWatch() {
        Samples a = ring(9000, 1000, 6000);
        Samples b = ring(9200, 1000, 6000);
        SurgeResult out = phases(a, b);
        SurgeResult in = compare(a, b, SurgeKind.PHASE_TO_PHASE, true);
        assertThat(in.limitPercent()).isEqualTo(15);
        assertThat(in.shiftLimitPercent()).isEqualTo(8);
        assertThat(in.differencePercent()).isBetween(15.0, 30.0);
        assertThat(out.verdict()).isEqualTo(Verdict.STOP);
        assertThat(in.verdict()).isEqualTo(Verdict.WATCH);
        SurgeResult far = compare(a, ring(11_000, 1000, 6000), SurgeKind.PHASE_TO_PHASE, true);
        assertThat(far.verdict())
                .as("far over the limit: rotor or winding, nobody can tell yet")
                .isEqualTo(Verdict.UNPROVEN);
    }

    @Test
    void aTraceThatBarelyRingsProvesNothing() {
        Samples dull = ring(1500, 1000, 9000);
        SurgeResult r = phases(dull, dull);
        assertThat(r.ringFrequencyAHz()).isEmpty();
        assertThat(r.verdict()).isEqualTo(Verdict.UNPROVEN);
        assertThat(phases(dull, dull.over(3)).verdict())
                .as("over the limit stays a stop, ring or no ring")
                .isEqualTo(Verdict.STOP);
    }

    @Test
    void refusesTracesThatCannotBeCompared() {
        Samples a = ring(9000, 1000, 3000);
        assertThat(Refusals.fields(() -> phases(a, Samples.of(new double[999]))))
                .contains("traceB");
        assertThat(Refusals.fields(() -> phases(Samples.of(new double[15]), a))).containsExactly("traceA");
        assertThat(Refusals.fields(() -> phases(a, Samples.of(new double[1000]))))
                .containsExactly("traceB");
        assertThat(Refusals.fields(() -> compare(a, a, null, false))).containsExactly("kind");
    }

    /** IEEE Std 522 and the workshop rule: 2U + 1000 V new, 75 % and 65 % of it, per-unit levels from 1 kV. */
    @ParameterizedTest
    @CsvSource({
        "400, NEW, 1800",
        "400, RECONDITIONED, 1350",
        "400, PARTLY_REWOUND, 1350",
        "400, IN_SERVICE, 1170",
        "3300, NEW, 9430.47",
        "3300, IN_SERVICE, 7005.49"
    })
    void levelByVoltageAndState(double rated, SurgeLevel.State state, double volts) {
        assertThat(SurgeLevel.peakV(rated, state)).isCloseTo(volts, within(0.1));
    }

    @Test
    void namesTheOddOneAsTheConnectionAllows() {
        Samples same = ring(9000, 1000, 3000);
        Samples odd = ring(10_200, 1000, 3300);
        assertThat(set(same, odd, same, Connection.WYE).suspect())
                .hasValueSatisfying(s -> assertThat(s).isEqualTo("Phase B is the odd one"));
        assertThat(set(same, odd, same, Connection.DELTA).suspect().orElseThrow())
                .contains("between C and A");
        assertThat(set(odd, same, same, Connection.UNKNOWN).suspect().orElseThrow())
                .isEqualTo("Lead A stands apart");
        assertThat(set(same, same, same, Connection.WYE).suspect()).isEmpty();
    }

    @Test
    void theWorstPairJudgesTheSet() {
        Samples same = ring(9000, 1000, 3000);
        SurgeOutcome outcome = set(same, same, ring(10_200, 1000, 3300), Connection.WYE);
        assertThat(outcome.pairs().get(Pair.AB).verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(outcome.judgement().verdict()).isEqualTo(Verdict.STOP);
        assertThat(outcome.judgement().headline()).contains("Phase C");
    }

    private static SurgeSet concentric(Samples odd) {
        Samples usual = ring(9000, 1000, 3000);
        return new SurgeSet(INTERVAL, usual, usual, odd, Connection.WYE, false, Optional.empty());
    }

    /** One phase of a concentric winding rings 10 % slower: nothing by itself, and whole where it always did. */
    @Test
    void coilsUnlikeByConstructionAreSettledByAnEarlierVisitsTraces() {
        SurgeLimits limits = SurgeLimits.standard();
        SurgeSet now = concentric(ring(8100, 1000, 2700));
        SurgeOutcome alone = now.compare(limits);
        assertThat(alone.finding()).isEqualTo(SurgeOutcome.Finding.UNLIKE_COILS);
        assertThat(alone.judgement().verdict()).isEqualTo(Verdict.UNPROVEN);

        SurgeOutcome same = new EarlierTraces("TQ-0101", concentric(ring(8110, 940, 2700))).settle(now, alone, limits);
        assertThat(same.judgement().verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(same.finding()).isEqualTo(SurgeOutcome.Finding.ALIKE);
        assertThat(same.judgement().headline()).contains("TQ-0101", "limit 5.0 %");

        SurgeOutcome changed =
                new EarlierTraces("TQ-0101", concentric(ring(8900, 1000, 2970))).settle(now, alone, limits);
        assertThat(changed.judgement().verdict()).isEqualTo(Verdict.STOP);
        assertThat(changed.turnShort()).isTrue();
        assertThat(changed.judgement().headline()).contains("lead C");
    }

    /** Traces digitised otherwise settle nothing, and what is no question of unlike coils is not answered by them. */
    @Test
    void earlierTracesAnswerNoOtherQuestion() {
        SurgeLimits limits = SurgeLimits.standard();
        SurgeSet now = concentric(ring(8100, 1000, 2700));
        Samples usual = ring(9000, 1000, 3000);
        SurgeSet otherClock = new SurgeSet(
                2 * INTERVAL, usual, usual, ring(8100, 1000, 2700), Connection.WYE, false, Optional.empty());
        assertThat(new EarlierTraces("TQ-0101", otherClock).settle(now, now.compare(limits), limits))
                .satisfies(o -> {
                    assertThat(o.judgement().verdict()).isEqualTo(Verdict.UNPROVEN);
                    assertThat(o.judgement().because()).contains("digitised otherwise");
                });
        SurgeSet shorted = concentric(ring(10_200, 1000, 3300));
        SurgeOutcome stop = shorted.compare(limits);
        assertThat(stop.judgement().verdict()).isEqualTo(Verdict.STOP);
        assertThat(new EarlierTraces("TQ-0101", shorted).settle(shorted, stop, limits))
                .as("a short that was there before is a short")
                .isEqualTo(stop);
    }

    private static SurgeOutcome set(Samples a, Samples b, Samples c, Connection connection) {
        return new SurgeSet(INTERVAL, a, b, c, connection, false, Optional.empty()).compare(SurgeLimits.standard());
    }
}
