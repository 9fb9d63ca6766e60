package app.brasskettle.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/** Orders of motors: what a shop does without a plan, and every one there is. */
public final class PlanOrder {

    private PlanOrder() {}

    /** First come, first served: motor after motor. */
    public static List<String> firstCome(ShopProblem problem) {
        return byJob(problem, Comparator.comparingInt(PlanJob::ready));
    }

    /** Whatever is promised first, first; rush jobs before all, and what has no promise last. */
    public static List<String> earliestDue(ShopProblem problem) {
        return byJob(
                problem,
                Comparator.<PlanJob>comparingInt(j -> j.rush() ? 0 : 1)
                        .thenComparingInt(j -> j.promised().orElse(Integer.MAX_VALUE)));
    }

    /** The order people were told; rush jobs nobody was told of before all, other motors after them. */
    public static List<String> told(ShopProblem problem) {
        Map<String, Booked> told = problem.told();
        List<String> order = new ArrayList<>();
        List<String> last = new ArrayList<>();
        for (String tag : earliestDue(problem)) {
            boolean known = problem.of(tag).stream().anyMatch(t -> told.containsKey(t.id()));
            boolean rush = problem.jobs().stream().anyMatch(j -> j.tag().equals(tag) && j.rush());
            if (!known) {
                (rush ? order : last).add(tag);
            }
        }
        problem.tasks().stream()
                .filter(t -> told.containsKey(t.id()))
                .sorted(Comparator.<PlanTask>comparingInt(t -> told.get(t.id()).start())
                        .thenComparing(PlanTask::id))
                .forEach(t -> order.add(t.job()));
        order.addAll(last);
        return order;
    }

    private static List<String> byJob(ShopProblem problem, Comparator<PlanJob> by) {
        List<String> order = new ArrayList<>();
        problem.jobs().stream().sorted(by).forEach(j -> problem.of(j.tag()).forEach(t -> order.add(j.tag())));
        return order;
    }

    /** Tells {@code each} of every order there is; for a handful of tasks only. */
    public static void all(ShopProblem problem, Consumer<List<String>> each) {
        List<String> left = byJob(problem, Comparator.comparing(PlanJob::tag));
        permute(new ArrayList<>(left), new ArrayList<>(), each);
    }

    private static void permute(List<String> left, List<String> order, Consumer<List<String>> each) {
        if (left.isEmpty()) {
            each.accept(List.copyOf(order));
            return;
        }
        String last = null;
        for (int i = 0; i < left.size(); i++) {
            String tag = left.get(i);
            // The list is sorted: a tag that stood here just now makes the same orders again.
            if (!tag.equals(last)) {
                last = tag;
                left.remove(i);
                order.add(tag);
                permute(left, order, each);
                order.remove(order.size() - 1);
                left.add(i, tag);
            }
        }
    }
}
