package app.brasskettle.server.planning;

import app.brasskettle.core.plan.ShopProblem;
import app.brasskettle.server.roster.WorkingTime;
import java.util.List;
import java.util.Map;

/**
 * The shop as a plan takes it, at one moment.
 *
 * @param time the moment and the zone
 * @param problem motors, tasks, people, places, what was told
 * @param motors what else is known of each motor, by its tag
 * @param notPlanned motors that no plan takes, and why
 */
record ShopNow(WorkingTime time, ShopProblem problem, Map<String, Motor> motors, List<NotPlanned> notPlanned) {

    /**
     * A motor.
     *
     * @param words whose it is and what it drives
     * @param assumed what had to be assumed
     * @param whole whether it is planned to its end, and not up to the customer's answer
     */
    record Motor(String words, List<String> assumed, boolean whole) {}

    /** A motor that no plan takes. */
    record NotPlanned(String tag, String words, String why) {}
}
