package app.brasskettle.core.redesign;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;

/**
 * Turns of a coil rounded to a whole number, and what that does to the flux.
 *
 * @param exact turns wanted
 * @param turns nearest whole number, halves up, at least 1
 */
record WholeTurns(double exact, long turns) {

    private static final double WATCH_PERCENT = 3;
    private static final double NOTHING_PERCENT = 1e-9;

    static WholeTurns of(double exact) {
        return new WholeTurns(exact, Math.max(1, (long) Limit.floor(exact + 0.5)));
    }

    double fluxChangePercent() {
        return 100 * (exact / turns - 1);
    }

    Judgement judgement(String source) {
        // Noise of the arithmetic is no change.
        double change = Math.abs(fluxChangePercent()) < NOTHING_PERCENT ? 0 : fluxChangePercent();
        String figures = turns + " turns for " + Figures.significant(exact, 4) + ": flux changes by "
                + Figures.significant(change, 3) + " %, limit " + Figures.plain(WATCH_PERCENT) + " % either way";
        return Limit.over(Math.abs(change), WATCH_PERCENT)
                ? new Judgement(
                        Verdict.WATCH,
                        figures,
                        change > 0
                                ? "Fewer turns carry more flux: more magnetising current and iron loss."
                                : "More turns carry less flux: less torque, more slip and rotor loss.",
                        source,
                        "Try another span, number of circuits or connection that comes nearer to a whole number.")
                : new Judgement(Verdict.HOLDS, figures, "", source, "Choose the wire.");
    }

    Step step(String formula, String source) {
        return new Step("turns of a coil, exactly", formula, "", exact, "turns", source);
    }
}
