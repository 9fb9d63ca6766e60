package app.brasskettle.core.tasktime;

/**
 * A tap on the clock of a task.
 *
 * @param task code of the task, as the task table has it; empty where the whole motor was set down, which stops everybody
 * @param by who; empty where the motor was set down
 * @param starts true where work begins, false where it ends
 * @param at seconds of the epoch
 */
public record TaskTap(String task, String by, boolean starts, double at) {

    /** The motor set down: nobody works on it from then on. */
    public static TaskTap setDown(double at) {
        return new TaskTap("", "", false, at);
    }
}
