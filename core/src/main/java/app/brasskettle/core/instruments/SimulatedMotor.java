package app.brasskettle.core.instruments;

import app.brasskettle.core.balance.BalanceReadings;
import app.brasskettle.core.insulation.TimedReading;
import app.brasskettle.core.insulation.WindingKind;
import app.brasskettle.core.protection.ProtectorReadings;
import app.brasskettle.core.resistance.Conductor;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.resistance.Pair;
import app.brasskettle.core.resistance.ResistanceReadings;
import app.brasskettle.core.resistance.TerminalOhms;
import app.brasskettle.core.surge.SurgeRise;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.withstand.StepVoltageReadings;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.Samples;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A motor that exists only as a model, so that readings of all simulated instruments agree with one another.
 *
 * <p>Electrical sizes follow from the rating by common per-unit values of induction motors; the seed sets the spread from
 * one motor to the next and the noise of its instruments. The model is a stand-in for training and demonstration: no reading
 * of it says anything about a real motor.
 *
 * @param rating what it is made for
 * @param windingTemperatureC temperature of the copper
 * @param faults what is wrong with it, and how far
 * @param seed of spread and noise
 */
public record SimulatedMotor(Rating rating, double windingTemperatureC, Faults faults, long seed) {

    /** Range of the simulated insulation tester. */
    public static final double TESTER_RANGE_MEGOHM = 20_000;

    private static final int MAX_POLES = 120;
    private static final double THERMISTORS_OHM = 330;

    /**
     * What a motor is made for.
     *
     * @param phases 1 or 3
     * @param voltageV line voltage
     * @param powerW shaft power
     * @param frequencyHz supply frequency
     * @param poles its poles
     * @param connection wye or delta; unknown counts as wye
     */
    public record Rating(
            int phases, double voltageV, double powerW, double frequencyHz, int poles, Connection connection) {

        public Rating {
            Problems problems = new Problems();
            if (phases != 1 && phases != 3) {
                problems.add("phases", Problem.Code.RANGE, "phases is " + phases + "; it must be 1 or 3");
            }
            problems.positive("voltageV", voltageV, "V");
            problems.positive("powerW", powerW, "W");
            problems.positive("frequencyHz", frequencyHz, "Hz");
            problems.whole("poles", poles, 2, MAX_POLES, "");
            problems.present("connection", connection);
            problems.throwIfAny();
        }

        /** A four-pole three-phase motor for 50 Hz. */
        public static Rating usual(double voltageV, double powerW, Connection connection) {
            return new Rating(3, voltageV, powerW, 50, 4, connection);
        }

        /** Current of a line at rated load, at efficiency × power factor 0.75. */
        public double currentA() {
            return powerW / (0.75 * voltageV * (phases == 3 ? Math.sqrt(3) : 1));
        }
    }

    public SimulatedMotor {
        Problems problems = new Problems();
        problems.present("rating", rating);
        problems.present("faults", faults);
        problems.temperature("windingTemperatureC", windingTemperatureC);
        problems.throwIfAny();
    }

    boolean has(MotorFault fault) {
        return faults.has(fault);
    }

    double strength(MotorFault fault) {
        return faults.strength(fault);
    }

    boolean delta() {
        return rating.connection() == Connection.DELTA;
    }

    /** Base impedance of one phase in Ω, from the rating at efficiency × power factor 0.75. */
    double baseOhm() {
        double ohm = rating.voltageV() * rating.voltageV() * 0.75 / rating.powerW();
        return delta() ? 3 * ohm : ohm;
    }

    /** What a hand at the shaft feels: true when it turns freely. */
    public boolean turnsByHand() {
        return !has(MotorFault.BOUND_SHAFT);
    }

    /** What the insulation tester shows {@code seconds} after {@code testV} was applied to all leads. */
    public TimedReading insulationAt(double seconds, double testV) {
        double megohm = new InsulationModel(this).megohmAt(seconds, testV);
        return megohm > TESTER_RANGE_MEGOHM
                ? new TimedReading(seconds, TESTER_RANGE_MEGOHM, Optional.of(true))
                : TimedReading.of(seconds, megohm);
    }

    /** What the milliohm bridge shows between terminals, in Ω; a pair that reads open is absent. */
    public Map<Pair, Double> terminalOhms() {
        return new EnumMap<>(new ResistanceModel(this).between());
    }

    /** The same as a resistance test of a winding of {@code kind}. */
    public ResistanceReadings resistanceTest(WindingKind kind) {
        Map<Pair, Double> ohms = terminalOhms();
        List<Pair> open =
                Arrays.stream(Pair.values()).filter(p -> !ohms.containsKey(p)).toList();
        return new ResistanceReadings(
                rating.connection(),
                kind,
                Conductor.COPPER,
                windingTemperatureC,
                new TerminalOhms(
                        Optional.ofNullable(ohms.get(Pair.AB)),
                        Optional.ofNullable(ohms.get(Pair.BC)),
                        Optional.ofNullable(ohms.get(Pair.CA))),
                open.isEmpty() ? Optional.empty() : Optional.of(open));
    }

    /** Three traces of the surge set, one per lead with the other two grounded. */
    public SurgeSet surge(double peakV, boolean rotorFitted) {
        return surge(peakV, rotorFitted, Optional.empty());
    }

    /** The same with the shaft at {@code rotorAngleDegrees}; empty with the rotor out, or where nobody noted it. */
    public SurgeSet surge(double peakV, boolean rotorFitted, Optional<Double> rotorAngleDegrees) {
        SurgeModel model = new SurgeModel(this, rotorFitted, rotorAngleDegrees);
        List<Samples> traces = new ArrayList<>();
        for (int lead = 0; lead < 3; lead++) {
            traces.add(model.pulse(lead, peakV));
        }
        return new SurgeSet(
                model.sampleIntervalS(),
                traces.get(0),
                traces.get(1),
                traces.get(2),
                rating.connection(),
                rotorFitted,
                rotorAngleDegrees);
    }

    /** Pulses of the surge set on each lead, rising to {@code topV} in so many steps. */
    public SurgeRise surgeRise(double topV, int steps, boolean rotorFitted) {
        SurgeModel model = new SurgeModel(this, rotorFitted, Optional.empty());
        List<SurgeRise.Pulse> pulses = new ArrayList<>();
        for (SurgeRise.Lead lead : SurgeRise.Lead.values()) {
            for (int i = 1; i <= steps; i++) {
                double peak = topV * i / steps;
                pulses.add(new SurgeRise.Pulse(lead, peak, model.pulse(lead.ordinal(), peak)));
            }
        }
        return new SurgeRise(model.sampleIntervalS(), rotorFitted, Optional.of(rating.connection()), pulses);
    }

    /**
     * What the inductance bridge shows at so many shaft positions over a pole pitch; none where a phase is open and the bridge
     * finds no value, or where the shaft cannot be turned.
     */
    public Optional<BalanceReadings> balance(int positions) {
        return has(MotorFault.OPEN_JOINT) || !turnsByHand()
                ? Optional.empty()
                : Optional.of(new BalanceModel(this).over(positions));
    }

    /**
     * What the high-voltage set shows while it rises to {@code topV} in so many steps; it ends before the top where the set
     * tripped.
     */
    public List<StepVoltageReadings.Rise> ramp(double topV, int steps) {
        return new RampModel(this).upTo(topV, steps);
    }

    /** What micrometer, feeler and dial gauge show of it when it is open. */
    public MachinedModel machined() {
        return new MachinedModel(this);
    }

    /** What an ohmmeter finds of the three thermistors in its winding. */
    public ProtectorReadings protector() {
        boolean open = has(MotorFault.OPEN_PROTECTOR);
        return new ProtectorReadings(
                ProtectorReadings.Kind.THERMISTORS,
                open ? ProtectorReadings.State.OPEN : ProtectorReadings.State.WORKS,
                open ? Optional.empty() : Optional.of(THERMISTORS_OHM * Noise.factor(seed, 4, 0.1)),
                Optional.empty(),
                Optional.empty());
    }

    /** What the power analyser, the vibration pen and the bearing thermometer show while it runs. */
    public RunModel running() {
        return new RunModel(this);
    }

    /** What meter and ear tell of a single-phase motor's windings and starting gear. */
    public StartingModel starting() {
        return new StartingModel(this);
    }
}
