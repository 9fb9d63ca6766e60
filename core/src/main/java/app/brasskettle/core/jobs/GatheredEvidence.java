package app.brasskettle.core.jobs;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.cause.EvidenceTable;
import app.brasskettle.core.leads.LeadMapAssessment;
import app.brasskettle.core.testrecord.JudgedTests;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.work.JobStep;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Evidence that a job holds by itself: from receiving and from its tests, beside what people add and strike. */
final class GatheredEvidence {

    /** Where earlier visits of a motor are found. */
    private static final String HISTORY = "passport";

    private final Map<Evidence, String> pieces = new LinkedHashMap<>();

    GatheredEvidence(JobRecord job, JudgedTests tests, DismantledAssessment apart) {
        job.plate()
                .map(p -> p.phases() == 1 ? Evidence.SINGLE_PHASE : Evidence.THREE_PHASE)
                .ifPresent(e -> pieces.put(e, JobStep.ARRIVAL.path()));
        job.arrived().ifPresent(a -> {
            a.turnsFreely()
                    .ifPresent(free ->
                            pieces.put(free ? Evidence.SHAFT_FREE : Evidence.SHAFT_BINDS, JobStep.ARRIVAL.path()));
            a.signs().forEach(s -> pieces.put(s, JobStep.ARRIVAL.path()));
            a.circumstances().ifPresent(this::circumstances);
        });
        tests.all().forEach(t -> t.evidence().forEach(e -> pieces.put(e, t.step())));
        apart.findings().ifPresent(f -> f.evidence().forEach(e -> pieces.put(e, JobStep.FINDINGS.path())));
        apart.leads()
                .filter(LeadMapAssessment::differsFromPlate)
                .ifPresent(l -> pieces.put(Evidence.CONNECTION_DIFFERS, JobStep.LEAD_MAP.path()));
        contradicted();
        job.added().forEach(e -> pieces.putIfAbsent(e, JobStep.CAUSE.path()));
    }

    /** Answers to questions that are evidence by themselves. */
    private void circumstances(Circumstances told) {
        if (told.feed().filter(f -> f == Circumstances.Feed.DRIVE).isPresent()) {
            pieces.put(Evidence.FED_BY_DRIVE, JobStep.ARRIVAL.path());
            told.cableDistanceM()
                    .filter(d -> Limit.over(d, ArrivalAssessment.LONG_CABLE_M))
                    .ifPresent(d -> pieces.put(Evidence.LONG_DRIVE_CABLE, JobStep.ARRIVAL.path()));
        }
        told.protection()
                .filter(p -> p == Circumstances.Protection.NONE || p == Circumstances.Protection.BREAKER_ONLY)
                .ifPresent(p -> pieces.put(Evidence.NO_OVERLOAD_RELAY, JobStep.ARRIVAL.path()));
        told.startsAnHour()
                .filter(s -> Limit.over(s, ArrivalAssessment.MANY_STARTS))
                .ifPresent(s -> pieces.put(Evidence.FREQUENT_STARTS, JobStep.ARRIVAL.path()));
    }

    /** A second speed, or pulses of rising voltage, that find something take back what the first test did not see. */
    private void contradicted() {
        if (pieces.containsKey(Evidence.RESISTANCE_OPEN) || pieces.containsKey(Evidence.RESISTANCE_UNBALANCED)) {
            pieces.remove(Evidence.RESISTANCE_HOLDS);
        }
        if (pieces.containsKey(Evidence.INSULATION_STOP)) {
            pieces.remove(Evidence.INSULATION_HOLDS);
        }
        if (pieces.containsKey(Evidence.SURGE_PHASE_DIFFERS)) {
            pieces.remove(Evidence.SURGE_HOLDS);
        }
        if (pieces.containsKey(Evidence.BALANCE_FOLLOWS_WINDING)
                || pieces.containsKey(Evidence.BALANCE_FOLLOWS_ROTOR)) {
            pieces.remove(Evidence.BALANCE_HOLDS);
        }
    }

    List<JobAssessment.Piece> pieces(JobRecord job) {
        List<JobAssessment.Piece> list = new ArrayList<>();
        pieces.forEach((e, step) -> list.add(new JobAssessment.Piece(
                e.code(),
                EvidenceTable.shipped().entry(e.code()).orElseThrow().words(),
                step,
                job.struck().contains(e.code()))));
        job.earlier().stream()
                .filter(e -> list.stream().noneMatch(p -> p.code().equals(e.code())))
                .forEach(e -> list.add(new JobAssessment.Piece(
                        e.code(), e.label(), HISTORY, job.struck().contains(e.code()))));
        return List.copyOf(list);
    }

    /** Everything gathered, struck or not. */
    List<Evidence> all() {
        return List.copyOf(pieces.keySet());
    }

    List<Evidence> standing(JobRecord job) {
        return pieces.keySet().stream()
                .filter(e -> !job.struck().contains(e.code()))
                .toList();
    }
}
