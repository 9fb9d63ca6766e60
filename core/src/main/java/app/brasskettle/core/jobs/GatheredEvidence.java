package app.brasskettle.core.jobs;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.cause.EvidenceTable;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Evidence that a job holds by itself: from receiving and from its tests, beside what people add and strike. */
final class GatheredEvidence {

    private final Map<Evidence, String> pieces = new LinkedHashMap<>();

    GatheredEvidence(JobRecord job) {
        job.arrival().ifPresent(a -> {
            job.arrival()
                    .flatMap(Arrival::turnsFreely)
                    .ifPresent(free -> pieces.put(free ? Evidence.SHAFT_FREE : Evidence.SHAFT_BINDS, "receive"));
            a.signs().forEach(s -> pieces.put(s, "receive"));
            a.circumstances().ifPresent(this::circumstances);
        });
        job.insulation().map(JobRecord.Taken::result).ifPresent(this::insulation);
        job.resistance().map(JobRecord.Taken::result).ifPresent(this::resistance);
        job.surge().map(t -> t.result().judgement().verdict()).ifPresent(v -> {
            if (v == Verdict.STOP) {
                pieces.put(Evidence.SURGE_PHASE_DIFFERS, "bench/surge");
            } else if (v == Verdict.HOLDS) {
                pieces.put(Evidence.SURGE_HOLDS, "bench/surge");
            }
        });
        job.further()
                .forEach(t -> t.evidence().forEach(e -> pieces.put(e, t.kind().step())));
        job.added().forEach(e -> pieces.putIfAbsent(e, "cause"));
    }

    /** Answers to questions that are evidence by themselves. */
    private void circumstances(Circumstances told) {
        if (told.feed().filter(f -> f == Circumstances.Feed.DRIVE).isPresent()) {
            pieces.put(Evidence.FED_BY_DRIVE, "receive");
            told.cableDistanceM()
                    .filter(d -> Limit.over(d, ArrivalReading.LONG_CABLE_M))
                    .ifPresent(d -> pieces.put(Evidence.LONG_DRIVE_CABLE, "receive"));
        }
        told.protection()
                .filter(p -> p == Circumstances.Protection.NONE || p == Circumstances.Protection.BREAKER_ONLY)
                .ifPresent(p -> pieces.put(Evidence.NO_OVERLOAD_RELAY, "receive"));
        told.startsAnHour()
                .filter(s -> Limit.over(s, ArrivalReading.MANY_STARTS))
                .ifPresent(s -> pieces.put(Evidence.FREQUENT_STARTS, "receive"));
    }

    private void insulation(InsulationResult r) {
        if (r.verdict() == Verdict.STOP) {
            pieces.put(Evidence.INSULATION_STOP, "bench/insulation");
        } else if (r.verdict() == Verdict.HOLDS || r.verdict() == Verdict.WATCH) {
            pieces.put(Evidence.INSULATION_HOLDS, "bench/insulation");
        }
        if (r.polarizationIndexJudged()) {
            boolean flat = r.polarizationIndex().orElseThrow() < r.minimumPolarizationIndex();
            pieces.put(flat ? Evidence.ABSORPTION_FLAT : Evidence.ABSORPTION_HOLDS, "bench/insulation");
        }
    }

    private void resistance(ResistanceResult r) {
        if (r.meanOhm().isEmpty()) {
            pieces.put(Evidence.RESISTANCE_OPEN, "bench/resistance");
        } else if (r.verdict() == Verdict.STOP) {
            pieces.put(Evidence.RESISTANCE_UNBALANCED, "bench/resistance");
        } else if (r.verdict() == Verdict.HOLDS) {
            pieces.put(Evidence.RESISTANCE_HOLDS, "bench/resistance");
        }
    }

    List<JobReading.Piece> pieces(JobRecord job) {
        List<JobReading.Piece> list = new ArrayList<>();
        pieces.forEach((e, step) -> list.add(new JobReading.Piece(
                e.word(),
                EvidenceTable.shipped().entry(e.word()).orElseThrow().words(),
                step,
                job.struck().contains(e.word()))));
        return List.copyOf(list);
    }

    List<Evidence> standing(JobRecord job) {
        return pieces.keySet().stream()
                .filter(e -> !job.struck().contains(e.word()))
                .toList();
    }
}
