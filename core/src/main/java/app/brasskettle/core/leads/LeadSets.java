package app.brasskettle.core.leads;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import java.util.List;
import java.util.Optional;

/**
 * Leads that ring together, and what they can be.
 *
 * @param sets sets of leads, smallest first, then in the order of the leads
 * @param arrangement what sets of these sizes can be
 * @param marksAgree whether the marks are the usual ones; absent where there are none to agree with
 * @param verdict the word
 * @param judgement the word with its reasons
 * @param steps how the sets were found
 */
public record LeadSets(
        List<List<String>> sets,
        Arrangement arrangement,
        Optional<Boolean> marksAgree,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps)
        implements Judged {}
