package app.brasskettle.core.instruments;

import app.brasskettle.core.airgap.Registers.Register;
import app.brasskettle.core.extension.KeySeat;
import app.brasskettle.core.extension.KeySizes;
import app.brasskettle.core.fits.Grade;
import app.brasskettle.core.fits.Seat;
import app.brasskettle.core.fits.SeatCheck;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The machined parts of a simulated motor: a bad bearing has worn the housing at its end and let the rotor down, a bound shaft is
 * bent and its key seat hammered wide. Sizes follow rules of thumb by rated power.
 */
public final class MachinedModel {

    private static final double WEAR_MM = 0.03;
    private static final double MICROMETER_MM = 0.0008;
    private static final int POINTS = 8;
    private static final double FEELER_MM = 0.01;
    private static final double SAG_SHARE = 0.35;
    private static final double TRUE_MM = 0.006;
    private static final double BENT_MM = 0.07;
    private static final double THINNEST_EXTENSION_MM = 8;
    private static final double WIDEST_EXTENSION_MM = 120;
    private static final double HAMMERED_MM = 0.06;

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

    /** What a micrometer shows of a register, bracket and frame in two directions each; made to the middle of h6 and H7. */
    public Register register(SeatCheck.Place place) {
        double size = 10 * Math.rint(3.2 * extensionMm() / 10 + 6);
        int at = 1500 + 10 * place.ordinal();
        double spigot = size - Grade.IT6.widthMm(size) / 2;
        double bore = size + Grade.IT7.widthMm(size) / 2;
        return new Register(
                place,
                List.of(read(spigot, at), read(spigot, at + 1)),
                List.of(read(bore, at + 2), read(bore, at + 3)),
                Optional.empty());
    }

    /** What a micrometer shows of the key seat at three places, then of its key; a jammed shaft has hammered the seat wide. */
    public KeySeat keySeat() {
        double extension = extensionMm();
        double nominal = KeySizes.ISO.usualWidthMm(extension);
        double middle = nominal - Grade.IT9.widthMm(nominal) / 2;
        double hammered = HAMMERED_MM * motor.strength(MotorFault.BOUND_SHAFT);
        List<Double> widths = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            widths.add(read(middle + hammered * (1 + 0.2 * i), 1450 + i));
        }
        return new KeySeat(
                extension,
                Optional.empty(),
                Optional.empty(),
                widths,
                List.of(read(middle, 1454), read(middle, 1455)),
                Optional.empty());
    }

    private double read(double mm, int at) {
        return micrometres(mm + MICROMETER_MM * noise(at));
    }

    /** Diameter of the shaft extension, even millimetres. */
    public double extensionMm() {
        double mm = 13.5 * Math.pow(motor.rating().powerW() / 1000, 0.42);
        return Math.max(THINNEST_EXTENSION_MM, Math.min(WIDEST_EXTENSION_MM, 2 * Math.rint(mm / 2)));
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
