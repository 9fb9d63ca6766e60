package app.brasskettle.core.instruments;

import app.brasskettle.core.balance.BalanceTest;
import app.brasskettle.core.insulation.TimedReading;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.resistance.Pair;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.withstand.StepVoltageTest;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.Samples;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A motor that exists only as a model, so that readings of all simulated instruments agree with one another.
 *
 * <p>Electrical sizes follow from the rating by common per-unit values of induction motors; the seed sets the spread from
 * one motor to the next and the noise of its instruments. The model is a stand-in for training and demonstration: no reading
 * of it says anything about a real motor.
 *
 * @param ratedVoltageV line voltage
 * @param ratedPowerW shaft power
 * @param connection wye or delta; unknown counts as wye
 * @param windingTemperatureC temperature of the copper
 * @param faults what is wrong with it
 * @param seed of spread and noise
 */
public record SimulatedMotor(
        double ratedVoltageV,
        double ratedPowerW,
        Connection connection,
        double windingTemperatureC,
        Set<MotorFault> faults,
        long seed) {

    /** Range of the simulated insulation tester. */
    public static final double TESTER_RANGE_MEGOHM = 20_000;

    public SimulatedMotor {
        faults = Set.copyOf(faults);
        Problems problems = new Problems();
        problems.positive("ratedVoltageV", ratedVoltageV, "V");
        problems.positive("ratedPowerW", ratedPowerW, "W");
        problems.temperature("windingTemperatureC", windingTemperatureC);
        problems.present("connection", connection);
        problems.throwIfAny();
    }

    boolean has(MotorFault fault) {
        return faults.contains(fault);
    }

    boolean delta() {
        return connection == Connection.DELTA;
    }

    /** Base impedance of one phase in Ω, from the rating at efficiency × power factor 0.75. */
    double baseOhm() {
        double ohm = ratedVoltageV * ratedVoltageV * 0.75 / ratedPowerW;
        return delta() ? 3 * ohm : ohm;
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

    /** Three traces of the surge set, one per lead with the other two grounded. */
    public SurgeSet surge(double peakV, boolean rotorFitted) {
        SurgeModel model = new SurgeModel(this, rotorFitted);
        List<Samples> traces = new ArrayList<>();
        for (int lead = 0; lead < 3; lead++) {
            traces.add(model.pulse(lead, peakV));
        }
        return new SurgeSet(
                model.sampleIntervalS(), traces.get(0), traces.get(1), traces.get(2), connection, rotorFitted);
    }

    /**
     * What the inductance bridge shows at so many shaft positions over a pole pitch; none where a phase is open and the bridge
     * finds no value.
     */
    public Optional<BalanceTest> balance(int positions) {
        return has(MotorFault.OPEN_JOINT) ? Optional.empty() : Optional.of(new BalanceModel(this).over(positions));
    }

    /**
     * What the high-voltage set shows while it rises to {@code topV} in so many steps; it ends before the top where the set
     * tripped.
     */
    public List<StepVoltageTest.Rise> ramp(double topV, int steps) {
        return new RampModel(this).upTo(topV, steps);
    }
}
