package app.brasskettle.core.airgap;

import app.brasskettle.core.airgap.Registers.Register;
import app.brasskettle.core.fits.Grade;
import app.brasskettle.core.fits.Lengths;
import app.brasskettle.core.fits.Repair;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Phrase;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Registers against the loosest fit of H7 with h6 at their size (ISO 286-2), watched from 70 % of it; out of round against IT7,
 * watched over half of it. A bracket can hang by half its clearance: against 10 % of the air gap, watched from 7 %.
 */
public final class RegistersWorksheet {

    private static final double WATCH_SHARE = 0.7;
    private static final double GAP_PERCENT = 10;
    private static final String SOURCE = "Shop rule: loosest of H7 with h6, ISO 286-2; 10 % of the air gap";

    private RegistersWorksheet() {}

    public static Worksheet<Registers, RegistersResult> create() {
        return new Worksheet<>(
                "bracket-registers",
                "Bracket registers",
                Registers.class,
                List.of("ISO 286-2", SOURCE),
                RegistersWorksheet::work);
    }

    private static RegistersResult work(Registers check) {
        List<RegistersResult.RegisterReading> readings = new ArrayList<>();
        List<Judgement> judgements = new ArrayList<>();
        for (Register register : check.registers()) {
            Sizes sizes = Sizes.of(register, check.meanGapMm());
            Judgement j = judge(register, sizes);
            judgements.add(j);
            readings.add(new RegistersResult.RegisterReading(
                    register.place().label(),
                    sizes.clearance,
                    sizes.limit(),
                    sizes.outOfRound,
                    sizes.shiftPercent,
                    j.verdict()));
        }
        return new RegistersResult(
                List.copyOf(readings), Judgement.worst(judgements).orElseThrow());
    }

    private record Sizes(
            double clearance, double least, double it7, double it6, double outOfRound, Optional<Double> shiftPercent) {

        static Sizes of(Register r, Optional<Double> gap) {
            // Registers are made to whole millimetres; a hundredth more must not take the limits of the next step.
            double size = Math.rint((Lengths.largest(r.frameMm()) + Lengths.smallest(r.frameMm())) / 2);
            double clearance = Lengths.largest(r.frameMm()) - Lengths.smallest(r.bracketMm());
            return new Sizes(
                    clearance,
                    Lengths.smallest(r.frameMm()) - Lengths.largest(r.bracketMm()),
                    Grade.IT7.widthMm(size),
                    Grade.IT6.widthMm(size),
                    Math.max(Lengths.spread(r.frameMm()), Lengths.spread(r.bracketMm())),
                    gap.map(g -> 100 * Math.max(0, clearance) / 2 / g));
        }

        double limit() {
            return it7 + it6;
        }

        boolean shiftOver(double percent) {
            return shiftPercent.filter(s -> Limit.over(s, percent)).isPresent();
        }
    }

    private static Judgement judge(Register register, Sizes s) {
        String where = Phrase.capital(register.place().label()) + ": ";
        String clearance =
                (s.clearance < 0 ? Lengths.micron(-s.clearance) + " tight" : "loose by " + Lengths.micron(s.clearance))
                        + ", limit " + Lengths.micron(s.limit());
        String because = "Out of round " + Lengths.micron(s.outOfRound) + " of " + Lengths.micron(s.it7)
                + s.shiftPercent
                        .map(p -> "; the rotor can hang by " + Figures.percent(p) + " of the gap, limit "
                                + Figures.percent(GAP_PERCENT))
                        .orElse("; air gap not given");
        if (Lengths.over(s.clearance, s.limit()) || s.shiftOver(GAP_PERCENT)) {
            return new Judgement(
                    Verdict.STOP,
                    where + clearance,
                    because,
                    SOURCE,
                    Repair.next(register.remedy(), List.of(Registers.Remedy.values())));
        }
        if (Lengths.over(s.outOfRound, s.it7)) {
            return new Judgement(
                    Verdict.STOP,
                    where + "out of round; " + clearance,
                    because,
                    SOURCE,
                    "Turn it true, then measure again.");
        }
        if (Lengths.over(-s.least, s.it6)) {
            return new Judgement(
                    Verdict.WATCH,
                    where + clearance,
                    because + "; tight by " + Lengths.micron(-s.least) + " at the tightest",
                    SOURCE,
                    "Look for burrs and paint first. Warm the frame evenly; no blows, ears break.");
        }
        boolean watch = Lengths.over(s.clearance, WATCH_SHARE * s.limit())
                || Lengths.over(s.outOfRound, s.it7 / 2)
                || s.shiftOver(WATCH_SHARE * GAP_PERCENT);
        return new Judgement(
                watch ? Verdict.WATCH : Verdict.HOLDS,
                where + clearance,
                because,
                SOURCE,
                watch
                        ? "It will serve; draw the bolts up evenly and measure the air gap after assembly."
                        : "The register is good. Clean it; paint and burrs tilt a bracket.");
    }
}
