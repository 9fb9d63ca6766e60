package app.brasskettle.core.extension;

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
 * A key seat and its key against the limits of the standard that gave the shaft its key. Widening toward one end, and play between the two, are
 * watched over half of the tolerance.
 */
public final class KeySeatWorksheet {

    private KeySeatWorksheet() {}

    public static Worksheet<KeySeat, KeySeatResult> create() {
        return new Worksheet<>(
                "key-seat",
                "Key seat",
                KeySeat.class,
                List.of("IEC 60072-1", "ISO 286-2", "ISO/R 773", "NEMA MG 1-4.9", "ANSI B17.1"),
                KeySeatWorksheet::work);
    }

    private static KeySeatResult work(KeySeat seat) {
        double nominal = seat.nominalMm();
        KeySizes sizes = seat.standard();
        KeySizes.Limits limits = sizes.seat(nominal);
        double widest = Lengths.largest(seat.seatWidthsMm());
        double spread = Lengths.spread(seat.seatWidthsMm());
        Optional<Double> play = seat.keyWidthsMm().isEmpty()
                ? Optional.empty()
                : Optional.of(widest - Lengths.smallest(seat.keyWidthsMm()));
        Judgement judgement = judge(seat, limits, spread, play);
        List<Step> steps = new ArrayList<>(List.of(
                new Step(
                        "upper limit",
                        "largest " + sizes.seatGrade() + " of the nominal width",
                        Figures.plain(nominal),
                        limits.upperMm(),
                        "mm",
                        sizes.source()),
                new Step(
                        "lower limit",
                        "upper limit − tolerance",
                        Figures.plain(limits.upperMm()) + " − " + Figures.plain(limits.widthMm()),
                        limits.lowerMm(),
                        "mm",
                        sizes.source()),
                new Step("spread", "widest − narrowest", "", spread, "mm", sizes.source())));
        play.ifPresent(p -> steps.add(new Step("play", "widest seat − narrowest key", "", p, "mm", sizes.source())));
        return new KeySeatResult(
                nominal,
                limits.lowerMm(),
                limits.upperMm(),
                spread,
                play,
                judgement.verdict(),
                judgement,
                List.copyOf(steps));
    }

    private static Judgement judge(KeySeat seat, KeySizes.Limits size, double spread, Optional<Double> play) {
        KeySizes sizes = seat.standard();
        KeySizes.Limits keySize = sizes.key(seat.nominalMm());
        String source = sizes.source();
        double tolerance = size.widthMm();
        String limits = Figures.fixed(size.lowerMm(), 3) + " to " + Figures.fixed(size.upperMm(), 3) + " mm, "
                + sizes.seatGrade();
        String shape = "Widens by " + Lengths.micron(spread)
                + play.map(p -> ", key "
                                + (p < 0 ? Lengths.micron(-p) + " tight" : "with " + Lengths.micron(p) + " of play"))
                        .orElse(", key not measured")
                + " (watch over " + Lengths.micron(tolerance / 2) + ")";
        double widest = Lengths.largest(seat.seatWidthsMm());
        double narrowest = Lengths.smallest(seat.seatWidthsMm());
        if (Lengths.over(widest, size.upperMm())) {
            return stop(
                    "Seat worn to " + Figures.fixed(widest, 3) + " mm, limits " + limits,
                    shape,
                    source,
                    Repair.next(seat.remedy(), List.of(KeySeat.Remedy.values())));
        }
        if (Lengths.over(size.lowerMm(), narrowest)) {
            return stop(
                    "Seat too narrow: " + Figures.fixed(narrowest, 3) + " mm, limits " + limits,
                    shape,
                    source,
                    "A burr or a bruised edge is the usual reason: stone it and measure again.");
        }
        for (double key : seat.keyWidthsMm()) {
            if (Lengths.over(key, keySize.upperMm()) || Lengths.over(keySize.lowerMm(), key)) {
                return stop(
                        "Key of " + Figures.fixed(key, 3) + " mm, limits " + Figures.fixed(keySize.lowerMm(), 3)
                                + " to " + Figures.fixed(keySize.upperMm(), 3) + " mm, " + sizes.keyGrade(),
                        shape,
                        source,
                        "Fit a new key from " + sizes.keyStock() + "; neither file nor stake the old one.");
            }
        }
        boolean loose = play.filter(p -> Lengths.over(p, tolerance / 2)).isPresent();
        if (loose || Lengths.over(spread, tolerance / 2)) {
            return new Judgement(
                    Verdict.WATCH,
                    "Inside " + limits + "; " + Phrase.lower(shape),
                    "",
                    source,
                    loose
                            ? "Choose a key that has to be tapped in: one that slides hammers the seat wide."
                            : "It widens toward one end: ask for shock loads and a loose coupling.");
        }
        return new Judgement(
                seat.keyWidthsMm().isEmpty() ? Verdict.WATCH : Verdict.HOLDS,
                "Inside " + limits + "; " + Phrase.lower(shape),
                "",
                source,
                seat.keyWidthsMm().isEmpty()
                        ? "The key is missing: fit a new one from " + sizes.keyStock() + " and measure it."
                        : "Seat and key are good. Tape the key in place before the shaft turns.");
    }

    private static Judgement stop(String headline, String because, String source, String next) {
        return new Judgement(Verdict.STOP, headline, because, source, next);
    }
}
