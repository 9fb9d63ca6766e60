package app.brasskettle.core.extension;

import app.brasskettle.core.fits.Grade;
import app.brasskettle.core.worksheet.Coded;

/** Which standard gave a shaft its key: widths by diameter, and the limits of seat and key. */
public enum KeySizes implements Coded {
    /** Widths of IEC 60072-1 and ISO/R 773; seat N9, key h9 (ISO 286-2). */
    ISO(
            new double[] {8, 10, 12, 17, 22, 30, 38, 44, 50, 58, 65, 75, 85, 95, 110, KeySeat.THICKEST_MM},
            new double[] {2, 3, 4, 5, 6, 8, 10, 12, 14, 16, 18, 20, 22, 25, 28, 32},
            "IEC 60072-1; ISO 286-2, N9 and h9") {
        @Override
        Limits seat(double nominalMm) {
            double upper = nominalMm - (nominalMm <= SMALL_N9_TO_MM ? SMALL_N9_MM : 0);
            return new Limits(upper - Grade.IT9.widthMm(nominalMm), upper);
        }

        @Override
        Limits key(double nominalMm) {
            Limits seat = seat(nominalMm);
            return new Limits(nominalMm - seat.widthMm(), nominalMm);
        }

        @Override
        String seatGrade() {
            return "N9";
        }

        @Override
        String keyGrade() {
            return "h9";
        }

        @Override
        String keyStock() {
            return "h9 stock";
        }
    },
    /**
     * Widths of square keys by ANSI B17.1, table 1; seat by NEMA MG 1-4.9.2: +0.002 in to 3/4 in, +0.003 in above; key of square
     * stock as much under its size.
     */
    NEMA(
            inches(0.4375, 0.5625, 0.875, 1.25, 1.375, 1.75, 2.25, 2.75, 3.25, 3.75, 4.5, 5.5),
            inches(0.09375, 0.125, 0.1875, 0.25, 0.3125, 0.375, 0.5, 0.625, 0.75, 0.875, 1, 1.25),
            "NEMA MG 1-4.9.2; ANSI B17.1") {
        @Override
        Limits seat(double nominalMm) {
            return new Limits(nominalMm, nominalMm + toleranceMm(nominalMm));
        }

        @Override
        Limits key(double nominalMm) {
            return new Limits(nominalMm - toleranceMm(nominalMm), nominalMm);
        }

        @Override
        String seatGrade() {
            return "NEMA";
        }

        @Override
        String keyGrade() {
            return "ANSI B17.1";
        }

        @Override
        String keyStock() {
            return "square key stock";
        }

        private double toleranceMm(double nominalMm) {
            return (nominalMm <= THREE_QUARTERS_MM ? 0.002 : 0.003) * INCH_MM;
        }
    };

    /** Least and largest size that is accepted, mm. */
    record Limits(double lowerMm, double upperMm) {
        double widthMm() {
            return upperMm - lowerMm;
        }
    }

    private static final double INCH_MM = 25.4;
    private static final double THREE_QUARTERS_MM = 0.75 * INCH_MM;
    /** To this size N9 lies 4 µm under the nominal size; above it starts there. */
    private static final double SMALL_N9_TO_MM = 3;

    private static final double SMALL_N9_MM = 0.004;

    private final double[] upToMm;
    private final double[] widthMm;
    private final String source;

    KeySizes(double[] upToMm, double[] widthMm, String source) {
        this.upToMm = upToMm;
        this.widthMm = widthMm;
        this.source = source;
    }

    /**
     * Finds the width of the key that belongs to an extension.
     *
     * @param extensionMm diameter, to 130 mm
     */
    public double usualWidthMm(double extensionMm) {
        int step = 0;
        while (extensionMm > upToMm[step]) {
            step++;
        }
        return widthMm[step];
    }

    /** Finds the limits of the seat of a key called by this width. */
    abstract Limits seat(double nominalMm);

    /** Finds the limits of the key called by this width. */
    abstract Limits key(double nominalMm);

    abstract String seatGrade();

    abstract String keyGrade();

    abstract String keyStock();

    String source() {
        return source;
    }

    private static double[] inches(double... inches) {
        double[] mm = new double[inches.length];
        for (int i = 0; i < mm.length; i++) {
            mm[i] = inches[i] * INCH_MM;
        }
        return mm;
    }
}
