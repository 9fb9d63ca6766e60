package app.brasskettle.core.surge;

import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Samples;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Comparison of two surge traces by their difference and the shift of their ring. */
public final class SurgeWorksheet {

    private static final String SOURCE = "IEEE Std 522; IEC 60034-15; limits by shop practice";

    private SurgeWorksheet() {}

    public static Worksheet<SurgePair, SurgeResult> create(SurgeLimits limits) {
        return new Worksheet<>(
                "surge-comparison",
                "Surge comparison",
                SurgePair.class,
                List.of("IEEE Std 522", "IEC 60034-15"),
                pair -> work(pair, limits));
    }

    private static SurgeResult work(SurgePair pair, SurgeLimits limits) {
        boolean pulses = pair.kind() == SurgeKind.PULSE_TO_PULSE;
        Samples a = pulses ? pair.traceA().over(pair.traceA().peak()) : pair.traceA();
        Samples b = pulses ? pair.traceB().over(pair.traceB().peak()) : pair.traceB();
        double difference = difference(a, b);
        Optional<Double> ringA = Ring.frequencyHz(a, pair.sampleIntervalS());
        Optional<Double> ringB = Ring.frequencyHz(b, pair.sampleIntervalS());
        Optional<Double> shift = ringA.flatMap(fa -> ringB.map(fb -> 100 * (fb - fa) / fa));
        double limit = limits.difference(pair.kind(), pair.rotorFitted());
        double shiftLimit = limits.shift(pair.kind(), pair.rotorFitted());
        Judgement judgement = judge(pair, difference, shift, limit, shiftLimit);
        return new SurgeResult(
                difference,
                ringA,
                ringB,
                shift,
                limit,
                shiftLimit,
                judgement.verdict(),
                judgement,
                steps(a, b, difference, ringA, ringB, shift));
    }

    static double difference(Samples a, Samples b) {
        int end = Math.max(Ring.lastAlive(a), Ring.lastAlive(b));
        double apart = 0;
        double size = 0;
        for (int i = 0; i <= end; i++) {
            apart += Math.abs(a.at(i) - b.at(i));
            size += Math.abs(a.at(i)) + Math.abs(b.at(i));
        }
        return 100 * apart / (size / 2);
    }

    private static Judgement judge(
            SurgePair pair, double difference, Optional<Double> shift, double limit, double shiftLimit) {
        double shifted = Math.abs(shift.orElse(0.0));
        boolean over = Limit.over(difference, limit) || Limit.over(shifted, shiftLimit);
        boolean far = Limit.over(difference, 2 * limit) || Limit.over(shifted, 2 * shiftLimit);
        boolean mayBeRotor = pair.kind() == SurgeKind.PHASE_TO_PHASE && pair.rotorFitted();
        String figure = "Traces differ by " + Figures.percent(difference) + ", limit " + Figures.percent(limit)
                + shift.map(s -> "; ring shifts " + Figures.percent(s) + ", limit " + Figures.percent(shiftLimit))
                        .orElse("; the trace barely rings");
        String rule = pair.rotorFitted() ? "With the rotor in" : "With the rotor out";
        if (over && mayBeRotor && !far) {
            return new Judgement(
                    Verdict.WATCH,
                    figure,
                    rule + ", under twice the limit, the rotor alone can do this",
                    SOURCE,
                    "Turn the shaft a quarter and repeat; if it stays, pull the rotor.");
        }
        if (mayBeRotor && far) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    figure,
                    rule + ", over twice the limit: an uneven rotor can do it, and so can shorted turns",
                    SOURCE,
                    "No power. Surge at another rotor position, or with the rotor out: that settles it.");
        }
        if (over) {
            return new Judgement(
                    Verdict.STOP,
                    figure,
                    pair.kind() == SurgeKind.PULSE_TO_PULSE
                            ? "An abrupt jump at rising voltage is turn insulation letting go"
                            : rule + " two sound phases do not differ so",
                    SOURCE,
                    "No power. Find the shorted turns.");
        }
        if (shift.isEmpty()) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    figure,
                    "A trace that barely rings proves nothing either way",
                    SOURCE,
                    "Pull the rotor and repeat, or use another method.");
        }
        return new Judgement(
                Verdict.HOLDS, figure, rule + ", both inside", SOURCE, "Take insulation to frame once more.");
    }

    private static List<Step> steps(
            Samples a,
            Samples b,
            double difference,
            Optional<Double> ringA,
            Optional<Double> ringB,
            Optional<Double> shift) {
        List<Step> steps = new ArrayList<>();
        int end = Math.max(Ring.lastAlive(a), Ring.lastAlive(b));
        steps.add(new Step(
                "difference",
                "100·Σ|a−b| / ½Σ(|a|+|b|)",
                "over " + (end + 1) + " samples, while either is at 5 % of its peak",
                difference,
                "%",
                SOURCE));
        ringA.ifPresent(f -> steps.add(new Step(
                "ring of A", "(crossings − 1)/(2·Δt)", Figures.show(f, Dimension.FREQUENCY), f, "Hz", SOURCE)));
        ringB.ifPresent(f -> steps.add(new Step(
                "ring of B", "(crossings − 1)/(2·Δt)", Figures.show(f, Dimension.FREQUENCY), f, "Hz", SOURCE)));
        shift.ifPresent(s -> steps.add(new Step("shift", "100·(fB − fA)/fA", "", s, "%", SOURCE)));
        Ring.decrement(a).ifPresent(d -> steps.add(new Step("damping of A", "ln(v1/v2)", "", d, "", SOURCE)));
        Ring.decrement(b).ifPresent(d -> steps.add(new Step("damping of B", "ln(v1/v2)", "", d, "", SOURCE)));
        return List.copyOf(steps);
    }
}
