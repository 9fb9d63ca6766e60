package app.brasskettle.core.work;

/**
 * Work that was done.
 *
 * @param work what
 * @param at when, seconds of the epoch
 * @param by who recorded it
 */
public record WorkDone(Work work, double at, String by) {}
