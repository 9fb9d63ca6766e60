package app.brasskettle.core.resistance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.insulation.WindingKind;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ResistanceWorksheetTest {

    private static ResistanceResult of(Connection connection, WindingKind kind, double ab, double bc, double ca) {
        return ResistanceWorksheet.create(ResistanceLimits.standard())
                .work()
                .apply(new ResistanceReadings(
                        connection, kind, Conductor.COPPER, 25, TerminalOhms.of(ab, bc, ca), Optional.empty()));
    }

    private static ResistanceResult open(Connection connection, TerminalOhms ohms, Pair... pairs) {
        return ResistanceWorksheet.create(ResistanceLimits.standard())
                .work()
                .apply(new ResistanceReadings(
                        connection, WindingKind.RANDOM_WOUND, Conductor.COPPER, 20, ohms, Optional.of(List.of(pairs))));
    }

    /** Terminal values made from random phases must give the phases back, in wye and in delta. */
    @Test
    void solvesThePhasesItWasMadeFrom() {
        Random random = new Random(7);
        for (int i = 0; i < 200; i++) {
            double a = 0.1 + random.nextDouble();
            double b = a * (0.7 + 0.6 * random.nextDouble());
            double c = a * (0.7 + 0.6 * random.nextDouble());
            var wye = of(Connection.WYE, WindingKind.RANDOM_WOUND, a + b, b + c, c + a)
                    .phaseOhms()
                    .orElseThrow();
            assertThat(wye.get("a")).isCloseTo(a, within(1e-9));
            assertThat(wye.get("b")).isCloseTo(b, within(1e-9));
            assertThat(wye.get("c")).isCloseTo(c, within(1e-9));
            double sum = a + b + c;
            var delta = of(
                            Connection.DELTA,
                            WindingKind.RANDOM_WOUND,
                            a * (b + c) / sum,
                            b * (c + a) / sum,
                            c * (a + b) / sum)
                    .phaseOhms()
                    .orElseThrow();
            assertThat(delta.get("ab")).isCloseTo(a, within(1e-9));
            assertThat(delta.get("bc")).isCloseTo(b, within(1e-9));
            assertThat(delta.get("ca")).isCloseTo(c, within(1e-9));
        }
    }

    @ParameterizedTest
    @EnumSource(Connection.class)
    void unbalanceIsUnchangedByScaling(Connection connection) {
        double one = of(connection, WindingKind.RANDOM_WOUND, 1, 1.03, 0.99)
                .unbalancePercent()
                .orElseThrow();
        double other = of(connection, WindingKind.RANDOM_WOUND, 17, 17.51, 16.83)
                .unbalancePercent()
                .orElseThrow();
        assertThat(other).isCloseTo(one, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "RANDOM_WOUND, 1.02, HOLDS",
        "RANDOM_WOUND, 1.0203, WATCH",
        "RANDOM_WOUND, 1.05, WATCH",
        "RANDOM_WOUND, 1.0503, STOP",
        "FORM_WOUND, 1.01, HOLDS",
        "FORM_WOUND, 1.0102, WATCH",
        "FORM_WOUND, 1.0252, STOP"
    })
    void limitsByMake(WindingKind kind, double high, Verdict verdict) {
        // The mean stays 1 when one reading lies as far above it as another below.
        assertThat(of(Connection.UNKNOWN, kind, high, 2 - high, 1).verdict()).isEqualTo(verdict);
    }

    @Test
    void correctsToTwentyFiveDegrees() {
        assertThat(Conductor.COPPER.at25(1, 80)).isCloseTo(259.5 / 314.5, within(1e-12));
        assertThat(Conductor.ALUMINIUM.at25(1, 25)).isEqualTo(1);
        for (Conductor metal : Conductor.values()) {
            assertThat(metal.from25(metal.at25(3.3, 71), 71)).isCloseTo(3.3, within(1e-12));
        }
    }

    @Test
    void namesNoPhasesWhereNoClosedWindingFits() {
        assertThat(of(Connection.WYE, WindingKind.RANDOM_WOUND, 1, 1, 2).phaseOhms())
                .isEmpty();
        assertThat(of(Connection.DELTA, WindingKind.RANDOM_WOUND, 1, 1, 2.1).phaseOhms())
                .isEmpty();
        assertThat(of(Connection.UNKNOWN, WindingKind.RANDOM_WOUND, 1, 1, 1).phaseOhms())
                .isEmpty();
    }

    @Test
    void inWyeTwoOpenPairsNameThePhaseTheyShare() {
        TerminalOhms bc = new TerminalOhms(Optional.empty(), Optional.of(1.0), Optional.empty());
        ResistanceResult r = open(Connection.WYE, bc, Pair.AB, Pair.CA);
        assertThat(r.openPhase()).contains("a");
        assertThat(r.verdict()).isEqualTo(Verdict.STOP);
        assertThat(r.meanOhm()).isEmpty();
        assertThat(open(Connection.DELTA, bc, Pair.AB, Pair.CA).openPhase()).isEmpty();
        TerminalOhms ab = new TerminalOhms(Optional.of(1.0), Optional.empty(), Optional.empty());
        assertThat(open(Connection.WYE, ab, Pair.BC, Pair.CA).openPhase()).contains("c");
        TerminalOhms ca = new TerminalOhms(Optional.empty(), Optional.empty(), Optional.of(1.0));
        assertThat(open(Connection.WYE, ca, Pair.AB, Pair.BC).openPhase()).contains("b");
    }

    @Test
    void namesTheOddPhaseInWords() {
        ResistanceResult r = of(Connection.WYE, WindingKind.RANDOM_WOUND, 1.09, 1.0, 1.09);
        assertThat(r.judgement().because()).contains("phase A").contains("high");
    }

    @Test
    void aPairIsOpenOrHasAValue() {
        assertThat(Refusals.fields(() -> open(Connection.WYE, TerminalOhms.of(1, 1, 1), Pair.BC)))
                .containsExactly("openPairs[0]");
        assertThat(Refusals.fields(() -> open(
                        Connection.WYE,
                        new TerminalOhms(Optional.of(1.0), Optional.empty(), Optional.empty()),
                        Pair.BC,
                        Pair.BC)))
                .containsExactlyInAnyOrder("openPairs[1]", "terminalOhms.ca");
        assertThat(Refusals.fields(() -> open(Connection.WYE, TerminalOhms.of(0, -1, 1))))
                .containsExactlyInAnyOrder("terminalOhms.ab", "terminalOhms.bc");
        assertThat(Refusals.fields(() ->
                        open(Connection.WYE, new TerminalOhms(Optional.of(-1.0), Optional.of(1.0), Optional.empty()))))
                .as("a missing pair is named beside a bad one")
                .containsExactlyInAnyOrder("terminalOhms.ab", "terminalOhms.ca");
    }

    /** Two open pairs of a wye share the open phase. */
    @ParameterizedTest
    @CsvSource({"AB, CA, A, a", "AB, BC, B, b", "BC, CA, C, c"})
    void twoOpenPairsOfAWyeNameThePhaseTheyShare(Pair one, Pair two, String named, String phase) {
        Optional<Double> ab = one == Pair.AB ? Optional.empty() : Optional.of(1.0);
        Optional<Double> bc = one == Pair.BC || two == Pair.BC ? Optional.empty() : Optional.of(1.0);
        Optional<Double> ca = two == Pair.CA ? Optional.empty() : Optional.of(1.0);
        ResistanceResult r = open(Connection.WYE, new TerminalOhms(ab, bc, ca), one, two);
        assertThat(r.openPhase()).contains(phase);
        assertThat(r.judgement().headline())
                .startsWith("Phase " + named + " is open")
                .contains("read open");
        assertThat(r.openCircuit()).contains(r.judgement().headline());
        ResistanceResult delta = open(Connection.DELTA, new TerminalOhms(ab, bc, ca), one, two);
        assertThat(delta.openPhase()).isEmpty();
        assertThat(delta.judgement().headline()).endsWith("read open");
    }

    @Test
    void oneOpenPairCannotBeInWye() {
        TerminalOhms ohms = new TerminalOhms(Optional.empty(), Optional.of(1.0), Optional.of(1.0));
        assertThat(open(Connection.WYE, ohms, Pair.AB).judgement().because()).contains("cannot be");
        ResistanceResult delta = open(Connection.DELTA, ohms, Pair.AB);
        assertThat(delta.judgement().because()).contains("No current path");
        assertThat(delta.judgement().headline()).endsWith("reads open");
        assertThat(delta.verdict()).isEqualTo(Verdict.STOP);
    }

    /** Phases of 1.2, 1 and 1 Ω, then 0.8: the odd one, its figure and how far it lies off the mean. */
    @ParameterizedTest
    @CsvSource({
        "1.2, 1, 1, phase A at 1.2 Ω, 13 % high, poor joint or wrong turns",
        "1, 1, 0.8, phase C at 0.8 Ω, 14 % low, shorted turns"
    })
    void theOddPhaseIsNamedWithItsFigure(double a, double b, double c, String phase, String off, String next) {
        ResistanceResult r = of(Connection.WYE, WindingKind.RANDOM_WOUND, a + b, b + c, c + a);
        assertThat(r.judgement().because()).contains(phase).contains(off);
        assertThat(r.judgement().next()).contains(next);
        assertThat(of(Connection.UNKNOWN, WindingKind.RANDOM_WOUND, a + b, b + c, c + a)
                        .judgement()
                        .next())
                .contains("how it is connected");
    }

    @Test
    void eachWordSaysWhatToDoNext() {
        assertThat(of(Connection.WYE, WindingKind.RANDOM_WOUND, 1, 1, 1)
                        .judgement()
                        .next())
                .contains("insulation to frame");
        assertThat(of(Connection.WYE, WindingKind.RANDOM_WOUND, 1, 1.05, 1)
                        .judgement()
                        .next())
                .contains("measure again");
        assertThat(of(Connection.WYE, WindingKind.RANDOM_WOUND, 1, 1, 9)
                        .judgement()
                        .because())
                .contains("no closed winding gives these");
    }

    /** Copper at 45 °C is (234.5 + 25)/(234.5 + 45) of itself at 25, aluminium (225 + 25)/(225 + 45) (IEC 60034-1, 8.6.2.3.3). */
    @ParameterizedTest
    @CsvSource({"COPPER, 234.5", "ALUMINIUM, 225"})
    void theMeanIsTakenTo25Degrees(Conductor conductor, double constant) {
        ResistanceResult r = ResistanceWorksheet.create(ResistanceLimits.standard())
                .work()
                .apply(new ResistanceReadings(
                        Connection.WYE,
                        WindingKind.RANDOM_WOUND,
                        conductor,
                        45,
                        TerminalOhms.of(2, 2, 2),
                        Optional.empty()));
        assertThat(r.meanOhmAt25C().orElseThrow()).isCloseTo(2 * (constant + 25) / (constant + 45), within(1e-9));
    }
}
