package app.brasskettle.core.energise;

/**
 * A lock-out: the supply locked and proved dead by two means.
 *
 * @param at when, seconds of the epoch
 * @param by who
 * @param means by which two means
 */
public record LockOut(double at, String by, String means) {}
