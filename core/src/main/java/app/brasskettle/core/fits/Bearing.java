package app.brasskettle.core.fits;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A rolling bearing by its designation: deep-groove balls 62xx and 63xx, cylindrical rollers N, NU, NJ, NUP of series 2 and 3,
 * sizes 00 to 22 and 24. Boundary dimensions by ISO 15.
 *
 * @param boreMm bore
 * @param outsideMm outside diameter
 * @param widthMm width
 * @param rollers true for cylindrical rollers
 */
record Bearing(double boreMm, double outsideMm, double widthMm, boolean rollers) {

    private static final Pattern SHAPE =
            Pattern.compile("(?:6|(?:NUP|NU|NJ|N) ?)([23])(\\d\\d)(?:[ /-]\\s*\\S.*)?", Pattern.DOTALL);

    private static final double[] SMALL_BORES = {10, 12, 15, 17};
    /** Outside diameters of sizes 00 to 22 and 24, ISO 15 diameter series 2. */
    private static final double[] SERIES_2 = {
        30, 32, 35, 40, 47, 52, 62, 72, 80, 85, 90, 100, 110, 120, 125, 130, 140, 150, 160, 170, 180, 190, 200, 215
    };
    /** The same of series 3. */
    private static final double[] SERIES_3 = {
        35, 37, 42, 47, 52, 62, 72, 80, 90, 100, 110, 120, 130, 140, 150, 160, 170, 180, 190, 200, 215, 225, 240, 260
    };

    /** Widths of dimension series 02 and 03 (ISO 15), the same sizes. */
    private static final double[] WIDTH_2 = {
        9, 10, 11, 12, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 24, 25, 26, 28, 30, 32, 34, 36, 38, 40
    };

    private static final double[] WIDTH_3 = {
        11, 12, 13, 14, 15, 17, 19, 21, 23, 25, 27, 29, 31, 33, 35, 37, 39, 41, 43, 45, 47, 49, 50, 55
    };

    private static final int LAST_IN_A_ROW = 22;
    private static final int LAST = 24;

    /** The bearing designated {@code text}; empty where it is none of these. */
    static Optional<Bearing> parse(String text) {
        Matcher m = SHAPE.matcher(text);
        if (!m.matches()) {
            return Optional.empty();
        }
        int size = Integer.parseInt(m.group(2));
        if (size > LAST_IN_A_ROW && size != LAST) {
            return Optional.empty();
        }
        double bore = size < SMALL_BORES.length ? SMALL_BORES[size] : 5 * size;
        boolean light = m.group(1).equals("2");
        int row = size == LAST ? LAST_IN_A_ROW + 1 : size;
        return Optional.of(new Bearing(
                bore,
                light ? SERIES_2[row] : SERIES_3[row],
                light ? WIDTH_2[row] : WIDTH_3[row],
                text.startsWith("N")));
    }
}
