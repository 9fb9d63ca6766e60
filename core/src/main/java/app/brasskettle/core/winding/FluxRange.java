package app.brasskettle.core.winding;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;

/** Judgement of a flux density against what designs usually have: watched outside it, a stop far outside. */
public final class FluxRange {

    static final String SOURCE = "Usual design ranges, shop setting";
    private static final double FAR_OVER = 1.25;
    private static final double FAR_UNDER = 0.6;

    private FluxRange() {}

    /**
     * Judges a flux density.
     *
     * @param where iron it is in
     * @param tesla the density
     * @param low least usual
     * @param high most usual
     * @param next what to do where it is not usual
     */
    public static Judgement judge(String where, double tesla, double low, double high, String next) {
        String figure = where + " " + Figures.significant(tesla, 3) + " T, usual " + low + " to " + high + " T";
        if (Magnetics.within(tesla, low, high)) {
            return new Judgement(Verdict.HOLDS, figure, "", SOURCE, "");
        }
        boolean far = tesla > FAR_OVER * high || tesla < FAR_UNDER * low;
        return new Judgement(
                far ? Verdict.STOP : Verdict.WATCH,
                figure,
                tesla > high ? "More flux than the iron usually carries" : "Less flux than the iron is there for",
                SOURCE,
                next);
    }
}
