package app.brasskettle.core.release;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;

/**
 * The same motor as it left this shop proved before.
 *
 * @param tag the job of that stay
 * @param releasedAt when two people had signed, seconds of the epoch
 * @param advice what the customer was told then
 */
public record EarlierRelease(String tag, double releasedAt, List<String> advice) {

    /** A twelfth of a Gregorian year. */
    public static final double SECONDS_OF_A_MONTH = 2_629_746;

    private static final double SECONDS_OF_A_DAY = 86_400;

    public EarlierRelease {
        advice = List.copyOf(advice);
    }

    /**
     * What its coming back means.
     *
     * @param receivedAt when it came back, seconds of the epoch
     * @param warrantyMonths how long this shop stands by its work
     */
    public Judgement returned(double receivedAt, double warrantyMonths) {
        double until = releasedAt + warrantyMonths * SECONDS_OF_A_MONTH;
        boolean within = receivedAt <= until;
        long days = Math.round((receivedAt - releasedAt) / SECONDS_OF_A_DAY);
        String told = advice.isEmpty() ? "Nothing was advised then." : "Advised then: " + String.join(" ", advice);
        return new Judgement(
                within ? Verdict.WATCH : Verdict.HOLDS,
                (within ? "Returned within warranty: released as " : "Warranty is over: released as ") + tag + " "
                        + days + (days == 1 ? " day ago" : " days ago"),
                told,
                "Shop rule: " + Math.round(warrantyMonths) + " months on work done here",
                within
                        ? "Ask first whether the advice was followed; then test it beside what it read at release."
                        : "Compare its tests with those of then.");
    }
}
