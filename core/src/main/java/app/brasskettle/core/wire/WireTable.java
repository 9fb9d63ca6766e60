package app.brasskettle.core.wire;

import java.util.List;
import java.util.stream.IntStream;

/**
 * Round enamelled wire by table.
 *
 * <p>Metric: nominal diameters of the R 20 series with the largest overall diameters of grade 1 and 2 (IEC 60317-0-1). Any
 * other diameter, and every gauge size, is taken with the enamel of the next larger nominal diameter, which is what the
 * standard does with intermediate sizes. A measured overall diameter goes before the table.
 */
public final class WireTable {

    /**
     * A row of the table.
     *
     * @param bareDiameterMm nominal diameter of the copper
     * @param overallGrade1Mm largest overall diameter of grade 1
     * @param overallGrade2Mm of grade 2
     */
    private record Row(double bareDiameterMm, double overallGrade1Mm, double overallGrade2Mm) {

        double enamelMm(WireGrade grade) {
            return (grade == WireGrade.GRADE_1 ? overallGrade1Mm : overallGrade2Mm) - bareDiameterMm;
        }
    }

    private static final List<Row> ROWS = List.of(
            new Row(0.100, 0.117, 0.125),
            new Row(0.112, 0.130, 0.139),
            new Row(0.125, 0.144, 0.154),
            new Row(0.140, 0.160, 0.171),
            new Row(0.160, 0.182, 0.194),
            new Row(0.180, 0.204, 0.217),
            new Row(0.200, 0.226, 0.239),
            new Row(0.224, 0.252, 0.266),
            new Row(0.250, 0.281, 0.297),
            new Row(0.280, 0.312, 0.329),
            new Row(0.315, 0.349, 0.367),
            new Row(0.355, 0.392, 0.411),
            new Row(0.400, 0.439, 0.459),
            new Row(0.450, 0.491, 0.513),
            new Row(0.500, 0.544, 0.566),
            new Row(0.560, 0.606, 0.630),
            new Row(0.630, 0.679, 0.704),
            new Row(0.710, 0.762, 0.789),
            new Row(0.800, 0.855, 0.884),
            new Row(0.900, 0.959, 0.989),
            new Row(1.000, 1.062, 1.094),
            new Row(1.120, 1.184, 1.217),
            new Row(1.250, 1.316, 1.349),
            new Row(1.400, 1.468, 1.502),
            new Row(1.600, 1.670, 1.706),
            new Row(1.800, 1.872, 1.909),
            new Row(2.000, 2.074, 2.112),
            new Row(2.240, 2.316, 2.355),
            new Row(2.500, 2.578, 2.618),
            new Row(2.800, 2.880, 2.922),
            new Row(3.150, 3.233, 3.276),
            new Row(3.550, 3.635, 3.679),
            new Row(4.000, 4.088, 4.133),
            new Row(4.500, 4.591, 4.637),
            new Row(5.000, 5.093, 5.141));

    private WireTable() {}

    /** Lists the nominal metric sizes, thinnest first. */
    public static List<WireSize> metric() {
        return ROWS.stream().map(r -> WireSize.millimetres(r.bareDiameterMm())).toList();
    }

    /** Lists the gauge sizes with their halves, thickest first: AWG 8 to 36. */
    public static List<WireSize> gauges() {
        return IntStream.rangeClosed(16, 72)
                .mapToObj(twice -> WireSize.gauge(twice / 2.0))
                .toList();
    }

    /**
     * Returns the largest overall diameter.
     *
     * @param bareDiameterMm copper, 0.1 to 5 mm
     * @param grade of the enamel
     * @return mm
     */
    public static double overallMm(double bareDiameterMm, WireGrade grade) {
        return ROWS.stream()
                .filter(r -> r.bareDiameterMm() >= bareDiameterMm - 1e-9)
                .mapToDouble(r -> bareDiameterMm + r.enamelMm(grade))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No round wire of " + bareDiameterMm + " mm"));
    }
}
