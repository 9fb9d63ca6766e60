package app.brasskettle.core.wire;

import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.quantity.Quantity;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A size of round winding wire, by millimetres or by gauge: "0.95 mm", "AWG 18", "AWG 18.5".
 *
 * @param name how it is written
 * @param bareDiameterMm copper, without enamel
 */
public record WireSize(String name, double bareDiameterMm) {

    /** Thinnest and thickest round wire of the tables, mm. */
    static final double THINNEST_MM = 0.1;

    static final double THICKEST_MM = 5;

    /** The gauge may stand before its figure or after it, a half as ".5" or "½". */
    private static final Pattern GAUGE = Pattern.compile("(?i)awg\\s*([\\d.½ ]+)|([\\d.½ ]+?)\\s*awg");

    /** Returns the wire of a gauge number, halves too. */
    static WireSize gauge(double number) {
        return new WireSize("AWG " + Figures.plain(number), Dimension.gaugeMm(number));
    }

    /** Returns the wire of a diameter, to a micrometre: what is read from its name is the same wire. */
    static WireSize millimetres(double mm) {
        double rounded = Math.round(1e3 * mm) / 1e3;
        return new WireSize(Figures.plain(rounded) + " mm", rounded);
    }

    /**
     * Reads a size. A figure without its unit is refused: 18 may be a gauge, 1.8 may be millimetres.
     *
     * @param field field to blame
     * @param text as typed
     * @param problems what is wrong with it
     */
    public static Optional<WireSize> parse(String field, String text, Problems problems) {
        if (!problems.name(field, text)) {
            return Optional.empty();
        }
        Matcher byGauge = GAUGE.matcher(text.strip());
        boolean gauge = byGauge.matches();
        String figure = gauge
                ? (byGauge.group(1) == null ? byGauge.group(2) : byGauge.group(1)).replaceFirst("\\s*½", ".5")
                : text.strip();
        if (!gauge && Character.isDigit(figure.charAt(figure.length() - 1))) {
            problems.add(
                    field,
                    Problem.Code.SYNTAX,
                    field + " is “" + figure + "”; write it with its unit: 0.95 mm, AWG 18, AWG 18.5");
            return Optional.empty();
        }
        Optional<Quantity> read =
                Quantity.parse(field, gauge ? figure.strip() + " AWG" : figure, Dimension.DIAMETER, problems);
        if (read.isEmpty()) {
            return Optional.empty();
        }
        double mm = read.get().value();
        if (!(mm >= THINNEST_MM && mm <= THICKEST_MM)) {
            problems.add(
                    field,
                    Problem.Code.RANGE,
                    field + " is " + Figures.plain(mm) + " mm; round winding wire here runs from "
                            + Figures.plain(THINNEST_MM) + " to " + Figures.plain(THICKEST_MM) + " mm");
            return Optional.empty();
        }
        return Optional.of(gauge ? gauge(Double.parseDouble(figure.strip())) : millimetres(mm));
    }
}
