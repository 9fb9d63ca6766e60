package app.brasskettle.core.teardown;

import java.util.Optional;

/**
 * What was done with a logged part on reassembly.
 *
 * @param part its number in the log
 * @param by who said so
 * @param leftOut why it stays out, when it does; empty when it was fitted
 */
public record Refit(int part, String by, Optional<String> leftOut) {}
