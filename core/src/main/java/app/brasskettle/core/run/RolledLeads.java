package app.brasskettle.core.run;

import app.brasskettle.core.worksheet.Problems;
import java.util.List;

/**
 * Line currents before and after every lead of the motor was moved on by one line.
 *
 * @param currentsBeforeA currents of lines 1, 2, 3 with leads A, B, C on them
 * @param currentsAfterA currents of lines 1, 2, 3 with leads C, A, B on them
 */
public record RolledLeads(List<Double> currentsBeforeA, List<Double> currentsAfterA) {

    public RolledLeads {
        currentsBeforeA = Problems.copy(currentsBeforeA);
        currentsAfterA = Problems.copy(currentsAfterA);
        Problems problems = new Problems();
        NoLoadRun.three("currentsBeforeA", currentsBeforeA, "A", problems);
        NoLoadRun.three("currentsAfterA", currentsAfterA, "A", problems);
        problems.throwIfAny();
    }
}
