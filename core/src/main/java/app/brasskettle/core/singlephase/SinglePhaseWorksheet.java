package app.brasskettle.core.singlephase;

import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.singlephase.SinglePhaseWindings.Protector;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Main and start winding told from each other and from the protector between them.
 *
 * <p>A protector in series with one half of a dual-voltage winding opens that half: the winding is called open only when it
 * reads open behind the protector as well. A reading that comes and goes is a joint or the protector, not the coil.
 */
public final class SinglePhaseWorksheet {

    private static final double HALVES_HOLD = 2;
    private static final double HALVES_WATCH = 5;
    /** While nobody says how it starts, any winding that reads more than the main one passes for its start winding. */
    private static final double UNKNOWN_LEAST = 1;

    private static final String SOURCE =
            "Shop rule: halves alike within 2 %, watch to 5; start winding over main by how it starts";

    private SinglePhaseWorksheet() {}

    public static Worksheet<SinglePhaseWindings, SinglePhaseResult> create() {
        return new Worksheet<>(
                "single-phase-windings",
                "Single-phase windings",
                SinglePhaseWindings.class,
                List.of("Shop rule"),
                SinglePhaseWorksheet::work);
    }

    private static SinglePhaseResult work(SinglePhaseWindings w) {
        boolean watchedReadsOpen = w.protector() == Protector.IN_SECOND_HALF
                ? w.secondHalfOpen()
                : w.protector() != Protector.NONE && w.mainOpen();
        boolean protectorOpen = watchedReadsOpen && w.acrossProtectorOhm().isPresent();
        boolean otherOpen = w.startOpen()
                || (w.mainOpen() && (w.protector() == Protector.NONE || w.protector() == Protector.IN_SECOND_HALF))
                || (w.secondHalfOpen() && w.protector() != Protector.IN_SECOND_HALF);
        Optional<Double> first = w.mainOhm().or(() -> behind(w, Protector.IN_FIRST_HALF));
        Optional<Double> second = w.secondHalfOhm().or(() -> behind(w, Protector.IN_SECOND_HALF));
        Optional<Double> differ = w.dualVoltage()
                ? first.flatMap(a -> second.map(b -> 200 * Math.abs(a - b) / (a + b)))
                : Optional.empty();
        // Of a dual-voltage motor the start winding stands across the halves in parallel.
        Optional<Double> main = w.dualVoltage() ? first.flatMap(a -> second.map(b -> a * b / (a + b))) : first;
        Optional<Double> ratio = w.startOhm().flatMap(s -> main.map(m -> s / m));
        List<Step> steps = new ArrayList<>();
        differ.ifPresent(d -> steps.add(new Step("halves", "200·|R1 − R2|/(R1 + R2)", "", d, "%", SOURCE)));
        ratio.ifPresent(r -> steps.add(new Step("start over main", "Rs/Rm", "", r, "", SOURCE)));
        boolean undecided = watchedReadsOpen && !protectorOpen;
        return new SinglePhaseResult(
                otherOpen || watchedReadsOpen,
                protectorOpen,
                !w.steadyWhenFlexed(),
                differ,
                ratio,
                judge(w, otherOpen, protectorOpen, undecided, differ, ratio),
                List.copyOf(steps));
    }

    private static Optional<Double> behind(SinglePhaseWindings w, Protector half) {
        boolean there =
                w.protector() == half || (w.protector() == Protector.IN_MAIN && half == Protector.IN_FIRST_HALF);
        return there ? w.acrossProtectorOhm() : Optional.empty();
    }

    private static Judgement judge(
            SinglePhaseWindings w,
            boolean otherOpen,
            boolean protectorOpen,
            boolean undecided,
            Optional<Double> differ,
            Optional<Double> ratio) {
        if (otherOpen) {
            String which = w.startOpen()
                    ? "The start winding"
                    : w.mainOpen() ? "The main winding" : "Half of the main winding";
            return new Judgement(
                    Verdict.STOP, which + " reads open", "", SOURCE, "Trace it: lead, joint, then the coil.");
        }
        if (protectorOpen) {
            return new Judgement(
                    Verdict.STOP,
                    "The protector is open; the winding behind it reads "
                            + Figures.show(w.acrossProtectorOhm().orElseThrow(), Dimension.RESISTANCE),
                    "Measured behind the protector the coil is whole",
                    SOURCE,
                    "Let it cool and measure again; a protector that stays open is replaced, not bridged.");
        }
        if (undecided) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    "Open from outside, and a protector sits in between",
                    "",
                    SOURCE,
                    "Measure across the protector both ways before calling the winding open.");
        }
        if (!w.steadyWhenFlexed()) {
            return new Judgement(
                    Verdict.STOP,
                    "The reading comes and goes when flexed",
                    "That is a joint or the protector, not the coil",
                    SOURCE,
                    "Find it by flexing lead by lead.");
        }
        Verdict halves =
                differ.map(d -> Limit.ceiling(d, HALVES_HOLD, HALVES_WATCH)).orElse(Verdict.HOLDS);
        String figures = w.mainOhm()
                        .map(m -> "main " + Figures.show(m, Dimension.RESISTANCE))
                        .orElse("main behind its protector")
                + w.secondHalfOhm()
                        .map(h -> " and " + Figures.show(h, Dimension.RESISTANCE))
                        .orElse("")
                + ", start " + Figures.show(w.startOhm().orElseThrow(), Dimension.RESISTANCE);
        if (halves != Verdict.HOLDS) {
            return new Judgement(
                    halves,
                    "Halves differ by " + Figures.percent(differ.orElseThrow()) + " (holds to 2, watch to 5): "
                            + figures,
                    "",
                    SOURCE,
                    "A shorted coil or a poor joint in the odd half.");
        }
        return ratio.flatMap(r -> unusual(w.kind(), r, figures))
                .orElseGet(() -> new Judgement(
                        Verdict.HOLDS, "Windings whole: " + figures, "", SOURCE, "Insulation to frame next."));
    }

    /** A start winding that reads otherwise over the main one than the way of starting makes usual. */
    private static Optional<Judgement> unusual(Optional<StartingGear.Kind> kind, double ratio, String figures) {
        double least = kind.map(StartingGear.Kind::leastRatio).orElse(UNKNOWN_LEAST);
        boolean low = Limit.over(least, ratio);
        boolean high = kind.filter(k -> Limit.over(ratio, k.greatestRatio())).isPresent();
        if (!low && !high) {
            return Optional.empty();
        }
        String usual = kind.map(k -> "usual is " + Figures.plain(k.leastRatio()) + " to "
                        + Figures.plain(k.greatestRatio()) + " for " + k.label())
                .orElse("usual is over 1; how it starts is not told");
        return Optional.of(new Judgement(
                Verdict.WATCH,
                "Start over main " + Figures.significant(ratio, 3) + ", " + usual + ": " + figures,
                low ? "A start winding has thinner wire than this" : "More resistance than thin wire explains",
                SOURCE,
                low
                        ? "Are the leads swapped? Trace them; then say how it starts."
                        : "Look for a poor joint in the start winding, or a switch contact measured with it."));
    }
}
