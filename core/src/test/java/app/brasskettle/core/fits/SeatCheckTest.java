package app.brasskettle.core.fits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.fits.SeatCheck.MeasuredSeat;
import app.brasskettle.core.fits.SeatCheck.Place;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SeatCheckTest {

    private static MeasuredSeat seat(Place place, Seat seat, String designation, double mm) {
        return new MeasuredSeat(place, seat, designation, Optional.empty(), List.of(List.of(mm, mm)), Optional.empty());
    }

    /** Balls: j5 to 17 mm, k5 to 100, m5 above; cylindrical rollers m5 from 30 mm; housings H6. */
    @ParameterizedTest
    @CsvSource({
        "6203, SHAFT, J5",
        "6204, SHAFT, K5",
        "6320, SHAFT, K5",
        "6321, SHAFT, M5",
        "NU205, SHAFT, K5",
        "NU 206, SHAFT, M5",
        "6313 C3, HOUSING, H6"
    })
    void aSeatHasItsUsualClass(String designation, Seat seat, FitClass fit) {
        assertThat(FitClass.usual(designation, seat)).contains(fit);
    }

    @Test
    void theWorstSeatJudgesAndIsNamed() {
        SeatCheckResult r = SeatCheckWorksheet.create()
                .work()
                .apply(new SeatCheck(List.of(
                        seat(Place.DRIVE_END, Seat.SHAFT, "6313", 65.008),
                        seat(Place.DRIVE_END, Seat.HOUSING, "6313", 140.04),
                        seat(Place.NON_DRIVE_END, Seat.SHAFT, "6212", 60.01))));
        assertThat(r.verdict()).isEqualTo(Verdict.STOP);
        assertThat(r.judgement().headline()).startsWith("Drive end housing: too large: 140.040 mm");
        assertThat(r.seats())
                .extracting(SeatCheckResult.SeatReading::verdict)
                .containsExactly(Verdict.HOLDS, Verdict.STOP, Verdict.HOLDS);
    }

    @Test
    void refusesASeatTwiceAndABearingItCannotRead() {
        assertThat(Refusals.fields(() -> new SeatCheck(List.of(
                        seat(Place.DRIVE_END, Seat.SHAFT, "6313", 65.008),
                        seat(Place.DRIVE_END, Seat.SHAFT, "6313", 65.008)))))
                .containsExactly("seats[1].place");
        assertThat(Refusals.fields(() -> seat(Place.DRIVE_END, Seat.SHAFT, "22313", 65)))
                .containsExactly("designation");
        assertThat(Refusals.fields(() -> seat(null, null, "", 65))).containsExactlyInAnyOrder("place", "seat");
    }

    /** 0.005 · D · B: 6313 is 140 × 33 mm, NU 212 is 110 × 22 mm (ISO 15). */
    @Test
    void aBearingTakesGreaseByItsSize() {
        assertThat(Grease.grams("6313 C3").orElseThrow()).isCloseTo(0.005 * 140 * 33, within(1e-9));
        assertThat(Grease.grams("NU 212").orElseThrow()).isCloseTo(0.005 * 110 * 22, within(1e-9));
        assertThat(Grease.grams("22213").orElseThrow()).isCloseTo(0.005 * 120 * 31, within(1e-9));
        assertThat(Grease.grams("22313")).isEmpty();
    }

    @Test
    void aSeatOutOfItsLimitsAsksForARemedyThatItCanHave() {
        MeasuredSeat housing = seat(Place.DRIVE_END, Seat.HOUSING, "6313", 140.04);
        assertThat(next(housing)).isEqualTo("Choose a remedy: sleeve, replace.");
        MeasuredSeat sleeved = new MeasuredSeat(
                Place.DRIVE_END,
                Seat.HOUSING,
                "6313",
                Optional.empty(),
                housing.planesMm(),
                Optional.of(Remedy.SLEEVE));
        assertThat(next(sleeved)).startsWith("Sleeve: bore the housing");
        assertThat(Refusals.fields(() -> new MeasuredSeat(
                        Place.DRIVE_END,
                        Seat.HOUSING,
                        "6313",
                        Optional.empty(),
                        housing.planesMm(),
                        Optional.of(Remedy.SPRAY))))
                .containsExactly("remedy");
    }

    private static String next(MeasuredSeat seat) {
        return SeatCheckWorksheet.create()
                .work()
                .apply(new SeatCheck(List.of(seat)))
                .judgement()
                .next();
    }
}
