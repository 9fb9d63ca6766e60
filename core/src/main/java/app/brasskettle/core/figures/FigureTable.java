package app.brasskettle.core.figures;

import java.util.List;

/**
 * A table of figures.
 *
 * @param code its name in files
 * @param title its heading
 * @param says what it comes to, in a sentence
 * @param words headings of the columns of words, which come first
 * @param figures headings of the columns of figures
 * @param rows line by line
 * @param drawn which column of figures is drawn, from 0
 */
public record FigureTable(
        String code, String title, String says, List<String> words, List<String> figures, List<Row> rows, int drawn) {

    /** A line: as many words and figures as the headings. */
    public record Row(List<String> words, List<Double> figures) {}

    public FigureTable {
        rows = List.copyOf(rows);
        for (Row r : rows) {
            if (r.words().size() != words.size() || r.figures().size() != figures.size()) {
                throw new IllegalArgumentException("A line of " + code + " has other columns than its headings");
            }
        }
    }
}
