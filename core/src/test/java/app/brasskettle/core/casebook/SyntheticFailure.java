package app.brasskettle.core.casebook;

import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.cause.FailurePattern;

/**
 * A failure that nobody had: what started it, and what a shop would have found of it.
 *
 * @param root what started it
 * @param found what was found, with gaps and mistakes
 */
public record SyntheticFailure(Explanation root, FailurePattern found) {}
