package app.brasskettle.core.bank;

import java.util.List;

/**
 * A winding of the bank beside what was asked.
 *
 * @param record the winding
 * @param distance 0 for one that has all that was asked
 * @param fields what was asked, each beside what the record has
 */
public record BankMatch(BankRecord record, double distance, List<Compared> fields) {

    /**
     * A field that was asked for.
     *
     * @param field its name
     * @param label what the screen calls it
     * @param asked what was asked
     * @param found what the record has
     * @param differs whether the two differ by more than a tape or a counter errs
     */
    public record Compared(String field, String label, String asked, String found, boolean differs) {}

    /** Compares {@code record} with what was asked. */
    public static BankMatch of(BankQuestion question, BankRecord record) {
        List<Compared> fields = question.asked().entrySet().stream()
                .map(a -> new Compared(
                        a.getKey().field(),
                        a.getKey().label(),
                        a.getKey().shown(a.getValue()),
                        a.getKey().shown(a.getKey().of(record)),
                        a.getKey().differs(a.getValue(), a.getKey().of(record))))
                .toList();
        double sum = question.asked().entrySet().stream()
                .mapToDouble(a -> a.getKey().distance(a.getValue(), a.getKey().of(record)))
                .map(d -> d * d)
                .sum();
        return new BankMatch(record, Math.sqrt(sum), fields);
    }

    /** Tells whether nothing that was asked differs. */
    public boolean twin() {
        return fields.stream().noneMatch(Compared::differs);
    }
}
