package app.brasskettle.core.surge;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.surge.SurgeRise.Lead;
import app.brasskettle.core.surge.SurgeRise.Pulse;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Samples;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Pulses of rising voltage: one phase that jumps lets go, all three that drift alike are the iron (IEEE Std 522). */
class SurgeRiseTest {

    private static final double INTERVAL = 1e-6;

    private final List<Pulse> pulses = new ArrayList<>();

    private SurgeRiseTest lead(Lead lead, double... hertz) {
        for (int i = 0; i < hertz.length; i++) {
            double volts = 500 * (i + 1);
            pulses.add(new Pulse(lead, volts, SurgeWorksheetTest.ring(hertz[i], volts, 3000)));
        }
        return this;
    }

    private SurgeRiseResult read() {
        return SurgeRiseWorksheet.create(SurgeLimits.standard())
                .work()
                .apply(new SurgeRise(INTERVAL, false, Optional.empty(), pulses));
    }

    @Test
    void pulsesThatKeepTheirShapeHold() {
        SurgeRiseResult r = lead(Lead.A, 9000, 9000, 9000)
                .lead(Lead.B, 9000, 9000, 9000)
                .lead(Lead.C, 9000, 9000, 9000)
                .read();
        assertThat(r.judgement().verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(r.pairs()).hasSize(6);
        assertThat(r.letsGoAboveV()).isEmpty();
        assertThat(r.judgement().headline()).contains("1500 V");
    }

    /** Lead B jumps from 1000 to 1500 V, which is where its turns let go. */
    @Test
    void oneLeadThatJumpsLetsGo() {
        SurgeRiseResult r = lead(Lead.A, 9000, 9000, 9000)
                .lead(Lead.B, 9000, 9000, 9800)
                .lead(Lead.C, 9000, 9000, 9000)
                .read();
        assertThat(r.judgement().verdict()).isEqualTo(Verdict.STOP);
        assertThat(r.letsGoAboveV()).contains(1000.0);
        assertThat(r.judgement().headline()).contains("Lead B lets go between 1000 and 1500 V");
    }

    @Test
    void theLowestVoltageThatLetsGoIsTold() {
        SurgeRiseResult r = lead(Lead.A, 9000, 9000, 9800)
                .lead(Lead.B, 9000, 9800, 9800)
                .lead(Lead.C, 9000, 9000, 9000)
                .read();
        assertThat(r.letsGoAboveV()).contains(500.0);
    }

    /** All three drift by as much at the same step. */
    @Test
    void allThreeThatDriftAlikeAreTheIron() {
        SurgeRiseResult r = lead(Lead.A, 9000, 8700)
                .lead(Lead.B, 9000, 8700)
                .lead(Lead.C, 9000, 8710)
                .read();
        assertThat(r.judgement().verdict()).isEqualTo(Verdict.WATCH);
        assertThat(r.judgement().headline()).contains("All three leads change alike");
        SurgeRiseResult two = new SurgeRiseTest()
                .lead(Lead.A, 9000, 8700)
                .lead(Lead.B, 9000, 8700)
                .read();
        assertThat(two.judgement().verdict()).as("two of three are not all").isEqualTo(Verdict.STOP);
        SurgeRiseResult oneFaster = new SurgeRiseTest()
                .lead(Lead.A, 9000, 8700)
                .lead(Lead.B, 9000, 8700)
                .lead(Lead.C, 9000, 9320)
                .read();
        assertThat(oneFaster.judgement().verdict())
                .as("as far off, the other way")
                .isEqualTo(Verdict.STOP);
    }

    /** Steady at first and drifting at the second step, all alike: still the iron. */
    @Test
    void aDriftIsComparedStepByStep() {
        SurgeRiseResult r = lead(Lead.A, 9000, 9000, 8700)
                .lead(Lead.B, 9000, 9000, 8700)
                .lead(Lead.C, 9000, 9000, 8700)
                .read();
        assertThat(r.judgement().verdict()).isEqualTo(Verdict.WATCH);
    }

    /** A lead shorted from the first pulse never jumps: it stands apart from the others. */
    @Test
    void aLeadShortedFromTheFirstPulseStandsApart() {
        SurgeRiseResult r = lead(Lead.A, 9000, 9000)
                .lead(Lead.B, 9000, 9000)
                .lead(Lead.C, 10_200, 10_200)
                .read();
        assertThat(r.judgement().verdict()).isEqualTo(Verdict.STOP);
        assertThat(r.judgement().headline())
                .startsWith("From the first pulse on")
                .contains("Lead C");
    }

    @Test
    void onePulseOnEachLeadSaysNothing() {
        assertThat(lead(Lead.A, 9000)
                        .lead(Lead.B, 9000)
                        .lead(Lead.C, 9000)
                        .read()
                        .judgement()
                        .verdict())
                .isEqualTo(Verdict.UNPROVEN);
    }

    @Test
    void pulsesRiseAndAreAsLong() {
        Samples usual = SurgeWorksheetTest.ring(9000, 1000, 3000);
        Samples shorter = Samples.of(
                java.util.stream.IntStream.range(0, 500).mapToDouble(usual::at).toArray());
        assertThat(Refusals.fields(() -> new SurgeRise(
                        INTERVAL,
                        false,
                        Optional.empty(),
                        List.of(new Pulse(Lead.A, 500, usual), new Pulse(Lead.A, 500, usual)))))
                .containsExactly("pulses");
        assertThat(Refusals.fields(() -> new SurgeRise(
                        INTERVAL,
                        false,
                        Optional.empty(),
                        List.of(new Pulse(Lead.A, 500, usual), new Pulse(Lead.A, 900, shorter)))))
                .containsExactly("pulses");
        assertThat(new SurgeRise(
                                INTERVAL,
                                false,
                                Optional.empty(),
                                List.of(new Pulse(Lead.A, 900, usual), new Pulse(Lead.B, 500, usual)))
                        .pulses())
                .hasSize(2);
    }
}
