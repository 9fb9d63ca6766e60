package app.brasskettle.core.cause;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Posterior in each explanation after some evidence: prior + Σ decibans, one piece per group of dependent pieces and the
 * strongest of the group at that.
 */
final class Posterior {

    private static final double NATURAL_PER_DECIBAN = Math.log(10) / 10;

    private final EvidenceTable table;
    private final Map<Explanation, List<String>> counted = new EnumMap<>(Explanation.class);
    private final Map<Explanation, Double> sum = new EnumMap<>(Explanation.class);
    private final Map<Explanation, Double> probability;

    Posterior(EvidenceTable table, Collection<String> codes) {
        this.table = table;
        for (Explanation e : Explanation.values()) {
            List<String> own = strongest(codes, e);
            counted.put(e, own);
            sum.put(
                    e,
                    priorDecibans(e)
                            + own.stream()
                                    .mapToDouble(c -> table.decibans(c, e))
                                    .sum());
        }
        this.probability = normalised(sum);
    }

    private List<String> strongest(Collection<String> codes, Explanation explanation) {
        Map<String, String> best = new LinkedHashMap<>();
        for (String code : codes) {
            String group = table.entry(code).map(EvidenceTable.Entry::group).orElse(code);
            best.merge(group, code, (a, b) -> size(b, explanation) > size(a, explanation) ? b : a);
        }
        return new ArrayList<>(best.values());
    }

    private double size(String code, Explanation explanation) {
        return Math.abs(table.decibans(code, explanation));
    }

    double priorDecibans(Explanation explanation) {
        return 10 * Math.log10(table.share(explanation));
    }

    double sumDecibans(Explanation explanation) {
        return sum.get(explanation);
    }

    double of(Explanation explanation) {
        return probability.get(explanation);
    }

    /** Explanations, most probable first. */
    List<Explanation> ranked() {
        List<Explanation> all = new ArrayList<>(List.of(Explanation.values()));
        all.sort(Comparator.comparingDouble(this::of).reversed());
        return all;
    }

    /** Pieces that counted for {@code explanation} ({@code favour}) or against it, strongest first. */
    List<FailureRanking.Piece> pieces(Explanation explanation, boolean favour) {
        List<FailureRanking.Piece> pieces = new ArrayList<>();
        for (String code : counted.get(explanation)) {
            table.weight(code, explanation)
                    .filter(w -> favour ? w.decibans() > 0 : w.decibans() < 0)
                    .ifPresent(w -> pieces.add(new FailureRanking.Piece(
                            code, table.entry(code).orElseThrow().words(), w.decibans(), w.reason())));
        }
        pieces.sort(Comparator.comparingDouble(p -> -Math.abs(p.decibans())));
        return List.copyOf(pieces);
    }

    /** Probabilities that belong to sums in decibans; the largest sum is taken out first so that nothing overflows. */
    private static Map<Explanation, Double> normalised(Map<Explanation, Double> decibans) {
        double top = decibans.values().stream()
                .mapToDouble(Double::doubleValue)
                .max()
                .orElseThrow();
        Map<Explanation, Double> result = new EnumMap<>(Explanation.class);
        decibans.forEach((e, d) -> result.put(e, Math.exp((d - top) * NATURAL_PER_DECIBAN)));
        double total = result.values().stream().mapToDouble(Double::doubleValue).sum();
        result.replaceAll((e, m) -> m / total);
        return result;
    }

    /** Probabilities in the order of the explanations, in an array of the caller's own. */
    double[] shares() {
        Explanation[] all = Explanation.values();
        double[] shares = new double[all.length];
        for (int x = 0; x < all.length; x++) {
            shares[x] = of(all[x]);
        }
        return shares;
    }

    /** Entropy in bits of masses that sum to {@code total}. */
    static double entropyBits(double[] masses, double total) {
        double sum = 0;
        for (double m : masses) {
            if (m > 0) {
                sum -= m / total * Math.log(m / total);
            }
        }
        return sum / Math.log(2);
    }
}
