package app.brasskettle.core.windingtake;

import app.brasskettle.core.verdict.Limit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What two people found unlike.
 *
 * @param field field of the sheet
 * @param label what the screen calls it
 * @param first what the first take has; a dash for nothing
 * @param second what the second take has
 * @param alikePercent how far they may differ
 */
public record TakeDifference(String field, String label, String first, String second, double alikePercent) {

    /** Compares two takes field by field; what either has not taken is a difference too. */
    static List<TakeDifference> between(WindingTake first, WindingTake second) {
        List<TakeDifference> differences = new ArrayList<>();
        for (TakeField f : TakeField.values()) {
            if (!alike(f.of(first), f.of(second), f.alikePercent())) {
                differences.add(
                        new TakeDifference(f.field(), f.label(), f.shown(first), f.shown(second), f.alikePercent()));
            }
        }
        List<Integer> groups = first.groupPattern().orElse(List.of());
        if (!groups.equals(second.groupPattern().orElse(List.of()))) {
            differences.add(new TakeDifference(
                    "groupPattern",
                    "Coils of each group",
                    shown(groups),
                    shown(second.groupPattern().orElse(List.of())),
                    0));
        }
        return List.copyOf(differences);
    }

    private static boolean alike(Optional<Double> a, Optional<Double> b, double percent) {
        if (a.isEmpty() || b.isEmpty()) {
            return a.isEmpty() && b.isEmpty();
        }
        double mean = (a.get() + b.get()) / 2;
        return mean == 0 || !Limit.over(100 * Math.abs(a.get() - b.get()) / mean, percent);
    }

    private static String shown(List<Integer> groups) {
        return groups.isEmpty()
                ? "even"
                : String.join(" ", groups.stream().map(String::valueOf).toList());
    }
}
