package app.brasskettle.core.redesign;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.redesign.RewindQuestion.StockWire;
import app.brasskettle.core.verdict.Limit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WireSearchTest {

    private record Tried(List<Integer> places, Map<String, Integer> strands, double error, int inHand) {

        long rounded() {
            return Math.round(Math.abs(error) * 1e9);
        }
    }

    /** Every combination there is, tried one after the other. */
    private static List<Tried> exhaustive(List<StockWire> stock, double target, int hand, double tolerance) {
        List<Tried> all = new ArrayList<>();
        for (int i = 0; i < stock.size(); i++) {
            for (int n = 1; n <= hand; n++) {
                add(all, stock, List.of(i), List.of(n), target, tolerance);
                for (int j = i + 1; j < stock.size(); j++) {
                    for (int m = 1; n + m <= hand; m++) {
                        add(all, stock, List.of(i, j), List.of(n, m), target, tolerance);
                    }
                }
            }
        }
        all.sort(Comparator.comparingLong(Tried::rounded)
                .thenComparingInt(Tried::inHand)
                .thenComparing(t -> t.places().get(0))
                .thenComparing(t -> t.places().size() > 1 ? t.places().get(1) : -1));
        return all;
    }

    private static void add(
            List<Tried> all,
            List<StockWire> stock,
            List<Integer> places,
            List<Integer> counts,
            double target,
            double tolerance) {
        double area = 0;
        Map<String, Integer> strands = new java.util.LinkedHashMap<>();
        for (int k = 0; k < places.size(); k++) {
            double d = stock.get(places.get(k)).bareDiameterMm();
            area += counts.get(k) * Math.PI * d * d / 4;
            strands.put(stock.get(places.get(k)).name(), counts.get(k));
        }
        double error = 100 * (area / target - 1);
        if (!Limit.over(Math.abs(error), tolerance)) {
            all.add(new Tried(
                    places,
                    strands,
                    error,
                    counts.stream().mapToInt(Integer::intValue).sum()));
        }
    }

    @Test
    void thePrunedSearchFindsWhatTryingEverythingFinds() {
        Random random = new Random(42);
        for (int i = 0; i < 300; i++) {
            List<StockWire> stock = rack(random, 1 + random.nextInt(40));
            int hand = 1 + random.nextInt(8);
            double target = 0.05 + 12 * random.nextDouble();
            double tolerance = random.nextInt(4) == 0 ? 0 : 10 * random.nextDouble();
            List<Tried> all = exhaustive(stock, target, hand, tolerance);
            WireSearch search = new WireSearch(stock, target, hand, tolerance, 5);
            assertThat(search.count()).isEqualTo(all.size());
            assertThat(search.best())
                    .extracting(WireChoice::strands)
                    .containsExactlyElementsOf(
                            all.stream().limit(5).map(Tried::strands).toList());
        }
    }

    /** Sizes in no order, some of them twice under another name, as two makers' wire of one size is. */
    private static List<StockWire> rack(Random random, int sizes) {
        List<StockWire> stock = new ArrayList<>();
        for (int i = 0; i < sizes; i++) {
            double d = (20 + random.nextInt(60)) / 40.0;
            stock.add(new StockWire("wire " + i, d));
        }
        return stock;
    }

    @ParameterizedTest
    @CsvSource({
        // exactly on the tolerance counts as within: 1.05 of the area of a 1.00 mm wire
        "1.0, 5, 1",
        "1.0, 4.9, 0"
    })
    void theToleranceIsInclusive(double diameter, double tolerance, int found) {
        double target = Math.PI / 4 * diameter * diameter / 1.05;
        assertThat(new WireSearch(List.of(new StockWire("one", diameter)), target, 1, tolerance, 5).count())
                .isEqualTo(found);
    }
}
