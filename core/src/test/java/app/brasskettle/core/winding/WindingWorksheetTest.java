package app.brasskettle.core.winding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WindingWorksheetTest {

    /** A 30 kW four-pole stator worked by hand: gap 0.75 T, teeth 1.6 T, back iron 1.4 T, 5.6 A/mm². */
    private static final class Take {
        int slots = 48;
        int poles = 4;
        int turns = 10;
        int span = 10;
        int circuits = 2;
        WindingConnection connection = WindingConnection.WYE;
        Optional<List<Integer>> groups = Optional.empty();
        List<Strand> strands = List.of(new Strand(4, 1.25, 1.33));
        double volts = 400;
        double hertz = 50;

        WindingData data() {
            return new WindingData(
                    slots,
                    poles,
                    turns,
                    span,
                    circuits,
                    connection,
                    strands,
                    groups,
                    0.78,
                    0.19,
                    0.2,
                    0.95,
                    0.0062,
                    0.027,
                    228,
                    volts,
                    hertz,
                    56);
        }

        WindingResult result() {
            return WindingWorksheet.create(WindingLimits.standard()).work().apply(data());
        }
    }

    @Test
    void computesTheHandWorkedStator() {
        WindingResult r = new Take().result();
        assertThat(r.balanced()).isTrue();
        assertThat(r.groups()).isEqualTo(12);
        assertThat(r.groupPattern()).containsOnly(4);
        // kp = sin(90°·10/12), kd of four coils 15° apart = sin(30°)/(4·sin(7.5°)).
        assertThat(r.pitchFactor()).isCloseTo(0.96593, within(1e-5));
        assertThat(r.distributionFactor().orElseThrow()).isCloseTo(0.95766, within(1e-5));
        assertThat(r.seriesTurnsPerPhase()).contains(80.0);
        assertThat(r.conductorAreaMm2()).isCloseTo(4 * Math.PI * 1.25 * 1.25 / 4, within(1e-12));
        assertThat(r.currentDensityAPerMm2()).isCloseTo(5.704, within(0.001));
        assertThat(r.slotFillPercent()).isCloseTo(62.06, within(0.01));
        double flux = 400 / Math.sqrt(3) / (4.44 * 50 * 80 * 0.96593 * 0.95766);
        assertThat(r.fluxPerPoleWb().orElseThrow()).isCloseTo(flux, within(1e-6));
        assertThat(r.airGapFluxDensityT().orElseThrow()).isCloseTo(flux * 4 / (2 * 0.19 * 0.2), within(1e-4));
        assertThat(r.judgement().verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(r.misreading()).isEmpty();
    }

    @Test
    void fluxFollowsVoltageAndFrequencyOnly() {
        Take sixty = new Take();
        sixty.volts = 480;
        sixty.hertz = 60;
        assertThat(sixty.result().fluxPerPoleWb().orElseThrow())
                .isCloseTo(new Take().result().fluxPerPoleWb().orElseThrow(), within(1e-12));
    }

    /** Wye at √3 times the voltage magnetises as delta does. */
    @Test
    void wyeAndDeltaDifferByTheRootOfThree() {
        Take wye = new Take();
        wye.volts = 400 * Math.sqrt(3);
        Take delta = new Take();
        delta.connection = WindingConnection.DELTA;
        assertThat(delta.result().fluxPerPoleWb().orElseThrow())
                .isCloseTo(wye.result().fluxPerPoleWb().orElseThrow(), within(1e-12));
        assertThat(delta.result().terminalOhmAt25C().orElseThrow())
                .isCloseTo(wye.result().terminalOhmAt25C().orElseThrow() / 3, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({"36, 4", "48, 8", "54, 8", "72, 6", "60, 8", "27, 6", "24, 2", "90, 10", "12, 8"})
    void evenGroupingUsesEverySlotOnce(int slots, int poles) {
        List<Integer> groups = GroupRing.even(slots, poles);
        assertThat(groups).hasSize(3 * poles);
        assertThat(groups.stream().mapToInt(Integer::intValue).sum()).isEqualTo(slots);
        double q = (double) slots / (3 * poles);
        assertThat(groups).allMatch(g -> g == Math.floor(q) || g == Math.ceil(q));
    }

    /** Slots per pole and phase against balance: with d divisible by three no grouping of this kind balances. */
    @ParameterizedTest
    @CsvSource({"36, 4, true", "54, 8, true", "48, 4, true", "45, 4, true", "27, 6, true", "36, 8, true", "48, 6, false"
    })
    void balanceIsToldFromTheVectors(int slots, int poles, boolean balanced) {
        assertThat(new GroupRing(slots, poles, GroupRing.even(slots, poles)).balanced())
                .isEqualTo(balanced);
    }

    @Test
    void wholeGroupsHaveTheTextbookDistributionFactor() {
        for (int q = 1; q <= 8; q++) {
            int slots = 3 * 4 * q;
            double step = Math.PI * 4 / slots;
            double expected = Math.sin(q * step / 2) / (q * Math.sin(step / 2));
            assertThat(new GroupRing(slots, 4, GroupRing.even(slots, 4)).distributionFactor())
                    .isCloseTo(expected, within(1e-12));
        }
    }

    @Test
    void withoutBalanceNothingThatRestsOnEqualPhasesIsComputed() {
        Take take = new Take();
        take.groups = Optional.of(List.of(5, 3, 4, 4, 4, 4, 4, 4, 4, 4, 4, 4));
        WindingResult r = take.result();
        assertThat(r.balanced()).isFalse();
        assertThat(r.windingFactor()).isEmpty();
        assertThat(r.fluxPerPoleWb()).isEmpty();
        assertThat(r.terminalOhmAt25C()).isEmpty();
        assertThat(r.copperMassKg()).isPositive();
        assertThat(r.judgement().verdict()).isEqualTo(Verdict.STOP);
    }

    @Test
    void saysWhichSingleMisreadingWouldBringItIntoRange() {
        Take circuits = new Take();
        circuits.circuits = 4;
        assertThat(circuits.result().misreading().orElseThrow()).contains("half as many circuits (2 in parallel)");
        Take once = new Take();
        once.circuits = 1;
        assertThat(once.result().misreading().orElseThrow()).contains("twice as many circuits (2 in parallel)");
        Take delta = new Take();
        delta.connection = WindingConnection.DELTA;
        assertThat(delta.result().misreading().orElseThrow()).contains("wye instead of delta");
        Take wires = new Take();
        wires.turns = 40;
        assertThat(wires.result().misreading().orElseThrow()).contains("wires counted as turns", "is 10 turns");
    }

    @Test
    void refusesWhatCannotBeWound() {
        Take slots = new Take();
        slots.slots = 47;
        assertThat(Refusals.fields(slots::data)).contains("slots");
        Take poles = new Take();
        poles.poles = 3;
        assertThat(Refusals.fields(poles::data)).containsExactly("poles");
        Take span = new Take();
        span.span = 19;
        assertThat(Refusals.fields(span::data)).containsExactly("spanSlots");
        span.span = 18;
        assertThat(span.data()).isNotNull();
        Take circuits = new Take();
        circuits.circuits = 3;
        assertThat(Refusals.fields(circuits::data)).containsExactly("parallelCircuits");
        Take few = new Take();
        few.slots = 3;
        few.span = 1;
        few.circuits = 1;
        assertThat(Refusals.fields(few::data)).containsExactly("slots");
        Take groups = new Take();
        groups.groups = Optional.of(List.of(4, 4, 4));
        assertThat(Refusals.fields(groups::data)).containsExactly("groupPattern");
        groups.groups = Optional.of(List.of(-1, 9, 4, 4, 4, 4, 4, 4, 4, 4, 4, 4));
        assertThat(Refusals.fields(groups::data)).contains("groupPattern[0]");
        assertThat(Refusals.fields(() -> new Strand(0, 1.2, 1.1)))
                .containsExactlyInAnyOrder("count", "insulatedDiameterMm");
    }

    @ParameterizedTest
    @CsvSource({"1.0, HOLDS", "1.1, HOLDS", "1.11, WATCH", "0.85, WATCH", "2, STOP"})
    void aWideGapToTheBridgeSaysSomethingWasMiscounted(double measured, Verdict verdict) {
        Judgement judgement = MeasuredAgainstPredicted.judge(1, measured);
        assertThat(judgement.verdict()).isEqualTo(verdict);
    }
}
