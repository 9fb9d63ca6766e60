package app.brasskettle.core.cause;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
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
final class NextInspection {

    private static final int SHOWN = 5;

    private final EvidenceTable table;
    private final Posterior belief;

    NextInspection(EvidenceTable table, Posterior belief) {
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
            if (!known.contains(e.group()) && !seenOnMap && !table.comesByItself(e.code())) {
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

    /** Expected drop of uncertainty over the outcomes of one look, none of them among these. */
    private FailureRanking.Look look(List<EvidenceTable.Entry> outcomes) {
        double[] none = belief.shares();
        double before = Posterior.entropyBits(none, 1);
        double[] crowd = crowding(outcomes);
        double expected = 0;
        EvidenceTable.Entry telling = outcomes.get(0);
        double most = Double.NEGATIVE_INFINITY;
        for (EvidenceTable.Entry outcome : outcomes) {
            double[] joint = belief.shares();
            double[] chance = table.chances(outcome.code());
            double mass = 0;
            for (int x = 0; x < joint.length; x++) {
                joint[x] *= chance[x] * crowd[x];
                none[x] = Math.max(0, none[x] - joint[x]);
                mass += joint[x];
            }
            double left = mass * Posterior.entropyBits(joint, mass);
            expected += left;
            if (mass * before - left > most) {
                most = mass * before - left;
                telling = outcome;
            }
        }
        double rest = Arrays.stream(none).sum();
        expected += rest > 0 ? rest * Posterior.entropyBits(none, rest) : 0;
        double gain = Math.max(0, before - expected) / telling.minutes();
        return new FailureRanking.Look(telling.code(), telling.look(), telling.minutes(), gain, separates(telling));
    }

    /** By explanation, the factor that keeps outcomes which exclude each other from adding up to more than nearly one. */
    private double[] crowding(List<EvidenceTable.Entry> outcomes) {
        double[] factor = new double[Explanation.values().length];
        for (EvidenceTable.Entry outcome : outcomes) {
            double[] chance = table.chances(outcome.code());
            for (int x = 0; x < factor.length; x++) {
                factor[x] += chance[x];
            }
        }
        for (int x = 0; x < factor.length; x++) {
            factor[x] = factor[x] > EvidenceTable.SURE ? EvidenceTable.SURE / factor[x] : 1;
        }
        return factor;
    }

    private String separates(EvidenceTable.Entry piece) {
        List<Explanation> leaders = belief.ranked().subList(0, 4);
        Comparator<Explanation> byWeight = Comparator.comparingDouble(e -> table.decibans(piece.code(), e));
        Explanation favoured = leaders.stream().max(byWeight).orElseThrow();
        Explanation opposed = leaders.stream().min(byWeight).orElseThrow();
        return favoured == opposed ? "" : favoured.label() + " from " + opposed.label();
    }
}
