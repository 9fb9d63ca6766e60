package app.brasskettle.core.fits;

/**
 * Standard tolerance grades with their widths in µm (ISO 286-1, table 1), for sizes to 3, 6, 10, 18, 30, 50, 80, 120, 180, 250, 315,
 * 400 and 500 mm.
 */
public enum Grade {
    IT6(6, 8, 9, 11, 13, 16, 19, 22, 25, 29, 32, 36, 40),
    IT7(10, 12, 15, 18, 21, 25, 30, 35, 40, 46, 52, 57, 63),
    IT9(25, 30, 36, 43, 52, 62, 74, 87, 100, 115, 130, 140, 155);

    /** Largest size of the table, mm. */
    public static final double TO_MM = 500;

    private static final double[] UP_TO_MM = {3, 6, 10, 18, 30, 50, 80, 120, 180, 250, 315, 400, TO_MM};

    private final int[] micrometres;

    Grade(int... micrometres) {
        this.micrometres = micrometres;
    }

    /**
     * Width of the tolerance for a nominal size.
     *
     * @param nominalMm over 0, to {@link #TO_MM}
     */
    public double widthMm(double nominalMm) {
        int step = 0;
        while (nominalMm > UP_TO_MM[step]) {
            step++;
        }
        return micrometres[step] / 1000.0;
    }
}
