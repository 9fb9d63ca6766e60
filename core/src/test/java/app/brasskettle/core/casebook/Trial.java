package app.brasskettle.core.casebook;

import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.cause.FailureRanking;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How well the ranking finds what started synthetic failures, and whether it is as sure as it should be.
 *
 * @param cases how many failures
 * @param first share whose root stood first
 * @param firstThree share whose root stood among the first three
 * @param calibrationError expected calibration error of the first: Σ over ten bins of (cases in the bin / all) ·
 *     |share right − mean probability|
 * @param bins reliability, bin by bin of the first one's probability
 * @param byRoot each root with what it was taken for
 * @param noFaultDespiteFailedTest how many that fail an electrical test were read as no fault found
 * @param undecided share reported as undecided
 */
public record Trial(
        int cases,
        double first,
        double firstThree,
        double calibrationError,
        List<Bin> bins,
        Map<Explanation, Found> byRoot,
        int noFaultDespiteFailedTest,
        double undecided) {

    private static final int BINS = 10;
    private static final Set<Evidence> FAILED = EnumSet.of(
            Evidence.INSULATION_STOP,
            Evidence.RESISTANCE_OPEN,
            Evidence.RESISTANCE_UNBALANCED,
            Evidence.RESISTANCE_INTERMITTENT,
            Evidence.BALANCE_FOLLOWS_WINDING,
            Evidence.BALANCE_FOLLOWS_ROTOR,
            Evidence.RUN_CURRENT_HIGH,
            Evidence.SHAFT_CURRENT_HIGH,
            Evidence.SURGE_PHASE_DIFFERS);

    /**
     * Cases whose first explanation had a probability in one tenth.
     *
     * @param cases how many
     * @param said mean probability of the first
     * @param right share in which it was the root
     */
    public record Bin(int cases, double said, double right) {}

    /**
     * How one root fared.
     *
     * @param cases how many had it
     * @param first how many of them had it first
     * @param firstThree how many had it among the first three
     * @param takenFor what the others were taken for, by how often
     */
    public record Found(int cases, int first, int firstThree, Map<Explanation, Integer> takenFor) {}

    /** The trial of {@code failures}. */
    public static Trial of(List<SyntheticFailure> failures) {
        int first = 0;
        int three = 0;
        int noFault = 0;
        int undecided = 0;
        List<List<double[]>> binned = new ArrayList<>();
        for (int i = 0; i < BINS; i++) {
            binned.add(new ArrayList<>());
        }
        Map<Explanation, List<String>> answers = new EnumMap<>(Explanation.class);
        Map<Explanation, Integer> amongThree = new EnumMap<>(Explanation.class);
        for (SyntheticFailure failure : failures) {
            FailureRanking ranking = WorksheetCatalogue.FAILURE_PATTERN.work().apply(failure.found());
            FailureRanking.Ranked top = ranking.ranking().get(0);
            String root = failure.root().code();
            boolean right = top.explanation().equals(root);
            boolean among = ranking.ranking().subList(0, 3).stream()
                    .anyMatch(r -> r.explanation().equals(root));
            first += right ? 1 : 0;
            three += among ? 1 : 0;
            noFault += top.explanation().equals(Explanation.NO_FAULT_FOUND.code())
                            && failure.found().evidence().stream().anyMatch(FAILED::contains)
                    ? 1
                    : 0;
            undecided += ranking.judgement().headline().startsWith("Undecided") ? 1 : 0;
            int bin = Math.min(BINS - 1, (int) (BINS * top.probability()));
            binned.get(bin).add(new double[] {top.probability(), right ? 1 : 0});
            answers.computeIfAbsent(failure.root(), k -> new ArrayList<>()).add(top.explanation());
            amongThree.merge(failure.root(), among ? 1 : 0, Integer::sum);
        }
        List<Bin> bins = binned.stream().map(Trial::bin).toList();
        double n = failures.size();
        double error = bins.stream()
                .mapToDouble(b -> b.cases() / n * Math.abs(b.right() - b.said()))
                .sum();
        return new Trial(
                failures.size(),
                first / n,
                three / n,
                error,
                bins,
                byRoot(answers, amongThree),
                noFault,
                undecided / n);
    }

    private static Bin bin(List<double[]> cases) {
        return new Bin(
                cases.size(),
                cases.stream().mapToDouble(c -> c[0]).average().orElse(0),
                cases.stream().mapToDouble(c -> c[1]).average().orElse(0));
    }

    private static Map<Explanation, Found> byRoot(
            Map<Explanation, List<String>> answers, Map<Explanation, Integer> amongThree) {
        Map<Explanation, Found> found = new EnumMap<>(Explanation.class);
        answers.forEach((root, all) -> {
            Map<Explanation, Integer> others = new EnumMap<>(Explanation.class);
            for (Explanation e : Explanation.values()) {
                int count = (int) all.stream().filter(e.code()::equals).count();
                if (e != root && count > 0) {
                    others.put(e, count);
                }
            }
            int own = (int) all.stream().filter(root.code()::equals).count();
            found.put(root, new Found(all.size(), own, amongThree.get(root), others));
        });
        return found;
    }
}
