package app.brasskettle.core.quantity;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A figure as somebody wrote it, and what it means.
 *
 * <p>"50 hp" is 37284.9936 W; "1.28 M" on an insulation tester is 1.28 MΩ; "176 F" is 80 °C; "12 1/2\"" is 317.5 mm. A comma is refused, since
 * it divides thousands for one reader and decimals for the next; so is a figure without a unit that is hardly meant in the usual one.
 *
 * @param value the figure in the kind's stored unit, not rounded
 * @param written what was typed, trimmed
 * @param shown the figure in words, with the converted one beside it where the unit typed is another
 * @param beyond true when it was written as a lower bound ("&gt; 1100"): the instrument was over range
 */
public record Quantity(double value, String written, String shown, boolean beyond) {

    private static final Pattern SHAPE = Pattern.compile("(>=|≥|>)?\\s*(" + WrittenNumber.SHAPE + ")\\s*(.*)");

    /** Values that {@code text} names side by side, each with its unit: "230/400 V" is 230 V and 400 V; none where it is one value. */
    public static List<String> sideBySide(String text) {
        return WrittenNumber.several(UnitWords.signs(text == null ? "" : text.strip()));
    }

    /**
     * The figure in {@code text}; empty for blank text. A problem is added to {@code problems} under {@code field}, and
     * nothing returned, when the text is no figure of this kind.
     */
    public static Optional<Quantity> parse(String field, String text, Dimension kind, Problems problems) {
        String written = text == null ? "" : text.strip();
        if (written.isEmpty()) {
            return Optional.empty();
        }
        String plain = WrittenNumber.plainly(UnitWords.signs(written));
        List<String> several = sideBySide(written);
        if (!several.isEmpty()) {
            problems.add(
                    field,
                    Problem.Code.COUNT,
                    "“" + written + "” is " + several.size() + " values: " + String.join(", ", several)
                            + ". Enter one here; the other belongs to the other rating");
            return Optional.empty();
        }
        if (plain.contains(",")) {
            problems.add(field, Problem.Code.SYNTAX, "“" + written + "” has a comma. Write 1.5 or 1500");
            return Optional.empty();
        }
        Matcher m = SHAPE.matcher(plain);
        if (!m.matches()) {
            problems.add(field, Problem.Code.SYNTAX, "“" + written + "” is not a figure" + hint(kind));
            return Optional.empty();
        }
        Optional<Dimension.Unit> unit = kind.unit(m.group(3).strip());
        if (unit.isEmpty()) {
            problems.add(field, Problem.Code.WORD, "“" + m.group(3).strip() + "” is no unit here" + hint(kind));
            return Optional.empty();
        }
        double figure = WrittenNumber.value(m.group(2));
        double stored = unit.get().toStored(figure);
        boolean beyond = m.group(1) != null;
        if (!problems.number(field, stored, kind.si())) {
            return Optional.empty();
        }
        Optional<String> question = m.group(3).isBlank() ? BareFigure.question(figure, kind) : Optional.empty();
        if (question.isPresent()) {
            problems.add(field, Problem.Code.RANGE, question.get());
            return Optional.empty();
        }
        return Optional.of(new Quantity(stored, written, shown(figure, unit.get(), stored, kind, beyond), beyond));
    }

    /** Whether {@code text} is a figure with no unit beside it. */
    static boolean bare(String text) {
        Matcher m = SHAPE.matcher(WrittenNumber.plainly(text.strip()));
        return m.matches() && m.group(3).isBlank();
    }

    /** The unit written in {@code text}, empty where there is none. */
    static String unitIn(String text) {
        Matcher m = SHAPE.matcher(WrittenNumber.plainly(UnitWords.signs(text.strip())));
        return m.matches() ? m.group(3).strip() : "";
    }

    private static String shown(double figure, Dimension.Unit unit, double stored, Dimension kind, boolean beyond) {
        String own = Figures.plain(figure) + (unit.symbol().isEmpty() ? "" : " " + unit.symbol());
        String usual = Figures.show(stored, kind);
        String text = own.equals(usual) || unit.equals(kind.usual()) ? own : own + " · " + usual;
        return beyond ? "≥ " + text : text;
    }

    private static String hint(Dimension kind) {
        String symbols = kind.symbols();
        return symbols.isBlank() ? "" : ". Units: " + symbols;
    }
}
