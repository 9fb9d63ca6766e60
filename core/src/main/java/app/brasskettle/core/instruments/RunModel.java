package app.brasskettle.core.instruments;

import app.brasskettle.core.mechanics.VibrationReadings;
import app.brasskettle.core.mechanics.VibrationReadings.Direction;
import app.brasskettle.core.mechanics.VibrationReadings.Place;
import app.brasskettle.core.run.RunWatch;
import app.brasskettle.core.worksheet.Samples;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * A simulated motor that turns: power analyser, vibration pen, bearing thermometer, current record.
 *
 * <p>The no-load share of the rated current follows the poles, higher for small motors. Shorted turns raise the current of
 * their phase; a bad bearing shakes and warms its end; broken bars put sidebands at (1 ± 2s)·f beside the line current on load
 * and swing a single-phase current over a turn by hand.
 */
public final class RunModel {

    private static final double SUPPLY_NOISE = 0.003;
    private static final double LINE_NOISE = 0.008;
    private static final double SHORTED_SHARE = 0.22;
    private static final double SMALL_W = 2000;
    private static final double SMALL_ADDS = 0.18;
    private static final double SOUND_MM_PER_S = 0.55;
    private static final double SHAKEN = 4.5;
    private static final double BEARING_RISE_K = 19;
    private static final double BEARING_ADDS_K = 26;
    private static final double WARMS_WITH_MIN = 7;
    private static final double SOUND_SIDEBAND_DB = 65;
    private static final double BROKEN_SIDEBAND_DB = 41;
    private static final double RATED_SLIP = 0.03;
    private static final int RECORD_SAMPLES = 16_384;
    private static final double RECORD_INTERVAL_S = 0.001;
    private static final int TURN_STEPS = 36;
    private static final double TURN_SHARE = 0.006;
    private static final double BROKEN_TURN_SHARE = 0.06;

    private final SimulatedMotor motor;

    RunModel(SimulatedMotor motor) {
        this.motor = motor;
    }

    private double noise(int place, double share) {
        return Noise.factor(motor.seed(), place, share);
    }

    /** Whether it comes up: an open phase or a bound shaft keeps it still. */
    public boolean comesUp() {
        return !motor.has(MotorFault.OPEN_JOINT) && motor.turnsByHand();
    }

    /** Voltages between lines 1 and 2, 2 and 3, 3 and 1 at {@code share} of the rated voltage. */
    public List<Double> lineVoltagesV(double share) {
        List<Double> volts = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            volts.add(share * motor.rating().voltageV() * noise(600 + i, SUPPLY_NOISE / 2));
        }
        return volts;
    }

    /** Currents of the three lines without load at {@code share} of the rated voltage. */
    public List<Double> lineCurrentsA(double share) {
        int poles = motor.rating().poles();
        double usual = poles == 2 ? 0.3 : poles == 4 ? 0.37 : poles == 6 ? 0.45 : poles == 8 ? 0.5 : 0.57;
        double small = motor.rating().powerW() < SMALL_W ? SMALL_ADDS : 0;
        double mean = motor.rating().currentA() * (usual + small) * noise(610, 0.04) * Math.pow(share, 1.25);
        double shorted = SHORTED_SHARE * motor.strength(MotorFault.TURN_SHORT);
        List<Double> amps = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            // In delta phase B lies between lines 2 and 3 and both carry its current.
            boolean carries = motor.delta() ? i != 0 : i == 1;
            amps.add(mean * (1 + (carries ? shorted : 0)) * noise(620 + i, LINE_NOISE));
        }
        return amps;
    }

    /** Velocities at both ends in three directions. */
    public List<VibrationReadings.Reading> vibration() {
        List<VibrationReadings.Reading> readings = new ArrayList<>();
        int place = 640;
        double size = Math.pow(Math.max(motor.rating().powerW(), 1000) / 15_000, 0.12);
        for (Place end : Place.values()) {
            for (Direction direction : Direction.values()) {
                double shaken = end == Place.DRIVE_END
                        ? SHAKEN * motor.strength(MotorFault.BAD_BEARING)
                        : 0.3 * SHAKEN * motor.strength(MotorFault.BAD_BEARING);
                readings.add(new VibrationReadings.Reading(
                        end, direction, SOUND_MM_PER_S * size * (1 + shaken) * noise(place++, 0.15)));
            }
        }
        return readings;
    }

    /** What is read every five minutes over a quarter of an hour, the air at {@code ambientC}. */
    public List<RunWatch.Reading> watch(double ambientC) {
        List<Double> amps = lineCurrentsA(1);
        List<RunWatch.Reading> readings = new ArrayList<>();
        for (int minute = 0; minute <= 15; minute += 5) {
            double warmed = 1 - Math.exp(-minute / WARMS_WITH_MIN);
            double bad = BEARING_ADDS_K * motor.strength(MotorFault.BAD_BEARING);
            readings.add(new RunWatch.Reading(
                    minute,
                    amps.get(0) * (1 + 0.01 * (1 - warmed)) * noise(660 + minute, 0.003),
                    ambientC + (BEARING_RISE_K * noise(680, 0.08) + bad) * warmed,
                    ambientC + BEARING_RISE_K * noise(681, 0.08) * warmed,
                    bad > 0 && minute > 0 ? Optional.of("grumbles at the drive end") : Optional.empty()));
        }
        return readings;
    }

    /** Speed at which {@link #currentRecord} is taken. */
    public double loadSpeedRpm() {
        return 120 * motor.rating().frequencyHz() / motor.rating().poles() * (1 - RATED_SLIP * noise(690, 0.1));
    }

    /** Time between the samples of {@link #currentRecord}. */
    public double recordIntervalS() {
        return RECORD_INTERVAL_S;
    }

    /** Line current near rated load, some sixteen seconds of it, in A. */
    public Samples currentRecord() {
        double f = motor.rating().frequencyHz();
        double synchronous = 120 * f / motor.rating().poles();
        double slip = 1 - loadSpeedRpm() / synchronous;
        double broken = motor.strength(MotorFault.BROKEN_BAR);
        double decibel = broken > 0
                ? BROKEN_SIDEBAND_DB - 20 * Math.log10(broken) + 1.5 * (noise(691, 1) - 1)
                : SOUND_SIDEBAND_DB + 2 * (noise(691, 1) - 1);
        double side = Math.pow(10, -decibel / 20);
        double peak = motor.rating().currentA() * Math.sqrt(2);
        Random noise = new Random(motor.seed() * 17 + 5);
        double[] record = new double[RECORD_SAMPLES];
        for (int i = 0; i < RECORD_SAMPLES; i++) {
            double t = 2 * Math.PI * f * i * RECORD_INTERVAL_S;
            double amps = Math.cos(t)
                    + side * Math.cos((1 - 2 * slip) * t + 1)
                    + 0.7 * side * Math.cos((1 + 2 * slip) * t + 2)
                    + 0.002 * noise.nextGaussian();
            // The analyser digitises to a hundred-thousandth of its range.
            record[i] = peak * Math.rint(amps * 1e5) / 1e5;
        }
        return Samples.of(record);
    }

    /** Low single-phase current at even steps over one turn of the shaft by hand, in A; none where it does not turn. */
    public Optional<List<Double>> turnCurrents() {
        if (!motor.turnsByHand()) {
            return Optional.empty();
        }
        double swings = TURN_SHARE + BROKEN_TURN_SHARE * motor.strength(MotorFault.BROKEN_BAR);
        List<Double> currents = new ArrayList<>();
        for (int i = 0; i < TURN_STEPS; i++) {
            double angle = 2 * Math.PI * i / TURN_STEPS * motor.rating().poles();
            currents.add(0.2 * motor.rating().currentA() * (1 + swings / 2 * Math.cos(angle)) * noise(700 + i, 0.001));
        }
        return Optional.of(currents);
    }
}
