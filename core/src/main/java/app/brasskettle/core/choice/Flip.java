package app.brasskettle.core.choice;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.worksheet.Phrase;
import java.util.Optional;

/**
 * The value of one figure at which another option becomes the cheapest.
 *
 * @param figure what is changed
 * @param unit its unit
 * @param now its likeliest value
 * @param at where the advice turns
 * @param above whether it turns above that value, or below it
 * @param to the option that is then the cheapest
 * @param chancePercent how likely it lies beyond, by the range given for it; empty where it was given as one figure
 */
public record Flip(
        String figure, String unit, double now, double at, boolean above, String to, Optional<Double> chancePercent) {

    private static final double HOURS_TOLD_AS_DAYS = 48;
    private static final double LEAST_TOLD_PERCENT = 0.5;

    /** The flip as a sentence. */
    public String sentence() {
        return figure + (above ? " over " : " under ") + with(at) + " (now " + with(now) + "): " + Phrase.lower(to)
                + " is cheaper"
                + chancePercent.map(Flip::chance).orElse(".");
    }

    private static String chance(double percent) {
        return percent < LEAST_TOLD_PERCENT
                ? "; nobody expects that."
                : "; so it may be in " + Figures.significant(percent, 2) + " of 100 cases.";
    }

    private String with(double figure) {
        return unit.equals("h") && figure >= HOURS_TOLD_AS_DAYS && this.figure.startsWith("Lead")
                ? Figures.significant(figure / 24, 3) + " days"
                : (Figures.significant(figure, 3) + " " + unit).strip();
    }
}
