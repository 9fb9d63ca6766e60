package app.brasskettle.core.instruments;

import app.brasskettle.core.insulation.TimedReading;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.surge.SurgeRise;
import app.brasskettle.core.surge.SurgeRiseResult;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.withstand.StepVoltageReadings;
import app.brasskettle.core.withstand.StepVoltageResult;
import app.brasskettle.core.withstand.StepVoltageWorksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a simulated instrument shows from the moment its voltage goes on, second by second, and how it ends. It knows no clock:
 * whoever plays it may do so at any pace and break it off.
 *
 * @param moments what is shown, in the order of time
 * @param lengthS when its voltage goes off by itself, seconds
 * @param fault why it ended before its time, in a sentence, where it did
 */
public record InstrumentScript(List<Moment> moments, double lengthS, Optional<String> fault) {

    /**
     * Something shown.
     *
     * @param atS when, seconds from the start
     * @param shown a record of figures
     */
    public record Moment(double atS, Record shown) {}

    /** Leakage while a direct voltage stands: {@code last} at the end of a step, the figure that counts. */
    public record Leakage(int step, double voltageV, double microamp, boolean last) {}

    /** A pulse that was given and how it differs from the one before on the same lead; every fourth sample to look at. */
    public record Pulsed(
            String lead,
            double peakVoltageV,
            Optional<Double> differencePercent,
            double limitPercent,
            Verdict verdict,
            double sampleIntervalS,
            List<Double> trace) {}

    private static final double[] INSULATION_READ_AT = {
        5, 10, 15, 20, 30, 45, 60, 90, 120, 150, 180, 240, 300, 360, 420, 480, 540, 600
    };
    private static final double STEP_S = 60;
    private static final double LOOK_EVERY_S = 10;
    private static final double PULSE_EVERY_S = 2;
    private static final int THINNED = 4;
    private static final double FAILS_AFTER = 0.4;

    public InstrumentScript {
        moments = List.copyOf(moments);
    }

    /** Resistance to frame over {@code lengthS} seconds at {@code testV}. */
    public static InstrumentScript insulation(SimulatedMotor motor, double testV, double lengthS, DeviceFault device) {
        List<Moment> moments = new ArrayList<>();
        for (double t : INSULATION_READ_AT) {
            if (t <= lengthS) {
                TimedReading reading = motor.insulationAt(t, testV);
                moments.add(new Moment(t, reading));
            }
        }
        return failing(new InstrumentScript(moments, lengthS, Optional.empty()), device);
    }

    /**
     * A direct voltage raised to {@code topV} in so many steps of a minute. The set ends where it trips, and where leakage grows
     * so that the ramp must not go on.
     */
    public static InstrumentScript ramp(SimulatedMotor motor, double topV, int steps, DeviceFault device) {
        RampModel model = new RampModel(motor);
        List<Moment> moments = new ArrayList<>();
        List<StepVoltageReadings.Rise> reached = new ArrayList<>();
        for (int i = 1; i <= steps; i++) {
            double volts = topV * i / steps;
            double start = STEP_S * (i - 1);
            if (model.trips(volts, i, steps)) {
                return failing(
                        new InstrumentScript(
                                moments,
                                start + 1,
                                Optional.of("Breakdown: the set tripped at " + Math.round(volts) + " V")),
                        device);
            }
            for (double t = LOOK_EVERY_S; t <= STEP_S; t += LOOK_EVERY_S) {
                moments.add(
                        new Moment(start + t, new Leakage(i, volts, model.microamp(volts, i, steps, t), t == STEP_S)));
            }
            reached.add(new StepVoltageReadings.Rise(volts, model.microamp(volts, i, steps, STEP_S)));
            if (reached.size() > 1) {
                StepVoltageResult judged = StepVoltageWorksheet.create().work().apply(new StepVoltageReadings(reached));
                if (judged.verdict() == Verdict.STOP) {
                    return failing(
                            new InstrumentScript(
                                    moments,
                                    STEP_S * i,
                                    Optional.of("Ramp stopped by itself: "
                                            + judged.judgement().headline())),
                            device);
                }
            }
        }
        return failing(new InstrumentScript(moments, STEP_S * steps, Optional.empty()), device);
    }

    /** A voltage held for a minute; it ends at once where the winding does not stand it. */
    public static InstrumentScript hold(SimulatedMotor motor, double volts, DeviceFault device) {
        RampModel model = new RampModel(motor);
        if (model.trips(volts, 1, 1)) {
            return new InstrumentScript(
                    List.of(), 1, Optional.of("Breakdown: the set tripped at " + Math.round(volts) + " V"));
        }
        List<Moment> moments = new ArrayList<>();
        for (double t = LOOK_EVERY_S; t <= STEP_S; t += LOOK_EVERY_S) {
            moments.add(new Moment(t, new Leakage(1, volts, model.microamp(volts, 1, 1, t), t == STEP_S)));
        }
        return failing(new InstrumentScript(moments, STEP_S, Optional.empty()), device);
    }

    /** Rising pulses, lead after lead; the set gives no more once turn insulation has let go. */
    public static InstrumentScript pulses(SurgeRise rise, ShopRules rules, DeviceFault device) {
        List<Moment> moments = new ArrayList<>();
        List<SurgeRise.Pulse> given = new ArrayList<>();
        double t = 0;
        for (SurgeRise.Pulse pulse : rise.pulses()) {
            given.add(pulse);
            t += PULSE_EVERY_S;
            Optional<SurgeRiseResult> judged = given.size() < 2
                    ? Optional.empty()
                    : Optional.of(rules.surgeRise(
                            new SurgeRise(rise.sampleIntervalS(), rise.rotorFitted(), rise.connection(), given)));
            moments.add(new Moment(t, shown(rise, pulse, judged)));
            if (judged.filter(j -> j.verdict() == Verdict.STOP).isPresent()) {
                return failing(
                        new InstrumentScript(
                                moments,
                                t,
                                Optional.of("No more pulses: "
                                        + judged.orElseThrow().judgement().headline())),
                        device);
            }
        }
        return failing(new InstrumentScript(moments, t, Optional.empty()), device);
    }

    private static Pulsed shown(SurgeRise rise, SurgeRise.Pulse pulse, Optional<SurgeRiseResult> judged) {
        List<Double> thinned = new ArrayList<>();
        for (int i = 0; i < pulse.trace().size(); i += THINNED) {
            thinned.add(pulse.trace().at(i));
        }
        Optional<SurgeRiseResult.Rung> rung = judged.flatMap(j -> j.pairs().stream()
                .filter(r -> r.lead() == pulse.lead() && r.toV() == pulse.peakVoltageV())
                .findFirst());
        return new Pulsed(
                pulse.lead().name(),
                pulse.peakVoltageV(),
                rung.map(SurgeRiseResult.Rung::differencePercent),
                judged.map(SurgeRiseResult::limitPercent).orElse(0.0),
                rung.map(r -> r.inside() ? Verdict.HOLDS : Verdict.STOP).orElse(Verdict.UNPROVEN),
                rise.sampleIntervalS() * THINNED,
                thinned);
    }

    /** The same broken off after two fifths of its time, as {@code device} fails. */
    private static InstrumentScript failing(InstrumentScript whole, DeviceFault device) {
        if (device == DeviceFault.NONE) {
            return whole;
        }
        double end = FAILS_AFTER * whole.lengthS();
        String sentence = device == DeviceFault.LEAD_OFF
                ? "Lead off: nothing is connected any more. Ground the winding before touching a clip"
                : "Out of range: the instrument cannot show what it sees";
        return new InstrumentScript(
                whole.moments().stream().filter(m -> m.atS() <= end).toList(), end, Optional.of(sentence));
    }
}
