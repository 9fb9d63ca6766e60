package app.brasskettle.core.fits;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A rolling bearing by its designation: deep-groove balls 60xx, 62xx, 63xx and the wide 622xx, spherical rollers 222xx,
 * cylindrical rollers N, NU, NJ, NUP of series 2 and 3, sizes 00 to 22 and 24. Boundary dimensions by ISO 15. What follows the
 * size (C3, ZZ, -2RS) says nothing of the seats and may stand without a space.
 *
 * @param boreMm bore
 * @param outsideMm outside diameter
 * @param widthMm width
 * @param rollers true for rollers
 */
record Bearing(double boreMm, double outsideMm, double widthMm, boolean rollers) {

    private static final Pattern SHAPE = Pattern.compile(
            "(60|62|63|622|222|(?:NUP|NU|NJ|N) ?[23])(\\d\\d)(?:[ /-]\\s*\\S.*|[A-Za-z].*)?", Pattern.DOTALL);

    private static final double[] SMALL_BORES = {10, 12, 15, 17};
    /** Outside diameters of sizes 00 to 22 and 24, ISO 15 diameter series 0. */
    private static final double[] SERIES_0 = {
        26, 28, 32, 35, 42, 47, 55, 62, 68, 75, 80, 90, 95, 100, 110, 115, 125, 130, 140, 145, 150, 160, 170, 180
    };
    /** The same of series 2. */
    private static final double[] SERIES_2 = {
        30, 32, 35, 40, 47, 52, 62, 72, 80, 85, 90, 100, 110, 120, 125, 130, 140, 150, 160, 170, 180, 190, 200, 215
    };
    /** The same of series 3. */
    private static final double[] SERIES_3 = {
        35, 37, 42, 47, 52, 62, 72, 80, 90, 100, 110, 120, 130, 140, 150, 160, 170, 180, 190, 200, 215, 225, 240, 260
    };

    /** Widths of dimension series 10, 22, 02 and 03 (ISO 15), the same sizes. */
    private static final double[] WIDTH_0 = {
        8, 8, 9, 10, 12, 12, 13, 14, 15, 16, 16, 18, 18, 18, 20, 20, 22, 22, 24, 24, 24, 26, 28, 28
    };

    private static final double[] WIDTH_22 = {
        14, 14, 14, 16, 18, 18, 20, 23, 23, 23, 23, 25, 28, 31, 31, 31, 33, 36, 40, 43, 46, 50, 53, 58
    };

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
        int row = size == LAST ? LAST_IN_A_ROW + 1 : size;
        String series = m.group(1);
        boolean rollers = series.startsWith("N") || series.equals("222");
        return Optional.of(
                switch (series) {
                    case "60" -> new Bearing(bore, SERIES_0[row], WIDTH_0[row], rollers);
                    case "622", "222" -> new Bearing(bore, SERIES_2[row], WIDTH_22[row], rollers);
                    default ->
                        series.endsWith("2")
                                ? new Bearing(bore, SERIES_2[row], WIDTH_2[row], rollers)
                                : new Bearing(bore, SERIES_3[row], WIDTH_3[row], rollers);
                });
    }
}
