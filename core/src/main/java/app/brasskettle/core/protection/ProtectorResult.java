package app.brasskettle.core.protection;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;

/**
 * Whether a winding is watched.
 *
 * @param watched true when the protector works or something stands in for it
 * @param open true when it was found open, for good or now and then
 * @param judgement the word with its reasons
 */
public record ProtectorResult(boolean watched, boolean open, Judgement judgement) implements Judged {}
