package app.brasskettle.core.energise;

/**
 * A contradiction between records that a lead hand settled.
 *
 * @param sentence the contradiction as it stood
 * @param by who
 * @param why how it was settled
 */
public record Settlement(String sentence, String by, String why) {}
