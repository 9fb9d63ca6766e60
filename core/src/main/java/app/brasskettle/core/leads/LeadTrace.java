package app.brasskettle.core.leads;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.ArrayList;
import java.util.List;

/**
 * Leads of a motor and the pairs found to ring through.
 *
 * @param leads their marks, 2 to 24, each once
 * @param continuity pairs of leads between which there is a path
 */
public record LeadTrace(List<String> leads, List<List<String>> continuity) {

    private static final int FEWEST = 2;
    private static final int MOST = 24;
    private static final int MAX_PAIRS = 10_000;

    public LeadTrace {
        leads = Problems.copy(leads);
        List<List<String>> pairs = Problems.copy(continuity);
        Problems problems = new Problems();
        if (problems.size("leads", leads, FEWEST, MOST)) {
            for (int i = 0; i < leads.size(); i++) {
                problems.name("leads[" + i + "]", leads.get(i));
            }
            problems.distinct(leads, i -> "leads[" + i + "]");
        }
        if (problems.size("continuity", pairs, 0, MAX_PAIRS)) {
            List<List<String>> copied = new ArrayList<>();
            for (int i = 0; i < pairs.size(); i++) {
                List<String> pair = Problems.copy(pairs.get(i));
                copied.add(pair);
                check(i, pair, leads, problems);
            }
            pairs = List.copyOf(copied);
        }
        continuity = pairs;
        problems.throwIfAny();
    }

    private static void check(int i, List<String> pair, List<String> leads, Problems problems) {
        String field = "continuity[" + i + "]";
        if (!problems.size(field, pair, 2, 2)) {
            return;
        }
        for (int j = 0; j < 2; j++) {
            if (leads != null && !leads.contains(pair.get(j))) {
                problems.add(
                        field + "[" + j + "]",
                        Problem.Code.CONTRADICTION,
                        field + "[" + j + "] is " + pair.get(j) + ", which is not among the leads");
            }
        }
    }
}
