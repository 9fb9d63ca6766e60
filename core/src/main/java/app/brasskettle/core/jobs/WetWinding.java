package app.brasskettle.core.jobs;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.drying.DryingCurve;
import app.brasskettle.core.drying.DryingWorksheet;
import app.brasskettle.core.findings.Findings;
import app.brasskettle.core.findings.FindingsAssessment;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Whether the record says that a winding was wet: drying may then end what lay to ground (shop rule). */
public final class WetWinding {

    private static final Set<Evidence> WET = Set.of(Evidence.WINDING_WET, Evidence.FLOODED_OR_WASHED);

    private WetWinding() {}

    /**
     * Tells whether somebody saw it wet, or drying brought it up and levelled.
     *
     * @param arrival as it came
     * @param findings what was found on it
     * @param added evidence that somebody added
     * @param struck codes of evidence that somebody struck: it says nothing
     * @param drying its drying
     */
    public static boolean recorded(
            Optional<Arrival> arrival,
            Optional<Findings> findings,
            List<Evidence> added,
            Set<String> struck,
            Optional<DryingCurve> drying) {
        boolean seen = Stream.of(
                        arrival.stream().flatMap(a -> a.signs().stream()),
                        findings.stream().flatMap(f -> FindingsAssessment.of(f).evidence().stream()),
                        added.stream())
                .flatMap(s -> s)
                .anyMatch(e -> WET.contains(e) && !struck.contains(e.code()));
        return seen
                || drying.map(d -> DryingWorksheet.create().work().apply(d))
                        .filter(d -> d.verdict() == Verdict.HOLDS)
                        .isPresent();
    }
}
