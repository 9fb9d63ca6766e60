package app.brasskettle.core.surge;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.surge.SurgeOutcome.Finding;
import app.brasskettle.core.surge.SurgePositions.Position;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Samples;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rotor or winding: what two positions of the shaft decide, and what one alone leaves open (IEEE Std 522, rotor coupling). */
class SurgePositionsTest {

    private static final double INTERVAL = 1e-6;

    /** A set with the rotor in, whose odd lead rings so many Hz. */
    private static SurgeOutcome set(SurgeRise.Lead odd, double hertz) {
        Samples usual = SurgeWorksheetTest.ring(9000, 1000, 5000);
        Samples other = SurgeWorksheetTest.ring(hertz, 1000, 5000);
        return new SurgeSet(
                        INTERVAL,
                        odd == SurgeRise.Lead.A ? other : usual,
                        odd == SurgeRise.Lead.B ? other : usual,
                        odd == SurgeRise.Lead.C ? other : usual,
                        Connection.WYE,
                        true,
                        Optional.empty())
                .compare(SurgeLimits.standard());
    }

    private static Position at(double degrees, SurgeOutcome outcome) {
        return new Position(Optional.of(degrees), outcome);
    }

    private static final SurgeOutcome FAR_B = set(SurgeRise.Lead.B, 11_500);
    private static final SurgeOutcome FAR_C = set(SurgeRise.Lead.C, 11_500);
    private static final SurgeOutcome OVER_B = set(SurgeRise.Lead.B, 9250);
    private static final SurgeOutcome ALIKE = set(SurgeRise.Lead.B, 9000);

    @Test
    void theSetsAreWhatTheyAreMeantToBe() {
        assertThat(FAR_B.finding()).isEqualTo(Finding.UNSETTLED);
        assertThat(FAR_B.odd()).isEqualTo(SurgeRise.Lead.B);
        assertThat(FAR_C.odd()).isEqualTo(SurgeRise.Lead.C);
        assertThat(OVER_B.finding()).isEqualTo(Finding.ROTOR_OR_WINDING);
        assertThat(OVER_B.timesLimit()).isBetween(1.0, 2.0);
        assertThat(ALIKE.finding()).isEqualTo(Finding.ALIKE);
    }

    @Test
    void onePositionFarOffIsUnsettledAndOneAlikeStandsAlone() {
        assertThat(SurgePositions.decide(List.of(at(0, FAR_B)))).isEqualTo(FAR_B);
        assertThat(SurgePositions.decide(List.of(at(0, ALIKE)))).isEqualTo(ALIKE);
        assertThat(SurgePositions.decide(List.of(at(0, OVER_B), at(90, ALIKE))))
                .as("nothing was far off")
                .isEqualTo(ALIKE);
    }

    /** The same lead odd wherever the shaft stands is the winding. */
    @Test
    void anOddnessThatStaysWithTheLeadIsTheWinding() {
        SurgeOutcome decided = SurgePositions.decide(List.of(at(0, FAR_B), at(90, OVER_B)));
        assertThat(decided.turnShort()).isTrue();
        assertThat(decided.judgement().verdict()).isEqualTo(Verdict.STOP);
        assertThat(decided.judgement().headline()).contains("Phase B", "2 positions");
    }

    @Test
    void anOddnessThatMovesIsTheRotor() {
        for (List<Position> moved : List.of(
                List.of(at(0, FAR_B), at(90, FAR_C)),
                List.of(at(0, FAR_B), at(90, ALIKE)),
                List.of(at(0, ALIKE), at(90, FAR_B)))) {
            SurgeOutcome decided = SurgePositions.decide(moved);
            assertThat(decided.finding()).isEqualTo(Finding.DIFFERENT);
            assertThat(decided.judgement().verdict()).isEqualTo(Verdict.WATCH);
            assertThat(decided.judgement().next()).contains("rotor");
        }
    }

    /** Ten degrees and more apart are two positions, counted round the turn; less is one position read twice. */
    @ParameterizedTest
    @CsvSource({
        "0, 10, true",
        "0, 9.9, false",
        "355, 4, false",
        "355, 5, true",
        "0, 350, true",
        "10, 370, false",
        "0, 180, true"
    })
    void positionsAreApartRoundTheTurn(double one, double two, boolean apart) {
        SurgeOutcome decided = SurgePositions.decide(List.of(at(one, FAR_B), at(two, FAR_B)));
        assertThat(decided.turnShort()).isEqualTo(apart);
        if (!apart) {
            assertThat(decided.unsettled()).isTrue();
        }
    }

    /** A mild set after a far one settles nothing while nobody noted where the shaft stood. */
    @Test
    void anAngleNobodyNotedSettlesNothing() {
        SurgeOutcome decided = SurgePositions.decide(List.of(at(0, FAR_B), new Position(Optional.empty(), ALIKE)));
        assertThat(decided.unsettled()).isTrue();
        assertThat(decided.judgement().verdict()).isEqualTo(Verdict.UNPROVEN);
        assertThat(decided.judgement().because()).contains("Nobody noted where the shaft stood");
        assertThat(SurgePositions.decide(List.of(at(0, FAR_B), at(3, ALIKE))).unsettled())
                .as("the same place read again, mildly")
                .isTrue();
    }

    /** The newest reading of a place is the one that counts there. */
    @Test
    void aPlaceReadAgainCountsByItsNewestReading() {
        assertThat(SurgePositions.decide(List.of(at(0, FAR_B), at(90, ALIKE), at(90, OVER_B)))
                        .turnShort())
                .isTrue();
        assertThat(SurgePositions.decide(List.of(at(0, FAR_B), at(90, OVER_B), at(90, ALIKE)))
                        .turnShort())
                .isFalse();
    }
}
