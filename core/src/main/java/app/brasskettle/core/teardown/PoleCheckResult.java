package app.brasskettle.core.teardown;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import java.util.List;

/**
 * Which poles carry field.
 *
 * @param weakPoles poles that pull less, counted from 1
 * @param deadPoles poles that do not pull
 * @param judgement the word with its reasons
 */
public record PoleCheckResult(List<Integer> weakPoles, List<Integer> deadPoles, Judgement judgement)
        implements Judged {}
