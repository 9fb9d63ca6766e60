package app.brasskettle.core.bank;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
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
            return new Entry(id, record.words(), figures);
        }
    }

    /**
     * A record found.
     *
     * @param id its number in the store
     * @param distance 0 for one that has all that was asked
     */
    public record Near(long id, double distance) {}

    /** Keeps {@code entries}, which come in the order of their numbers. */
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
        int[] places = asked.keySet().stream().mapToInt(BankField::ordinal).toArray();
        double[] wanted = asked.values().stream().mapToDouble(v -> v).toArray();
        for (Entry e : entries) {
            if (!words.isEmpty() && !words.stream().allMatch(e.words()::contains)) {
                continue;
            }
            double sum = 0;
            for (int i = 0; i < places.length; i++) {
                double off = FIELDS[places[i]].distance(wanted[i], e.figures()[places[i]]);
                sum += off * off;
            }
            double distance = Math.sqrt(sum);
            // Entries come in the order of their numbers, so one that is only as near as the last never takes its
            // place.
            if (best.size() < most || distance < best.peek().distance()) {
                best.add(new Near(e.id(), distance));
                if (best.size() > most) {
                    best.remove();
                }
            }
        }
        List<Near> sorted = new ArrayList<>(best);
        sorted.sort(order);
        return List.copyOf(sorted);
    }
}
