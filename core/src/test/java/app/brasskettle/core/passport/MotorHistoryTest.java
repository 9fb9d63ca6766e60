package app.brasskettle.core.passport;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MotorHistoryTest {

    private static final double DAY = 86_400;

    private static PastJob stay(String tag, double day, String cause, Double megohm, Double ohm) {
        return new PastJob(
                tag,
                day * DAY,
                Optional.ofNullable(cause),
                Optional.ofNullable(cause),
                Optional.of("Rewind"),
                Optional.ofNullable(megohm),
                Optional.ofNullable(ohm));
    }

    private static Verdict of(List<PastJob> jobs, String words) {
        return MotorHistory.of(jobs).findings().stream()
                .filter(f -> f.headline().contains(words))
                .map(Judgement::verdict)
                .findFirst()
                .orElse(null);
    }

    @Test
    void aFirstStaySaysNothing() {
        assertThat(MotorHistory.of(List.of(stay("A", 0, "lost-phase", 500.0, 1.0)))
                        .findings())
                .isEmpty();
        assertThat(MotorHistory.of(List.of()).findings()).isEmpty();
    }

    @Test
    void theSameFailureTwiceIsAStop() {
        List<PastJob> twice = List.of(
                stay("A", 0, "lost-phase", null, null),
                stay("B", 500, "bearing", null, null),
                stay("C", 900, "lost-phase", null, null));
        assertThat(of(twice, "same way 2 times")).isEqualTo(Verdict.STOP);
        assertThat(of(twice.subList(0, 2), "same way")).isNull();
    }

    @ParameterizedTest
    @CsvSource({"364, WATCH", "365, HOLDS", "2000, HOLDS"})
    void backWithinAYearIsWatched(double days, Verdict verdict) {
        assertThat(of(List.of(stay("A", 0, null, null, null), stay("B", days, null, null, null)), "Here before as A"))
                .isEqualTo(verdict);
    }

    @ParameterizedTest
    @CsvSource({"900, 300, HOLDS", "900, 299, WATCH", "10, 900, HOLDS"})
    void insulationIsComparedWithTheStayBefore(double then, double now, Verdict verdict) {
        assertThat(of(List.of(stay("B", 9, null, now, null), stay("A", 0, null, then, null)), "Insulation"))
                .as("in the order of the stays, not of the list")
                .isEqualTo(verdict);
    }

    @ParameterizedTest
    @CsvSource({"1, 1.05, HOLDS", "1, 1.051, WATCH", "1, 0.949, WATCH", "1, 0.95, HOLDS"})
    void anotherResistanceIsAnotherWinding(double then, double now, Verdict verdict) {
        assertThat(of(List.of(stay("A", 0, null, null, then), stay("B", 9, null, null, now)), "Winding resistance"))
                .isEqualTo(verdict);
    }
}
