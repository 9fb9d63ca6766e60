package app.brasskettle.core.surge;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.surge.SurgeOutcome.Finding;
import app.brasskettle.core.surge.SurgePositions.Position;
import app.brasskettle.core.surge.SurgeRise.Lead;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Samples;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rotor or winding: what four positions over a pole pitch decide, and what fewer or closer ones leave open (IEEE Std 522). */
class SurgePositionsTest {

    private static final double INTERVAL = 1e-6;
    private static final int POLES = 4;
    private static final double[] OVER_A_PITCH = {0, 22.5, 45, 67.5};
    private static final double USUAL = 9000;
    private static final double FAR = 11_500;
    private static final double OVER = 9250;

    /** A set with the rotor in, whose leads ring so many Hz. */
    private static Position at(Double degrees, double a, double b, double c) {
        SurgeSet set =
                new SurgeSet(INTERVAL, ring(a), ring(b), ring(c), Connection.WYE, true, Optional.ofNullable(degrees));
        return new Position(Optional.ofNullable(degrees), set.compare(SurgeLimits.standard()), set);
    }

    private static Samples ring(double hertz) {
        return SurgeWorksheetTest.ring(hertz, 1000, 5000);
    }

    private static Position odd(Double degrees, Lead lead, double hertz) {
        return at(
                degrees,
                lead == Lead.A ? hertz : USUAL,
                lead == Lead.B ? hertz : USUAL,
                lead == Lead.C ? hertz : USUAL);
    }

    private static SurgeOutcome decide(Position... positions) {
        return SurgePositions.decide(List.of(positions), POLES, SurgeLimits.standard());
    }

    @Test
    void theSetsAreWhatTheyAreMeantToBe() {
        assertThat(odd(0.0, Lead.B, FAR).outcome().finding()).isEqualTo(Finding.UNSETTLED);
        assertThat(odd(0.0, Lead.B, FAR).outcome().odd()).isEqualTo(Lead.B);
        assertThat(odd(0.0, Lead.B, OVER).outcome().finding()).isEqualTo(Finding.ROTOR_OR_WINDING);
        assertThat(odd(0.0, Lead.B, USUAL).outcome().finding()).isEqualTo(Finding.ALIKE);
    }

    @Test
    void onePositionStandsAlone() {
        for (double hertz : new double[] {FAR, OVER, USUAL}) {
            Position one = odd(0.0, Lead.B, hertz);
            assertThat(decide(one)).isEqualTo(one.outcome());
        }
    }

    /** The same lead alone over the limit at each of four positions over a pole pitch is the winding, however little it is over. */
    @ParameterizedTest
    @CsvSource({"11500", "9250"})
    void anOddnessThatStaysWithTheLeadIsTheWinding(double hertz) {
        SurgeOutcome decided = decide(
                Arrays.stream(OVER_A_PITCH).mapToObj(d -> odd(d, Lead.B, hertz)).toArray(Position[]::new));
        assertThat(decided.turnShort()).isTrue();
        assertThat(decided.judgement().verdict()).isEqualTo(Verdict.STOP);
        assertThat(decided.judgement().headline()).contains("Phase B", "4 positions");
    }

    /** Two or three positions decide nothing, whatever they show; a good one beside a far one least of all. */
    @Test
    void fewerPositionsDecideNothing() {
        for (double second : new double[] {FAR, OVER, USUAL}) {
            assertThat(decide(odd(0.0, Lead.B, FAR), odd(45.0, Lead.B, second)).unsettled())
                    .isTrue();
            assertThat(decide(odd(0.0, Lead.B, FAR), odd(30.0, Lead.C, FAR), odd(60.0, Lead.B, second))
                            .unsettled())
                    .isTrue();
        }
        assertThat(decide(odd(0.0, Lead.B, OVER), odd(45.0, Lead.B, OVER), odd(90.0, Lead.B, OVER))
                        .unsettled())
                .as("slightly odd at 0, 45 and 90°")
                .isTrue();
    }

    /** Positions within a few degrees, or a pole pitch apart, show one side of the rotor. */
    @ParameterizedTest
    @CsvSource({"0, 5, 10, 15", "0, 10, 20, 30", "0, 90, 180, 270", "0, 45, 90, 135"})
    void positionsThatShowFewSidesOfTheRotorNameNoWinding(double a, double b, double c, double d) {
        SurgeOutcome decided =
                decide(odd(a, Lead.B, OVER), odd(b, Lead.B, OVER), odd(c, Lead.B, OVER), odd(d, Lead.B, OVER));
        assertThat(decided.unsettled()).isTrue();
        assertThat(decided.judgement().verdict()).isEqualTo(Verdict.UNPROVEN);
    }

    @Test
    void anOddnessThatMovesOverFourPositionsIsTheRotor() {
        SurgeOutcome decided = decide(
                at(0.0, USUAL, FAR, USUAL),
                at(22.5, USUAL, OVER, USUAL),
                at(45.0, USUAL, USUAL, USUAL),
                at(67.5, 9350, USUAL, USUAL));
        assertThat(decided.finding()).isEqualTo(Finding.DIFFERENT);
        assertThat(decided.judgement().verdict()).isEqualTo(Verdict.WATCH);
        assertThat(decided.judgement().next()).contains("rotor");
    }

    /** The same three traces on other leads are leads changed over, and no rotor that moved. */
    @Test
    void leadsChangedOverBetweenPositionsAreNoRotor() {
        SurgeOutcome decided = decide(
                at(0.0, USUAL, FAR, USUAL),
                at(22.5, FAR, USUAL, USUAL),
                at(45.0, USUAL, USUAL, FAR),
                at(67.5, USUAL, FAR, USUAL));
        assertThat(decided.unsettled()).isTrue();
        assertThat(decided.judgement().next()).contains("lead marks");
    }

    /** A good position beside one over the limit is Watch at best, and a far one is never forgotten. */
    @Test
    void theBestPositionProvesNothing() {
        assertThat(decide(odd(0.0, Lead.B, OVER), odd(45.0, Lead.B, USUAL))
                        .judgement()
                        .verdict())
                .isEqualTo(Verdict.WATCH);
        assertThat(decide(odd(0.0, Lead.B, FAR), odd(null, Lead.B, USUAL)).unsettled())
                .as("nobody noted where the shaft stood")
                .isTrue();
        assertThat(decide(odd(0.0, Lead.B, FAR), odd(3.0, Lead.B, USUAL)).unsettled())
                .as("the same place read again, mildly")
                .isTrue();
    }

    /** Whatever positions are read: a lead that is odd wherever it was read is never called rotor, and never good. */
    @Test
    void oneLeadOddEverywhereIsNeverTheRotor() {
        Random random = new Random(7);
        for (int run = 0; run < 300; run++) {
            List<Position> positions = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(8); i++) {
                double hertz = random.nextBoolean() ? FAR : OVER;
                positions.add(odd(Math.rint(random.nextDouble() * 3600) / 10, Lead.C, hertz));
            }
            SurgeOutcome decided = decide(positions.toArray(Position[]::new));
            assertThat(decided.finding())
                    .as("positions %s", positions.stream().map(Position::angle).toList())
                    .isIn(Finding.TURN_SHORT, Finding.UNSETTLED, Finding.ROTOR_OR_WINDING);
            assertThat(decided.judgement().verdict()).isNotEqualTo(Verdict.HOLDS);
        }
    }
}
