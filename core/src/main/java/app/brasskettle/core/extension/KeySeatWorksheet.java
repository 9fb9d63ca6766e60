package app.brasskettle.core.extension;

import app.brasskettle.core.fits.Grade;
import app.brasskettle.core.fits.Lengths;
import app.brasskettle.core.fits.Repair;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Phrase;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A key seat against N9 and its key against h9 (ISO 286-2, IEC 60072-1). Widening toward one end, and play between the two, are
 * watched over half of the tolerance.
 */
public final class KeySeatWorksheet {

    /** To this size N9 lies 4 µm under the nominal size; above it starts there. */
    private static final double SMALL_MM = 3;

    private static final double SMALL_N9_MM = 0.004;
    private static final String SOURCE = "IEC 60072-1; ISO 286-2, N9 and h9";

    private KeySeatWorksheet() {}

    public static Worksheet<KeySeat, KeySeatResult> create() {
        return new Worksheet<>(
                "key-seat",
                "Key seat",
                KeySeat.class,
                List.of("IEC 60072-1", "ISO 286-2", "ISO/R 773"),
                KeySeatWorksheet::work);
    }

    private static KeySeatResult work(KeySeat seat) {
        double nominal = seat.nominalMm();
        double width = Grade.IT9.widthMm(nominal);
        double upper = nominal - (nominal <= SMALL_MM ? SMALL_N9_MM : 0);
        double lower = upper - width;
        double widest = Lengths.largest(seat.seatWidthsMm());
        double spread = Lengths.spread(seat.seatWidthsMm());
        Optional<Double> play = seat.keyWidthsMm().isEmpty()
                ? Optional.empty()
                : Optional.of(widest - Lengths.smallest(seat.keyWidthsMm()));
        Judgement judgement = judge(seat, nominal, lower, upper, spread, play);
        List<Step> steps = new ArrayList<>(List.of(
                new Step("upper limit", "nominal + ES of N9", Figures.plain(nominal), upper, "mm", SOURCE),
                new Step("lower limit", "upper limit − IT9", Figures.plain(upper), lower, "mm", SOURCE),
                new Step("spread", "widest − narrowest", "", spread, "mm", SOURCE)));
        play.ifPresent(p -> steps.add(new Step("play", "widest seat − narrowest key", "", p, "mm", SOURCE)));
        return new KeySeatResult(
                nominal, lower, upper, spread, play, judgement.verdict(), judgement, List.copyOf(steps));
    }

    private static Judgement judge(
            KeySeat seat, double nominal, double lower, double upper, double spread, Optional<Double> play) {
        double tolerance = upper - lower;
        String limits = Figures.fixed(lower, 3) + " to " + Figures.fixed(upper, 3) + " mm, N9";
        String shape = "Widens by " + Lengths.micron(spread)
                + play.map(p -> ", key "
                                + (p < 0 ? Lengths.micron(-p) + " tight" : "with " + Lengths.micron(p) + " of play"))
                        .orElse(", key not measured")
                + " (watch over " + Lengths.micron(tolerance / 2) + ")";
        double widest = Lengths.largest(seat.seatWidthsMm());
        double narrowest = Lengths.smallest(seat.seatWidthsMm());
        if (Lengths.over(widest, upper)) {
            return stop(
                    "Seat worn to " + Figures.fixed(widest, 3) + " mm, limits " + limits,
                    shape,
                    Repair.next(seat.remedy(), List.of(KeySeat.Remedy.values())));
        }
        if (Lengths.over(lower, narrowest)) {
            return stop(
                    "Seat too narrow: " + Figures.fixed(narrowest, 3) + " mm, limits " + limits,
                    shape,
                    "A burr or a bruised edge is the usual reason: stone it and measure again.");
        }
        for (double key : seat.keyWidthsMm()) {
            if (Lengths.over(key, nominal) || Lengths.over(nominal - tolerance, key)) {
                return stop(
                        "Key of " + Figures.fixed(key, 3) + " mm, limits " + Figures.fixed(nominal - tolerance, 3)
                                + " to " + Figures.fixed(nominal, 3) + " mm, h9",
                        shape,
                        "Fit a new key from h9 stock; neither file nor stake the old one.");
            }
        }
        boolean loose = play.filter(p -> Lengths.over(p, tolerance / 2)).isPresent();
        if (loose || Lengths.over(spread, tolerance / 2)) {
            return new Judgement(
                    Verdict.WATCH,
                    "Inside " + limits + "; " + Phrase.lower(shape),
                    "",
                    SOURCE,
                    loose
                            ? "Choose a key that has to be tapped in: one that slides hammers the seat wide."
                            : "It widens toward one end: ask for shock loads and a loose coupling.");
        }
        return new Judgement(
                seat.keyWidthsMm().isEmpty() ? Verdict.WATCH : Verdict.HOLDS,
                "Inside " + limits + "; " + Phrase.lower(shape),
                "",
                SOURCE,
                seat.keyWidthsMm().isEmpty()
                        ? "The key is missing: fit a new one from h9 stock and measure it."
                        : "Seat and key are good. Tape the key in place before the shaft turns.");
    }

    private static Judgement stop(String headline, String because, String next) {
        return new Judgement(Verdict.STOP, headline, because, SOURCE, next);
    }
}
