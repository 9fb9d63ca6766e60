package app.brasskettle.core.extension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KeySeatTest {

    private static KeySeatResult measured(double extension, List<Double> seat, List<Double> key) {
        return KeySeatWorksheet.create()
                .work()
                .apply(new KeySeat(extension, Optional.empty(), Optional.empty(), seat, key, Optional.empty()));
    }

    /** IEC 60072-1: preferred extensions, widths of their keys, and N9 in µm (ISO 286-2). */
    @ParameterizedTest
    @CsvSource({
        "9, 3, 29, 4",
        "11, 4, 30, 0",
        "14, 5, 30, 0",
        "19, 6, 30, 0",
        "24, 8, 36, 0",
        "28, 8, 36, 0",
        "38, 10, 36, 0",
        "42, 12, 43, 0",
        "48, 14, 43, 0",
        "55, 16, 43, 0",
        "60, 18, 43, 0",
        "65, 18, 43, 0",
        "75, 20, 52, 0",
        "80, 22, 52, 0",
        "95, 25, 52, 0",
        "100, 28, 52, 0",
        "110, 28, 52, 0",
        "120, 32, 62, 0"
    })
    void anExtensionHasItsKeyAndItsLimits(double extension, double width, double under, double from) {
        KeySeatResult r = measured(extension, List.of(width - 0.01, width - 0.01), List.of(width - 0.005));
        assertThat(r.nominalMm()).isEqualTo(width);
        assertThat(r.lowerLimitMm()).isCloseTo(width - under / 1000, within(1e-9));
        assertThat(r.upperLimitMm()).isCloseTo(width - from / 1000, within(1e-9));
        assertThat(r.verdict()).isEqualTo(Verdict.HOLDS);
    }

    /** A shaft of 42 mm, key of 12: N9 and h9 are 11.957 to 12.000; play and widening are watched over 21.5 µm. */
    @ParameterizedTest
    @CsvSource({
        "11.980, 11.985, 11.990, HOLDS, Inside",
        "12.000, 12.000, 12.000, HOLDS, Inside",
        "11.957, 11.957, 11.957, HOLDS, Inside",
        "11.970, 11.992, 11.990, WATCH, Inside",
        "11.990, 11.992, 11.970, WATCH, Inside",
        "11.980, 12.001, 11.990, STOP, Seat worn to 12.001 mm",
        "11.956, 11.980, 11.990, STOP, Seat too narrow: 11.956 mm",
        "11.980, 11.985, 12.001, STOP, Key of 12.001 mm",
        "11.980, 11.985, 11.956, STOP, Key of 11.956 mm",
    })
    void seatAndKeyAreJudgedByTheirLimits(double inner, double outer, double key, Verdict verdict, String headline) {
        KeySeatResult r = measured(42, List.of(inner, outer), List.of(key));
        assertThat(r.verdict()).isEqualTo(verdict);
        assertThat(r.judgement().headline()).startsWith(headline);
        assertThat(r.playMm().orElseThrow()).isCloseTo(Math.max(inner, outer) - key, within(1e-12));
    }

    /**
     * Extensions of NEMA MG 1-4.4 and their square keys (ANSI B17.1), inches: 7/8 and 3/16, 1 1/8 and 1/4, 1 5/8 and 3/8, 2 1/8 and
     * 1/2, 2 3/8 and 5/8, 3 3/8 and 7/8. Seat +0.002 in to 3/4, +0.003 above; key as much under.
     */
    @ParameterizedTest
    @CsvSource({
        "0.875, 0.1875, 0.002",
        "1.125, 0.25, 0.002",
        "1.375, 0.3125, 0.002",
        "1.625, 0.375, 0.002",
        "2.125, 0.5, 0.002",
        "2.375, 0.625, 0.002",
        "2.875, 0.75, 0.002",
        "3.375, 0.875, 0.003"
    })
    void aNemaExtensionHasItsSquareKey(double extensionIn, double widthIn, double toleranceIn) {
        double width = 25.4 * widthIn;
        double tolerance = 25.4 * toleranceIn;
        KeySeatResult r = nema(25.4 * extensionIn, width + 0.3 * tolerance, width - 0.1 * tolerance);
        assertThat(r.nominalMm()).isCloseTo(width, within(1e-9));
        assertThat(r.lowerLimitMm()).isCloseTo(width, within(1e-9));
        assertThat(r.upperLimitMm()).isCloseTo(width + tolerance, within(1e-9));
        assertThat(r.verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(r.judgement().source()).contains("NEMA MG 1");
        assertThat(nema(25.4 * extensionIn, width + 1.1 * tolerance, width).verdict())
                .isEqualTo(Verdict.STOP);
        assertThat(nema(25.4 * extensionIn, width, width - 1.1 * tolerance).verdict())
                .isEqualTo(Verdict.STOP);
    }

    private static KeySeatResult nema(double extension, double seat, double key) {
        return KeySeatWorksheet.create()
                .work()
                .apply(new KeySeat(
                        extension,
                        Optional.of(KeySizes.NEMA),
                        Optional.empty(),
                        List.of(seat, seat),
                        List.of(key),
                        Optional.empty()));
    }

    /** Wider never reads better, whatever the other readings are. */
    @Test
    void wearNeverImprovesAWord() {
        int before = 0;
        for (double wear = 0; wear < 0.1; wear += 0.002) {
            Verdict v =
                    measured(42, List.of(11.97, 11.97 + wear), List.of(11.97)).verdict();
            int now = List.of(Verdict.HOLDS, Verdict.WATCH, Verdict.STOP).indexOf(v);
            assertThat(now).isGreaterThanOrEqualTo(before);
            before = now;
        }
        assertThat(before).isEqualTo(2);
    }

    @Test
    void aMissingKeyIsNamedAndAWornSeatAsksForItsRemedy() {
        KeySeatResult missing = measured(42, List.of(11.98, 11.98), List.of());
        assertThat(missing.verdict()).isEqualTo(Verdict.WATCH);
        assertThat(missing.playMm()).isEmpty();
        assertThat(missing.judgement().next()).contains("key is missing");
        assertThat(measured(42, List.of(12.1, 12.1), List.of()).judgement().next())
                .isEqualTo("Choose a remedy: next width, new seat, weld and cut, replace.");
        KeySeat chosen = new KeySeat(
                42,
                Optional.empty(),
                Optional.empty(),
                List.of(12.1, 12.1),
                List.of(),
                Optional.of(KeySeat.Remedy.NEW_SEAT));
        assertThat(KeySeatWorksheet.create().work().apply(chosen).judgement().next())
                .startsWith("New seat: cut a new seat a quarter or half turn away");
    }

    @Test
    void anotherWidthThanTheUsualIsTakenAtItsWord() {
        KeySeat odd = new KeySeat(
                42, Optional.empty(), Optional.of(14.0), List.of(13.98, 13.98), List.of(13.98), Optional.empty());
        assertThat(KeySeatWorksheet.create().work().apply(odd).verdict()).isEqualTo(Verdict.HOLDS);
    }

    @Test
    void refusesWhatIsNoKeySeat() {
        assertThat(Refusals.fields(() -> new KeySeat(
                        130.1, Optional.empty(), Optional.of(1.0), List.of(12.0), List.of(0.0), Optional.empty())))
                .containsExactlyInAnyOrder("extensionMm", "nominalWidthMm", "seatWidthsMm", "keyWidthsMm[0]");
        assertThat(Refusals.fields(() -> new KeySeat(
                        42,
                        Optional.empty(),
                        Optional.empty(),
                        List.of(12.0, Double.NaN),
                        List.of(),
                        Optional.empty())))
                .containsExactly("seatWidthsMm[1]");
    }
}
