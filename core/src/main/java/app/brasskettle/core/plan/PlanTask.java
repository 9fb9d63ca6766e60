package app.brasskettle.core.plan;

import java.util.Optional;

/**
 * A task that is still to be done.
 *
 * @param id one for each
 * @param job tag of the motor
 * @param order where it stands among the tasks of its motor, from 0
 * @param code what it is, as skills name it
 * @param name in words
 * @param place kind of place it needs
 * @param workMinutes somebody is at it, from its start
 * @param runMinutes afterwards it runs alone: an oven, or work sent out; 0 for most
 * @param setDown whether it can be interrupted: by the end of a shift, by a rush job; what runs alone never can
 * @param temperatureC temperature of the oven, where it needs one
 */
public record PlanTask(
        String id,
        String job,
        int order,
        String code,
        String name,
        PlaceKind place,
        int workMinutes,
        int runMinutes,
        boolean setDown,
        Optional<Double> temperatureC) {

    /** The same at another place in the order of its motor. */
    public PlanTask at(int place) {
        return new PlanTask(id, job, place, code, name, this.place, workMinutes, runMinutes, setDown, temperatureC);
    }

    /** The same with another length of work and of what runs alone. */
    public PlanTask lasting(int work, int run) {
        return new PlanTask(id, job, order, code, name, place, work, run, setDown, temperatureC);
    }
}
