package app.brasskettle.core.bank;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.PriorityQueue;

/**
 * What a search reads of every winding in the bank: a few figures and words each, so that tens of thousands of them fit into
 * memory. Built once and never changed.
 */
public final class BankIndex {

    private static final BankField[] FIELDS = BankField.values();

    private final List<Entry> entries;

    /**
     * What the index keeps of a record.
     *
     * @param id its number in the store
     * @param words maker and model in small letters
     * @param figures by the order of {@link BankField}, NaN for what it does not tell
     */
    public record Entry(long id, String words, double[] figures) {

        /** Reads what the index keeps of {@code record}. */
        public static Entry of(long id, BankRecord record) {
            double[] figures = new double[FIELDS.length];
            for (BankField f : FIELDS) {
                figures[f.ordinal()] = f.of(record);
            }
            return new Entry(id, words(record), figures);
        }

        private static String words(BankRecord record) {
            return (record.maker().orElse("") + " " + record.model().orElse("")).toLowerCase(Locale.ROOT);
        }
    }

    /**
     * A record found.
     *
     * @param id its number in the store
     * @param distance 0 for one that has all that was asked
     */
    public record Near(long id, double distance) {}

    /** Keeps {@code entries}. */
    public BankIndex(List<Entry> entries) {
        this.entries = List.copyOf(entries);
    }

    /** Returns how many windings it knows. */
    public int size() {
        return entries.size();
    }

    /**
     * Finds the nearest, nearest first; of two that are as near, the one that came into the bank first.
     *
     * @param question what is known
     * @param most how many
     */
    public List<Near> nearest(BankQuestion question, int most) {
        Map<BankField, Double> asked = question.asked();
        List<String> words = question.wanted();
        Comparator<Near> order = Comparator.comparingDouble(Near::distance).thenComparingLong(Near::id);
        PriorityQueue<Near> best = new PriorityQueue<>(order.reversed());
        for (Entry e : entries) {
            if (!words.stream().allMatch(e.words()::contains)) {
                continue;
            }
            double sum = 0;
            for (Map.Entry<BankField, Double> a : asked.entrySet()) {
                double off =
                        a.getKey().distance(a.getValue(), e.figures()[a.getKey().ordinal()]);
                sum += off * off;
            }
            best.add(new Near(e.id(), Math.sqrt(sum)));
            if (best.size() > most) {
                best.remove();
            }
        }
        List<Near> sorted = new ArrayList<>(best);
        sorted.sort(order);
        return List.copyOf(sorted);
    }
}
