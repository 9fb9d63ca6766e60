package app.brasskettle.core.design;

import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.windingtake.WindingTake;
import java.util.List;
import java.util.Optional;

/**
 * What a motor without a plate was most likely made for, from its core and its winding. Never a plate: ranges, with reasons.
 *
 * @param candidates best first, at most three; none while too little is taken
 * @param missing what has to be taken before anything can be said
 * @param next the surest next measurement
 */
public record RatingEstimate(List<Candidate> candidates, List<String> missing, String next) {

    /**
     * A rating that the winding fits.
     *
     * @param frequencyHz supply frequency
     * @param connection wye or delta
     * @param ratedVoltageV the usual line voltage that fits best
     * @param alsoV other usual voltages that fit nearly as well
     * @param lowV least line voltage at which the iron carries a usual flux
     * @param highV most
     * @param synchronousRpm speed of the field; a motor turns a few per cent slower
     * @param powerW likeliest power, where the wire is measured or the core alone tells it
     * @param lowPowerW least
     * @param highPowerW most
     * @param currentA likeliest line current; absent until the wire is measured
     * @param sharePercent how well it fits beside the others
     * @param reasons the figures it rests on, in sentences
     */
    public record Candidate(
            double frequencyHz,
            WindingConnection connection,
            double ratedVoltageV,
            List<Double> alsoV,
            double lowV,
            double highV,
            double synchronousRpm,
            double powerW,
            double lowPowerW,
            double highPowerW,
            Optional<Double> currentA,
            double sharePercent,
            List<String> reasons) {}

    /** Estimates from what was taken so far; nothing asks for a plate. */
    public static RatingEstimate of(WindingTake take) {
        return new RatingSearch(take).estimate();
    }
}
