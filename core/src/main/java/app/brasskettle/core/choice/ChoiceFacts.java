package app.brasskettle.core.choice;

import app.brasskettle.core.losses.EfficiencyAfterRepair;
import java.util.List;
import java.util.Optional;

/**
 * What the record of a job says beside money.
 *
 * @param condition of the motor
 * @param outageCostPerHour what an hour without the machine costs, by the job
 * @param plateEfficiencyPercent by plate
 * @param yearMade by plate
 * @param thisYear the year now
 * @param frame its frame by plate
 * @param standardFrame whether a new motor is built with that shaft height; empty where no frame is read
 * @param concluded what started the failure, by a person's word
 * @param before earlier stays on which it failed of the same, newest first: what it was, and what was advised
 * @param afterRepair efficiency computed for the new winding, where one is designed
 */
public record ChoiceFacts(
        MotorCondition condition,
        double outageCostPerHour,
        Optional<Double> plateEfficiencyPercent,
        Optional<Integer> yearMade,
        int thisYear,
        Optional<String> frame,
        Optional<Boolean> standardFrame,
        Optional<String> concluded,
        List<String> before,
        Optional<EfficiencyAfterRepair> afterRepair) {

    public ChoiceFacts {
        before = List.copyOf(before);
    }

    /** The same facts, had somebody said why it failed. */
    ChoiceFacts explained() {
        return new ChoiceFacts(
                condition,
                outageCostPerHour,
                plateEfficiencyPercent,
                yearMade,
                thisYear,
                frame,
                standardFrame,
                concluded.or(() -> Optional.of("")),
                before,
                afterRepair);
    }

    /** Facts of a motor of which only its condition is known. */
    public static ChoiceFacts only(MotorCondition condition, double outageCostPerHour) {
        return new ChoiceFacts(
                condition,
                outageCostPerHour,
                Optional.empty(),
                Optional.empty(),
                0,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.empty());
    }
}
