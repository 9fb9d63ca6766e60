package app.brasskettle.core.energise;

/**
 * A lead hand's written waiver of one figure that missed its limit.
 *
 * @param code the reason it is written against
 * @param sentence that reason as it stood: a new figure is a new reason and asks again
 * @param by who wrote it
 * @param why the reason
 */
public record Waiver(String code, String sentence, String by, String why) {}
