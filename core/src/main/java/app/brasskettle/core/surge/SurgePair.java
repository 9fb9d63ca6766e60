package app.brasskettle.core.surge;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.Samples;

/**
 * Two traces of a surge set.
 *
 * @param sampleIntervalS time between samples
 * @param traceA voltage of the first, 16 to 100,000 samples, in any unit
 * @param traceB voltage of the second, as long, in the same unit
 * @param kind what is compared
 * @param rotorFitted true with the rotor in its bore
 */
public record SurgePair(double sampleIntervalS, Samples traceA, Samples traceB, SurgeKind kind, boolean rotorFitted) {

    private static final int FEWEST = 16;
    private static final int MOST = 100_000;

    public SurgePair {
        Problems problems = new Problems();
        problems.positive("sampleIntervalS", sampleIntervalS, "s");
        trace("traceA", traceA, problems);
        trace("traceB", traceB, problems);
        problems.present("kind", kind);
        if (problems.clear("traceA", "traceB") && traceA.size() != traceB.size()) {
            problems.add(
                    "traceB",
                    Problem.Code.CONTRADICTION,
                    "traceB has " + traceB.size() + " samples and traceA " + traceA.size() + "; they must be as long");
        }
        problems.throwIfAny();
    }

    static void trace(String field, Samples trace, Problems problems) {
        if (!problems.present(field, trace)) {
            return;
        }
        if (trace.size() < FEWEST || trace.size() > MOST) {
            problems.add(
                    field,
                    Problem.Code.COUNT,
                    field + " has " + trace.size() + " samples; " + FEWEST + " to " + MOST + " are needed");
            return;
        }
        // The largest and the smallest tell of all of them, and are looked for once.
        boolean sane = Problems.sane(trace.peak()) && Problems.sane(trace.least());
        for (int i = 0; i < trace.size() && !sane; i++) {
            if (!Problems.sane(trace.at(i))) {
                problems.number(field + "[" + i + "]", trace.at(i), "");
            }
        }
        if (problems.clear(field) && trace.peak() == 0) {
            problems.add(
                    field, Problem.Code.RANGE, field + " is zero throughout; the lead was off or nothing was pulsed");
        }
    }
}
