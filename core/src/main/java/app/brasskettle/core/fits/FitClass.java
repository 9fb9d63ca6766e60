package app.brasskettle.core.fits;

import app.brasskettle.core.worksheet.Coded;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;

/**
 * Tolerance classes of seats with their deviations from the nominal size in µm (ISO 286-2): of shafts for sizes over 6 to 10, 18, 30,
 * 50, 80 and 120 mm, of housings by their grade.
 */
public enum FitClass implements Coded {
    J5("j5", new int[] {4, 5, 5, 6, 6, 6}, new int[] {-2, -3, -4, -5, -7, -9}),
    K5("k5", new int[] {7, 9, 11, 13, 15, 18}, new int[] {1, 1, 2, 2, 2, 3}),
    M5("m5", new int[] {12, 15, 17, 20, 24, 28}, new int[] {6, 7, 8, 9, 11, 13}),
    H6("H6", Grade.IT6),
    H7("H7", Grade.IT7);

    private static final double[] UP_TO_MM = {10, 18, 30, 50, 80, 120};

    private final String word;
    private final Seat seat;
    private final DoubleUnaryOperator upperMm;
    private final DoubleUnaryOperator lowerMm;

    /** A class of shafts by its deviations. */
    FitClass(String word, int[] upper, int[] lower) {
        this.word = word;
        this.seat = Seat.SHAFT;
        this.upperMm = nominal -> nominal + upper[step(nominal)] / 1000.0;
        this.lowerMm = nominal -> nominal + lower[step(nominal)] / 1000.0;
    }

    /** A class H of housings: from the nominal size up, as wide as its grade. */
    FitClass(String word, Grade grade) {
        this.word = word;
        this.seat = Seat.HOUSING;
        this.upperMm = nominal -> nominal + grade.widthMm(nominal);
        this.lowerMm = DoubleUnaryOperator.identity();
    }

    @Override
    public String code() {
        return word;
    }

    /** The seat it is used on. */
    public Seat seat() {
        return seat;
    }

    private static final double J5_TO_MM = 17;
    private static final double K5_TO_MM = 100;
    private static final double ROLLERS_M5_FROM_MM = 30;

    /**
     * The class a seat usually has: balls j5 to 17 mm bore, k5 to 100 mm, m5 above; cylindrical rollers m5 from 30 mm; housings H6.
     * Empty where the designation is none that is read here.
     */
    public static Optional<FitClass> usual(String designation, Seat seat) {
        return Bearing.parse(designation).map(b -> {
            if (seat == Seat.HOUSING) {
                return H6;
            }
            if (b.rollers() && b.boreMm() >= ROLLERS_M5_FROM_MM) {
                return M5;
            }
            return b.boreMm() <= J5_TO_MM ? J5 : b.boreMm() <= K5_TO_MM ? K5 : M5;
        });
    }

    /** Size of a seat half way between its limits, in mm; empty where the designation is none that is read here. */
    public static Optional<Double> middleMm(String designation, Seat seat) {
        return usual(designation, seat)
                .flatMap(fit -> Bearing.parse(designation)
                        .map(b -> seat == Seat.SHAFT ? b.boreMm() : b.outsideMm())
                        .map(nominal -> (fit.upperMm(nominal) + fit.lowerMm(nominal)) / 2));
    }

    double upperMm(double nominalMm) {
        return upperMm.applyAsDouble(nominalMm);
    }

    double lowerMm(double nominalMm) {
        return lowerMm.applyAsDouble(nominalMm);
    }

    private static int step(double nominalMm) {
        int step = 0;
        while (nominalMm > UP_TO_MM[step]) {
            step++;
        }
        return step;
    }
}
