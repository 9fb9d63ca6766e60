package app.brasskettle.core.instruments;

import app.brasskettle.core.fits.Seat;
import app.brasskettle.core.fits.SeatCheck;
import java.util.ArrayList;
import java.util.List;

/**
 * The machined parts of a simulated motor: a bad bearing has worn the housing at its end and let the rotor down, a bound shaft is
 * bent. Sizes follow rules of thumb by rated power.
 */
public final class MachinedModel {

    private static final double WEAR_MM = 0.03;
    private static final double MICROMETER_MM = 0.0008;
    private static final int POINTS = 8;
    private static final double FEELER_MM = 0.01;
    private static final double SAG_SHARE = 0.35;
    private static final double TRUE_MM = 0.006;
    private static final double BENT_MM = 0.07;
    private static final double WIDEST_EXTENSION_MM = 120;

    private final SimulatedMotor motor;

    MachinedModel(SimulatedMotor motor) {
        this.motor = motor;
    }

    /** What a micrometer shows of a seat made to the middle of its limits, two planes of three diameters. */
    public List<List<Double>> seat(double middleMm, SeatCheck.Place place, Seat seat) {
        boolean worn = place == SeatCheck.Place.DRIVE_END && seat == Seat.HOUSING;
        double wear = worn ? WEAR_MM * motor.strength(MotorFault.BAD_BEARING) : 0;
        List<List<Double>> planes = new ArrayList<>();
        for (int plane = 0; plane < 2; plane++) {
            List<Double> diameters = new ArrayList<>();
            for (int i = 0; i < 3; i++) {
                double spread =
                        MICROMETER_MM * noise(900 + 100 * place.ordinal() + 50 * seat.ordinal() + 10 * plane + i);
                diameters.add(micrometres(middleMm + spread + wear * (i == 0 ? 1.4 : 1)));
            }
            planes.add(diameters);
        }
        return planes;
    }

    /** What a feeler finds at eight points from the top; it goes by hundredths of a millimetre. */
    public List<Double> airGap() {
        double mean = 0.25 + 0.05 * Math.sqrt(motor.rating().powerW() / 1000);
        double sag = mean * SAG_SHARE * motor.strength(MotorFault.BAD_BEARING);
        List<Double> gaps = new ArrayList<>();
        for (int i = 0; i < POINTS; i++) {
            double angle = 2 * Math.PI * i / POINTS;
            double gap = mean + sag * Math.cos(angle) + 0.3 * FEELER_MM * noise(1300 + i);
            gaps.add(Math.rint(gap / FEELER_MM) * FEELER_MM);
        }
        return gaps.stream().map(MachinedModel::micrometres).toList();
    }

    /** Diameter of the shaft extension, even millimetres. */
    public double extensionMm() {
        double mm = 13.5 * Math.pow(motor.rating().powerW() / 1000, 0.42);
        return Math.min(WIDEST_EXTENSION_MM, 2 * Math.rint(mm / 2));
    }

    /** What a dial gauge shows at eight points of a turn. */
    public List<Double> dial() {
        double bend = TRUE_MM + BENT_MM * motor.strength(MotorFault.BOUND_SHAFT);
        List<Double> readings = new ArrayList<>();
        for (int i = 0; i < POINTS; i++) {
            double swing = bend / 2 * Math.cos(2 * Math.PI * i / POINTS);
            readings.add(micrometres(swing + 0.001 * noise(1400 + i)));
        }
        return readings;
    }

    private double noise(int at) {
        return Noise.factor(motor.seed(), at, 1) - 1;
    }

    /** The instruments show whole micrometres. */
    private static double micrometres(double mm) {
        return Math.rint(1000 * mm) / 1000;
    }
}
