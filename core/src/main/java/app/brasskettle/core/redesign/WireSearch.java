package app.brasskettle.core.redesign;

import app.brasskettle.core.redesign.RewindQuestion.StockWire;
import app.brasskettle.core.verdict.Limit;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;

/**
 * Search for wires in hand of one or two sizes whose copper comes near a target.
 *
 * <p>Sizes are sorted by area once. For every size, its number and the number of the other size, only others whose area can
 * bring the sum within the tolerance are looked at; nothing within it is left out.
 */
final class WireSearch {

    private static final double STEP_PERCENT = 1e-9;
    private static final Comparator<Found> RANK = Comparator.comparingLong(Found::error)
            .thenComparingInt(Found::inHand)
            .thenComparingInt(Found::first)
            .thenComparingInt(Found::second)
            .thenComparingInt(Found::ofFirst);

    private final List<StockWire> stock;
    private final double targetMm2;
    private final double tolerancePercent;
    private final int most;
    /** The best so far, the worst of them first: a wide tolerance lets through millions, and nobody reads more than a few. */
    private final PriorityQueue<Found> best = new PriorityQueue<>(RANK.reversed());

    private int count;

    /** One or two sizes by their places in stock, {@code second} −1 for one, and how many wires of each. */
    private record Found(int first, int second, int ofFirst, int ofSecond, double areaMm2, double errorPercent) {

        long error() {
            return Math.round(Math.abs(errorPercent) / STEP_PERCENT);
        }

        int inHand() {
            return ofFirst + ofSecond;
        }
    }

    /**
     * Searches.
     *
     * @param stock sizes there are
     * @param targetMm2 copper wanted
     * @param maxInHand most wires in hand
     * @param tolerancePercent how far the copper may be off, either way
     * @param most how many of the best are kept
     */
    WireSearch(List<StockWire> stock, double targetMm2, int maxInHand, double tolerancePercent, int most) {
        this.stock = stock;
        this.targetMm2 = targetMm2;
        this.tolerancePercent = tolerancePercent;
        this.most = most;
        Integer[] byArea = new Integer[stock.size()];
        for (int i = 0; i < byArea.length; i++) {
            byArea[i] = i;
        }
        java.util.Arrays.sort(
                byArea, Comparator.comparingDouble(i -> stock.get(i).areaMm2()));
        double[] areas = new double[byArea.length];
        for (int i = 0; i < areas.length; i++) {
            areas[i] = stock.get(byArea[i]).areaMm2();
        }
        for (int i = 0; i < stock.size(); i++) {
            for (int n = 1; n <= maxInHand; n++) {
                take(i, -1, n, 0);
                for (int m = 1; m <= maxInHand - n; m++) {
                    pairs(i, n, m, byArea, areas);
                }
            }
        }
    }

    private void pairs(int first, int n, int m, Integer[] byArea, double[] areas) {
        // A hair wider than the tolerance: the exact rule decides in take.
        double slack = targetMm2 * (tolerancePercent / 100 + 1e-6);
        double rest = targetMm2 - n * stock.get(first).areaMm2();
        int from = firstNotUnder(areas, (rest - slack) / m);
        for (int k = from; k < areas.length && areas[k] <= (rest + slack) / m; k++) {
            if (byArea[k] > first) {
                take(first, byArea[k], n, m);
            }
        }
    }

    private static int firstNotUnder(double[] areas, double least) {
        int low = 0;
        int high = areas.length;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (areas[middle] < least) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private void take(int first, int second, int n, int m) {
        double area = n * stock.get(first).areaMm2()
                + (second < 0 ? 0 : m * stock.get(second).areaMm2());
        double error = 100 * (area / targetMm2 - 1);
        if (!Limit.over(Math.abs(error), tolerancePercent)) {
            count++;
            best.add(new Found(first, second, n, m, area, error));
            if (best.size() > most) {
                best.remove();
            }
        }
    }

    /** Returns how many combinations lie within the tolerance. */
    int count() {
        return count;
    }

    /** Returns the best of them, best first. */
    List<WireChoice> best() {
        return best.stream().sorted(RANK).map(this::choice).toList();
    }

    private WireChoice choice(Found f) {
        Map<String, Integer> strands = new LinkedHashMap<>();
        strands.put(stock.get(f.first()).name(), f.ofFirst());
        if (f.second() >= 0) {
            strands.put(stock.get(f.second()).name(), f.ofSecond());
        }
        return new WireChoice(strands, f.areaMm2(), f.errorPercent());
    }
}
