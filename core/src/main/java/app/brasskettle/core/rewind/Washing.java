package app.brasskettle.core.rewind;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Asked;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * A winding washed.
 *
 * @param with what with
 * @param cleaner what was in the water, or which solvent
 * @param rinsedClear whether it was rinsed until the water ran clear
 */
public record Washing(
        @Asked("washed with") With with,
        Optional<String> cleaner,
        @Asked("rinsed until clear") Optional<Boolean> rinsedClear) {

    /** What a winding is washed with. */
    public enum With implements Coded {
        HOT_WATER,
        STEAM,
        SOLVENT,
        DRY_ICE
    }

    public Washing {
        cleaner = Problems.orEmpty(cleaner).filter(s -> !s.isBlank());
        rinsedClear = Problems.orEmpty(rinsedClear);
        Problems problems = new Problems();
        problems.present("with", with);
        problems.throwIfAny();
    }

    /** What it comes to. */
    public Judgement judge() {
        boolean wet = with == With.HOT_WATER || with == With.STEAM;
        boolean left = wet && !rinsedClear.orElse(false);
        return new Judgement(
                left ? Verdict.WATCH : Verdict.HOLDS,
                left
                        ? "Washed, and not rinsed clear"
                        : "Washed with " + with.label().toLowerCase(java.util.Locale.ROOT),
                wet
                        ? "What the cleaner leaves draws water again"
                        : "Solvent softens old varnish: short, and aired at once",
                "Shop rule",
                left ? "Rinse with clean water until it runs clear, then dry it." : "Dry it by the curve.");
    }
}
