package app.brasskettle.core.fits;

import app.brasskettle.core.worksheet.Word;

/**
 * Tolerance classes of seats with their deviations from the nominal size in µm (ISO 286-2), for sizes over 6 to 10, 18, 30, 50,
 * 80, 120, 180, 250 and 315 mm.
 */
public enum FitClass implements Word {
    J5("j5", Seat.SHAFT, new int[] {4, 5, 5, 6, 6, 6}, new int[] {-2, -3, -4, -5, -7, -9}),
    K5("k5", Seat.SHAFT, new int[] {7, 9, 11, 13, 15, 18}, new int[] {1, 1, 2, 2, 2, 3}),
    M5("m5", Seat.SHAFT, new int[] {12, 15, 17, 20, 24, 28}, new int[] {6, 7, 8, 9, 11, 13}),
    H6("H6", Seat.HOUSING, new int[] {9, 11, 13, 16, 19, 22, 25, 29, 32}, new int[9]),
    H7("H7", Seat.HOUSING, new int[] {15, 18, 21, 25, 30, 35, 40, 46, 52}, new int[9]);

    private static final double[] UP_TO_MM = {10, 18, 30, 50, 80, 120, 180, 250, 315};

    private final String word;
    private final Seat seat;
    private final int[] upper;
    private final int[] lower;

    FitClass(String word, Seat seat, int[] upper, int[] lower) {
        this.word = word;
        this.seat = seat;
        this.upper = upper;
        this.lower = lower;
    }

    @Override
    public String word() {
        return word;
    }

    /** The seat it is used on. */
    public Seat seat() {
        return seat;
    }

    double upperMm(double nominalMm) {
        return nominalMm + upper[step(nominalMm)] / 1000.0;
    }

    double lowerMm(double nominalMm) {
        return nominalMm + lower[step(nominalMm)] / 1000.0;
    }

    private static int step(double nominalMm) {
        int step = 0;
        while (nominalMm > UP_TO_MM[step]) {
            step++;
        }
        return step;
    }
}
