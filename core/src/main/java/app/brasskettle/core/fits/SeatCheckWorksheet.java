package app.brasskettle.core.fits;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Phrase;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Every seat by the sheet of a bearing seat; the worst one judges and is named. */
public final class SeatCheckWorksheet {

    private SeatCheckWorksheet() {}

    public static Worksheet<SeatCheck, SeatCheckResult> create() {
        return new Worksheet<>(
                "bearing-seats",
                "Bearing seats of a motor",
                SeatCheck.class,
                List.of("ISO 286-2", "ISO 15"),
                SeatCheckWorksheet::work);
    }

    private static SeatCheckResult work(SeatCheck check) {
        List<SeatCheckResult.SeatReading> readings = new ArrayList<>();
        List<Judgement> judgements = new ArrayList<>();
        for (SeatCheck.MeasuredSeat seat : check.seats()) {
            BearingFit alone = seat.alone();
            BearingFitResult r = BearingFitWorksheet.create().work().apply(alone);
            readings.add(new SeatCheckResult.SeatReading(
                    seat.label(),
                    alone.fitClass().code(),
                    r.nominalMm(),
                    r.lowerLimitMm(),
                    r.upperLimitMm(),
                    r.outOfRoundMm(),
                    r.taperMm(),
                    r.verdict()));
            Judgement j = r.judgement();
            judgements.add(new Judgement(
                    j.verdict(),
                    Phrase.capital(seat.label()) + ": " + Phrase.lower(j.headline()),
                    j.because(),
                    j.source(),
                    j.verdict() == Verdict.STOP ? Repair.next(seat.remedy(), open(seat.seat())) : j.next()));
        }
        return new SeatCheckResult(
                List.copyOf(readings), Judgement.worst(judgements).orElseThrow());
    }

    private static List<Remedy> open(Seat seat) {
        return Arrays.stream(Remedy.values()).filter(r -> r.fits(seat)).toList();
    }
}
