package app.brasskettle.core.testkind;

/**
 * Readings that no such motor gives: leads, units or instrument are wrong before the motor is.
 *
 * @param stopStands true where a Stop stays a Stop in spite of it
 * @param sentence the same with figure and bound
 * @param next what to do
 */
public record Doubt(boolean stopStands, String sentence, String next) {}
