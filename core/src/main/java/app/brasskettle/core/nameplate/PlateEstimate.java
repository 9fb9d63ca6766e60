package app.brasskettle.core.nameplate;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What a motor was most likely made for, from what is measured on it. Never a plate: a range, and where it comes from.
 *
 * @param figures each figure that something measured gives
 * @param clues what each clue says by itself
 * @param contradictions clues that cannot both be right, in a sentence each
 */
public record PlateEstimate(List<Figure> figures, List<Clue> clues, List<String> contradictions) {

    /**
     * One estimated figure.
     *
     * @param field what it stands for
     * @param value the likeliest, in the field's unit
     * @param low least it may be
     * @param high most it may be
     * @param likeliest the likeliest in words
     * @param range least to most in words
     * @param basis what it was taken from
     */
    public record Figure(
            PlateField field, double value, double low, double high, String likeliest, String range, String basis) {

        /** Likeliest and range in one line. */
        public String shown() {
            return likeliest + ", " + range;
        }
    }

    /** What one clue says, and by which rule. */
    public record Clue(String name, String says, String source) {}

    /** The estimate for {@code plate}; empty figures where nothing measured gives one. */
    public static PlateEstimate of(Plate plate) {
        return new Estimating(plate).estimate();
    }

    /** The estimate of {@code field}, where there is one. */
    public Optional<Figure> figure(PlateField field) {
        return figures.stream().filter(f -> f.field() == field).findFirst();
    }

    /** The clues it rests on, in a line. */
    String basis() {
        return clues.stream().map(Clue::name).collect(Collectors.joining(", "));
    }
}
