package app.brasskettle.core.fits;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;

/**
 * A seat against ISO 286-2 for the size its bearing has by ISO 15: single diameters inside the limits, out-of-round within the
 * tolerance's width, either of out-of-round and taper watched from half of it. Lengths within 1 nm are equal.
 */
public final class BearingFitWorksheet {

    private static final String SOURCE = "ISO 286-2, ISO 15";

    private BearingFitWorksheet() {}

    public static Worksheet<BearingFit, BearingFitResult> create() {
        return new Worksheet<>(
                "bearing-fit",
                "Bearing seat",
                BearingFit.class,
                List.of("ISO 286-2", "ISO 15"),
                BearingFitWorksheet::work);
    }

    private static BearingFitResult work(BearingFit fit) {
        Bearing bearing = Bearing.parse(fit.designation()).orElseThrow();
        double nominal = fit.seat() == Seat.SHAFT ? bearing.boreMm() : bearing.outsideMm();
        double upper = fit.fitClass().upperMm(nominal);
        double lower = fit.fitClass().lowerMm(nominal);
        double outOfRound =
                fit.planesMm().stream().mapToDouble(Lengths::spread).max().orElseThrow();
        double taper = Lengths.spread(
                fit.planesMm().stream().map(BearingFitWorksheet::mean).toList());
        List<Double> all = fit.planesMm().stream().flatMap(List::stream).toList();
        double largest = Lengths.largest(all);
        double smallest = Lengths.smallest(all);
        Judgement judgement = judge(fit, upper, lower, largest, smallest, outOfRound, taper);
        return new BearingFitResult(
                nominal,
                upper,
                lower,
                outOfRound,
                taper,
                judgement.verdict(),
                judgement,
                List.of(
                        new Step("upper limit", "nominal + es", Figures.plain(nominal), upper, "mm", SOURCE),
                        new Step("lower limit", "nominal + ei", Figures.plain(nominal), lower, "mm", SOURCE),
                        new Step("out of round", "largest spread within a plane", "", outOfRound, "mm", SOURCE),
                        new Step("taper", "spread of the planes' means", "", taper, "mm", SOURCE)));
    }

    private static double mean(List<Double> plane) {
        return plane.stream().mapToDouble(d -> d).average().orElseThrow();
    }

    private static Judgement judge(
            BearingFit fit,
            double upper,
            double lower,
            double largest,
            double smallest,
            double outOfRound,
            double taper) {
        double width = upper - lower;
        String limits = Figures.fixed(lower, 3) + " to " + Figures.fixed(upper, 3) + " mm, "
                + fit.fitClass().code();
        String shape = "out of round " + Lengths.micron(outOfRound) + ", taper " + Lengths.micron(taper) + ", of "
                + Lengths.micron(width) + " allowed (watch from half)";
        boolean shaft = fit.seat() == Seat.SHAFT;
        if (Lengths.over(largest, upper)) {
            return new Judgement(
                    Verdict.STOP,
                    "Too large: " + Figures.fixed(largest, 3) + " mm, limits " + limits,
                    shape,
                    SOURCE,
                    shaft ? "Grind it to size." : "Sleeve the housing, or a new bracket.");
        }
        if (Lengths.over(lower, smallest)) {
            return new Judgement(
                    Verdict.STOP,
                    "Too small: " + Figures.fixed(smallest, 3) + " mm, limits " + limits,
                    shape,
                    SOURCE,
                    shaft ? "Build the seat up by spray or weld and grind it, or a new shaft." : "Bore it to size.");
        }
        if (Lengths.over(outOfRound, width)) {
            return new Judgement(
                    Verdict.STOP, "Out of round: " + shape, "Limits " + limits, SOURCE, "Machine the seat true.");
        }
        boolean watch = Lengths.over(outOfRound, width / 2) || Lengths.over(taper, width / 2);
        return new Judgement(
                watch ? Verdict.WATCH : Verdict.HOLDS,
                "Inside " + limits + "; " + shape,
                "",
                SOURCE,
                watch ? "It will serve; look at it again at the next stay." : "The seat is good.");
    }
}
