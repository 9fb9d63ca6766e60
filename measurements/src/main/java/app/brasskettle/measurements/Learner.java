package app.brasskettle.measurements;

import app.brasskettle.core.casebook.SyntheticCases;
import app.brasskettle.core.casebook.SyntheticFailure;
import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.cause.FailurePattern;
import app.brasskettle.core.teardown.CoilMap;
import app.brasskettle.core.worksheet.Coded;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A naive Bayes that is taught made-up failures with their answers: about as well as the signs can be read, to hold the weights
 * against. A sign counts by being there and by being away, each chance estimated with half a case added.
 */
final class Learner {

    private static final double HALF = 0.5;

    private final Map<Explanation, Integer> cases = new EnumMap<>(Explanation.class);
    private final Map<Explanation, Map<String, Integer>> shown = new EnumMap<>(Explanation.class);
    private final Set<String> signs = new HashSet<>();
    private final int all;

    private Learner(List<SyntheticFailure> failures) {
        this.all = failures.size();
        for (SyntheticFailure f : failures) {
            cases.merge(f.root(), 1, Integer::sum);
            Map<String, Integer> own = shown.computeIfAbsent(f.root(), k -> new HashMap<>());
            for (String sign : signs(f.found())) {
                own.merge(sign, 1, Integer::sum);
                signs.add(sign);
            }
        }
    }

    /** One taught by so many failures of {@code seed}. */
    static Learner taught(int failures, long seed) {
        return new Learner(SyntheticCases.failures(failures, seed));
    }

    /** Share of {@code failures} whose root it puts among the first {@code places}. */
    double finds(List<SyntheticFailure> failures, int places) {
        long found = failures.stream()
                .filter(f -> ranked(f.found()).subList(0, places).contains(f.root()))
                .count();
        return found / (double) failures.size();
    }

    private List<Explanation> ranked(FailurePattern pattern) {
        Set<String> there = signs(pattern);
        Map<Explanation, Double> likely =
                Arrays.stream(Explanation.values()).collect(Collectors.toMap(e -> e, e -> logChance(e, there)));
        List<Explanation> ranked = new ArrayList<>(likely.keySet());
        ranked.sort(Comparator.comparingDouble((Explanation e) -> likely.get(e)).reversed());
        return ranked;
    }

    private double logChance(Explanation explanation, Set<String> there) {
        int own = cases.getOrDefault(explanation, 0);
        double sum = Math.log((own + HALF) / all);
        for (String sign : signs) {
            double chance = (shown.getOrDefault(explanation, Map.of()).getOrDefault(sign, 0) + HALF) / (own + 1);
            sum += Math.log(there.contains(sign) ? chance : 1 - chance);
        }
        return sum;
    }

    private static Set<String> signs(FailurePattern p) {
        Set<String> signs = p.evidence().stream().map(Coded::code).collect(Collectors.toCollection(HashSet::new));
        new CoilMap(p.connection(), p.poles(), p.groups(), p.spots()).facts().forEach(f -> signs.add(f.code()));
        return signs;
    }
}
