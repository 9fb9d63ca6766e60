package app.brasskettle.core.oven;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OvenCurveTest {

    private static List<OvenReading> readings(String told) {
        List<OvenReading> all = new ArrayList<>();
        for (String r : told.split(" ")) {
            String[] parts = r.split(":");
            all.add(new OvenReading(Double.parseDouble(parts[0]), Double.parseDouble(parts[1])));
        }
        return all;
    }

    private static OvenResult result(String told) {
        return OvenWorksheet.create().work().apply(new OvenCurve(readings(told), 340, 120, 370, Optional.empty()));
    }

    @ParameterizedTest
    @CsvSource({
        // Flat at the hold counts, from the first reading to the last.
        "0:340 60:340 120:340, 120, 0, HOLDS",
        "0:340 60:340 119:340, 119, 0, UNPROVEN",
        // A line through the hold counts from where it passes it, either way.
        "0:330 20:350 80:350 140:350 160:330, 140, 0, HOLDS",
        // An interval over an hour counts nothing, an hour counts.
        "0:350 61:350 121:350 181:350, 120, 0, HOLDS",
        "0:350 61:350 122:350, 0, 0, UNPROVEN",
        // Near the limit is watched: 10 K here.
        "0:360 60:360 120:360, 120, 0, HOLDS",
        "0:361 60:361 120:361, 120, 0, WATCH",
        "0:370 60:370 120:370, 120, 0, WATCH",
        // Over it is a stop, however short, and even where nobody looked between.
        "0:350 60:371 120:350, 120, 5.714286, STOP",
        "0:350 200:390 400:350, 0, 200, STOP",
    })
    void countsTimeAtTemperature(String told, double held, double over, Verdict verdict) {
        OvenResult result = result(told);
        assertThat(result.minutesHeld()).isCloseTo(held, within(1e-6));
        assertThat(result.minutesOverLimit()).isCloseTo(over, within(1e-6));
        assertThat(result.verdict()).isEqualTo(verdict);
    }

    @Test
    void nearnessShrinksWithTheRoomBetweenHoldAndLimit() {
        OvenCurve narrow = new OvenCurve(readings("0:155 60:155 120:155"), 150, 60, 158, Optional.empty());
        // Half of 8 K: watched from 154 °C on.
        assertThat(OvenWorksheet.create().work().apply(narrow).verdict()).isEqualTo(Verdict.WATCH);
    }

    /** A reading more on the straight line between two changes no time, only the gaps. */
    @Test
    void aReadingOnTheLineChangesNothing() {
        Random random = new Random(3);
        for (int n = 0; n < 300; n++) {
            List<OvenReading> few = new ArrayList<>();
            List<OvenReading> more = new ArrayList<>();
            double at = 0;
            for (int i = 0; i < 8; i++) {
                OvenReading next = new OvenReading(at, 300 + 90 * random.nextDouble());
                if (i > 0) {
                    OvenReading last = few.get(few.size() - 1);
                    double share = 0.1 + 0.8 * random.nextDouble();
                    more.add(new OvenReading(
                            last.minutes() + share * (next.minutes() - last.minutes()),
                            last.partC() + share * (next.partC() - last.partC())));
                }
                few.add(next);
                more.add(next);
                at += 1 + 50 * random.nextDouble();
            }
            OvenResult coarse = OvenWorksheet.create().work().apply(new OvenCurve(few, 340, 60, 370, Optional.empty()));
            OvenResult fine = OvenWorksheet.create().work().apply(new OvenCurve(more, 340, 60, 370, Optional.empty()));
            assertThat(fine.minutesHeld()).isCloseTo(coarse.minutesHeld(), within(1e-9));
            assertThat(fine.minutesOverLimit()).isCloseTo(coarse.minutesOverLimit(), within(1e-9));
            assertThat(fine.verdict()).isEqualTo(coarse.verdict());
        }
    }

    @Test
    void refusesTimeRunningBackAndAHoldOverTheLimit() {
        assertThat(Refusals.fields(
                        () -> new OvenCurve(readings("0:20 60:300 30:310 30:310"), 340, 60, 370, Optional.empty())))
                .containsExactly("readings[2].minutes", "readings[3].minutes");
        assertThat(Refusals.fields(() -> new OvenCurve(readings("0:20 60:300"), 370, 60, 370, Optional.empty())))
                .containsExactly("holdC");
        assertThat(Refusals.fields(() -> new OvenCurve(readings("0:20"), 340, 60, 370, Optional.of(0.0))))
                .containsExactly("readings", "maxGapMinutes");
    }
}
