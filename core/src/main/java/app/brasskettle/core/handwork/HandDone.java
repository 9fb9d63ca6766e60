package app.brasskettle.core.handwork;

/**
 * One act.
 *
 * @param act what was done
 * @param place on what: a slot, a joint's terminals, a line of a list
 * @param by who did it
 * @param at when, seconds of the epoch
 */
public record HandDone(HandAct act, String place, String by, double at) {}
