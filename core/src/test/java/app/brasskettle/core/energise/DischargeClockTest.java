package app.brasskettle.core.energise;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.energise.DischargeClock.Applied;
import app.brasskettle.core.energise.DischargeClock.Proof;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DischargeClockTest {

    private static DischargeClock after(List<Applied> applied, Proof... proofs) {
        return DischargeClock.after(applied, List.of(proofs)).orElseThrow();
    }

    /** Four times the time under voltage, never under a minute. */
    @ParameterizedTest
    @CsvSource({"600, 2400", "60, 240", "15, 60", "10, 60", "1, 60"})
    void runsFourTimesAsLongAsVoltageWasOn(double seconds, double grounded) {
        DischargeClock clock = after(List.of(new Applied(1000, seconds, 1)));
        assertThat(clock.secondsLeft(1000)).isEqualTo(grounded);
        assertThat(clock.runs(1000 + grounded - 0.5)).isTrue();
        assertThat(clock.runs(1000 + grounded)).isFalse();
        assertThat(clock.secondsLeft(99_999)).isZero();
    }

    @Test
    void noVoltageNoClock() {
        assertThat(DischargeClock.after(List.of(), List.of())).isEmpty();
    }

    @Test
    void voltageAppliedAgainBeforeItRanOutCountsInAll() {
        DischargeClock clock = after(List.of(new Applied(1000, 60, 1), new Applied(1100, 60, 1)));
        assertThat(clock.appliedSeconds()).isEqualTo(120);
        assertThat(clock.until()).isEqualTo(1100 + 480);
        DischargeClock later = after(List.of(new Applied(1000, 60, 1), new Applied(2000, 60, 1)));
        assertThat(later.appliedSeconds()).isEqualTo(60);
    }

    /**
     * 60 s on until 1000 grounds until 1240. What begins before that counts with it, what begins then does not; 100 s of an
     * instrument at twice the pace of the wall are 50 s of it.
     */
    @ParameterizedTest
    @CsvSource({"1339, 1, 160", "1340, 1, 100", "1300, 1, 160", "1289, 2, 160", "1290, 2, 100", "1320, 2, 100"})
    void whatBeginsBeforeTheGroundingIsOverCountsWithIt(double endedAt, double pace, double counted) {
        DischargeClock clock = after(List.of(new Applied(1000, 60, 1), new Applied(endedAt, 100, pace)));
        assertThat(clock.appliedSeconds()).isEqualTo(counted);
    }

    @Test
    void orderOfTheRecordsDoesNotMatter() {
        List<Applied> one = List.of(new Applied(1000, 60, 1), new Applied(1100, 60, 1));
        List<Applied> other = List.of(one.get(1), one.get(0));
        assertThat(after(other)).isEqualTo(after(one));
    }

    @Test
    void proofEndsItEarlyButNotBeforeAMinute() {
        List<Applied> long_ = List.of(new Applied(1000, 600, 1));
        assertThat(after(long_, new Proof(1090, 12)).until()).isEqualTo(1090);
        assertThat(after(long_, new Proof(1059, 12)).until()).isEqualTo(3400);
        assertThat(after(long_, new Proof(1090, 25)).until())
                .as("25 V is not under 25 V")
                .isEqualTo(3400);
        assertThat(after(long_, new Proof(990, 0)).until())
                .as("proved before the voltage")
                .isEqualTo(3400);
    }

    @Test
    void aProofDoesNotOutliveTheNextVoltage() {
        DischargeClock clock = after(List.of(new Applied(1000, 600, 1), new Applied(2000, 600, 1)), new Proof(1090, 5));
        assertThat(clock.until()).isEqualTo(2000 + 2400);
        assertThat(clock.provedAt()).isEmpty();
    }

    @Test
    void onAnAcceleratedSimulationTheChargeLeavesAtTheSamePace() {
        DischargeClock clock = after(List.of(new Applied(1000, 600, 60)));
        assertThat(clock.secondsLeft(1000)).isEqualTo(40);
        assertThat(after(List.of(new Applied(1000, 600, 60)), new Proof(1001, 5))
                        .until())
                .isEqualTo(1001);
    }
}
