package app.brasskettle.core.insulation;

import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Problems;

/**
 * Proof of an insulation tester before it is believed: leads apart must read over its range, leads together near zero.
 *
 * @param rangeMegohm what it can show at most
 * @param apartOverRange true when it read over its range with the leads apart
 * @param togetherMegohm what it read with the leads together
 */
public record TesterProof(double rangeMegohm, boolean apartOverRange, double togetherMegohm) {

    private static final double LEADS_TOGETHER_MEGOHM = 0.05;
    private static final String SOURCE = "Shop rule: a tester proves itself each day";

    public TesterProof {
        Problems problems = new Problems();
        problems.positive("rangeMegohm", rangeMegohm, "MΩ");
        problems.notNegative("togetherMegohm", togetherMegohm, "MΩ");
        problems.throwIfAny();
    }

    /** Whether the tester may be believed. */
    public Judgement judge() {
        String together = "leads together " + Figures.show(togetherMegohm, Dimension.INSULATION);
        if (!apartOverRange) {
            return new Judgement(
                    Verdict.STOP,
                    "Tester leaks: leads apart do not read over its range",
                    together,
                    SOURCE,
                    "Dry the leads and clips, or take another tester.");
        }
        if (Limit.over(togetherMegohm, LEADS_TOGETHER_MEGOHM)) {
            return new Judgement(
                    Verdict.STOP,
                    "Tester does not see its own leads: " + together + ", at most 50 kΩ",
                    "A broken lead reads like a perfect motor",
                    SOURCE,
                    "Change the leads and prove it again.");
        }
        return new Judgement(
                Verdict.HOLDS,
                "Tester proved: apart over " + Figures.show(rangeMegohm, Dimension.INSULATION) + ", " + together,
                "",
                SOURCE,
                "Measure the three resistances.");
    }
}
