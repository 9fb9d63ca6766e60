package app.brasskettle.core.fits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class BearingFitTest {

    private static BearingFitResult of(String designation, FitClass fit, double... plane) {
        return BearingFitWorksheet.create()
                .work()
                .apply(new BearingFit(
                        designation,
                        fit.seat(),
                        fit,
                        List.of(java.util.Arrays.stream(plane).boxed().toList())));
    }

    /** Boundary dimensions of ISO 15. */
    @ParameterizedTest
    @CsvSource({
        "6200, 10, 30",
        "6201, 12, 32",
        "6203, 17, 40",
        "6204, 20, 47",
        "6311, 55, 120",
        "6224, 120, 215",
        "6324, 120, 260",
        "NU 313 C3, 65, 140",
        "NUP214, 70, 125",
        "N 222, 110, 200",
        "6206-2RS, 30, 62",
        "6309-2Z C3, 45, 100",
        "6313/C3, 65, 140",
        "6313C3, 65, 140",
        "6205ZZ, 25, 52",
        "6000, 10, 26",
        "6008-2RS, 40, 68",
        "6024, 120, 180",
        "62205, 25, 52",
        "62208-2RS, 40, 80",
        "22216, 80, 140",
        "22224 K, 120, 215"
    })
    void aDesignationIsReadForItsBoreAndOutside(String designation, double bore, double outside) {
        assertThat(of(designation, FitClass.K5, bore, bore).nominalMm()).isEqualTo(bore);
        assertThat(of(designation, FitClass.H6, outside, outside).nominalMm()).isEqualTo(outside);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "NU2313",
                "22313",
                "62/22",
                "6223",
                "6225",
                "6413",
                "nu313",
                "63 13",
                "6313-",
                "NJ  213x",
                "UN313"
            })
    void whatIsAnotherBearingIsRefused(String designation) {
        assertThat(Refusals.fields(() -> of(designation, FitClass.K5, 65, 65))).containsExactly("designation");
    }

    /** Deviations in µm of ISO 286-2. */
    @ParameterizedTest
    @CsvSource({
        "6201, J5, 5, -3",
        "6205, J5, 5, -4",
        "6204, K5, 11, 2",
        "6310, K5, 13, 2",
        "6316, K5, 15, 2",
        "6320, K5, 18, 3",
        "6220, M5, 28, 13",
        "6204, H6, 16, 0",
        "6200, H7, 21, 0",
        "6324, H6, 32, 0",
        "6320, H7, 46, 0"
    })
    void theLimitsAreThoseOfTheSize(String designation, FitClass fit, double upper, double lower) {
        BearingFitResult r = of(designation, fit, 60, 60);
        assertThat(1000 * (r.upperLimitMm() - r.nominalMm())).isCloseTo(upper, within(1e-6));
        assertThat(1000 * (r.lowerLimitMm() - r.nominalMm())).isCloseTo(lower, within(1e-6));
    }

    /** 6313 on k5: 65.002 to 65.015, 13 µm wide; half of that is watched, a nanometre does not count. */
    @ParameterizedTest
    @CsvSource({
        "65.002, 65.008, HOLDS",
        "65.002, 65.0085, HOLDS",
        "65.002, 65.0086, WATCH",
        "65.002, 65.015, WATCH",
        "65.0019, 65.008, STOP",
        "65.0019995, 65.008, HOLDS",
        "65.009, 65.0151, STOP"
    })
    void aSeatIsJudgedByEverySingleDiameter(double a, double b, Verdict verdict) {
        assertThat(of("6313", FitClass.K5, a, b).verdict()).isEqualTo(verdict);
    }

    @Test
    void aTaperIsWatchedAndDoesNotStop() {
        BearingFitResult r = BearingFitWorksheet.create()
                .work()
                .apply(new BearingFit(
                        "6313", Seat.SHAFT, FitClass.K5, List.of(List.of(65.002, 65.002), List.of(65.015, 65.015))));
        assertThat(r.taperMm()).isCloseTo(0.013, within(1e-9));
        assertThat(r.outOfRoundMm()).isZero();
        assertThat(r.verdict()).isEqualTo(Verdict.WATCH);
    }

    /** Limits of every class widen, or stay, from size to size. */
    @ParameterizedTest
    @EnumSource(FitClass.class)
    void toleranceDoesNotShrinkWithSize(FitClass fit) {
        double before = 0;
        for (String size : List.of("6200", "6204", "6208", "6212", "6216", "6220")) {
            BearingFitResult r = of(size, fit, 50, 50);
            double width = r.upperLimitMm() - r.lowerLimitMm();
            assertThat(width).isGreaterThanOrEqualTo(before - 1e-9);
            before = width;
        }
    }

    @Test
    void refusesAClassOfTheOtherSeatAndASingleDiameter() {
        assertThat(Refusals.fields(() ->
                        new BearingFit("6313", Seat.HOUSING, FitClass.K5, List.of(List.of(65.0), List.of(65.0, -1.0)))))
                .containsExactlyInAnyOrder("fitClass", "planesMm[0]", "planesMm[1][1]");
        assertThat(Refusals.fields(() -> new BearingFit(" ", null, null, List.of())))
                .containsExactlyInAnyOrder("designation", "seat", "fitClass", "planesMm");
    }
}
