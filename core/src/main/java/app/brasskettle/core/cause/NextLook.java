package app.brasskettle.core.cause;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Choice of the next look: among evidence not yet gathered, what would lower the uncertainty most for each minute it takes.
 *
 * <p>A piece is taken to show with probability seen·10^(decibans/10) when an explanation is true. Pieces of one group
 * exclude each other: one look brings one of them, or none.
 */
final class NextLook {

    private static final int SHOWN = 5;
    private static final double SURE = 0.97;

    private final EvidenceTable table;
    private final Belief belief;

    NextLook(EvidenceTable table, Belief belief) {
        this.table = table;
        this.belief = belief;
    }

    List<FailureRanking.Look> after(Collection<String> gathered, boolean painted) {
        Set<String> known = gathered.stream()
                .map(c -> table.entry(c).map(EvidenceTable.Entry::group).orElse(c))
                .collect(Collectors.toSet());
        Map<String, List<EvidenceTable.Entry>> open = new LinkedHashMap<>();
        for (EvidenceTable.Entry e : table.entries()) {
            boolean seenOnMap = painted && e.kind().equals("map");
            if (!known.contains(e.group()) && !seenOnMap) {
                open.computeIfAbsent(e.group(), g -> new ArrayList<>()).add(e);
            }
        }
        // One look at the open stator answers every question the coil map answers, so its pieces share one line.
        List<FailureRanking.Look> looks = new ArrayList<>();
        Set<String> asked = new java.util.HashSet<>();
        open.values().stream()
                .map(this::look)
                .sorted(Comparator.comparingDouble(FailureRanking.Look::bitsPerMinute)
                        .reversed())
                .filter(l -> asked.add(l.ask()))
                .limit(SHOWN)
                .forEach(looks::add);
        return List.copyOf(looks);
    }

    private FailureRanking.Look look(List<EvidenceTable.Entry> outcomes) {
        double before = Belief.entropyBits(belief.all());
        double expected = 0;
        Map<Explanation, Double> none = new EnumMap<>(belief.all());
        EvidenceTable.Entry telling = outcomes.get(0);
        double most = -1;
        for (EvidenceTable.Entry outcome : outcomes) {
            Map<Explanation, Double> joint = new EnumMap<>(Explanation.class);
            for (Explanation e : Explanation.values()) {
                double share = shows(outcomes, outcome, e);
                joint.put(e, belief.of(e) * share);
                none.merge(e, -belief.of(e) * share, Double::sum);
            }
            double mass =
                    joint.values().stream().mapToDouble(Double::doubleValue).sum();
            double left = mass * Belief.entropyBits(Belief.scaled(joint));
            expected += left;
            if (mass * before - left > most) {
                most = mass * before - left;
                telling = outcome;
            }
        }
        none.replaceAll((e, m) -> Math.max(0, m));
        double rest = none.values().stream().mapToDouble(Double::doubleValue).sum();
        expected += rest > 0 ? rest * Belief.entropyBits(Belief.scaled(none)) : 0;
        double gain = Math.max(0, before - expected) / telling.minutes();
        return new FailureRanking.Look(telling.code(), telling.look(), telling.minutes(), gain, separates(telling));
    }

    private double shows(List<EvidenceTable.Entry> outcomes, EvidenceTable.Entry outcome, Explanation e) {
        double total = outcomes.stream().mapToDouble(o -> alone(o, e)).sum();
        return total > SURE ? alone(outcome, e) * SURE / total : alone(outcome, e);
    }

    private double alone(EvidenceTable.Entry outcome, Explanation e) {
        return Math.min(SURE, outcome.seen() * Math.pow(10, table.decibans(outcome.code(), e) / 10));
    }

    private String separates(EvidenceTable.Entry piece) {
        List<Explanation> leaders = belief.ranked().subList(0, 4);
        Comparator<Explanation> byWeight = Comparator.comparingDouble(e -> table.decibans(piece.code(), e));
        Explanation favoured = leaders.stream().max(byWeight).orElseThrow();
        Explanation opposed = leaders.stream().min(byWeight).orElseThrow();
        return favoured == opposed ? "" : favoured.spoken() + " from " + opposed.spoken();
    }
}
