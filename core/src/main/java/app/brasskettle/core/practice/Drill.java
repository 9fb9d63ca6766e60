package app.brasskettle.core.practice;

import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.insulation.TestVoltage;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.teardown.GroupState;
import app.brasskettle.core.worksheet.Coded;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;

/** Short questions for the hand and the eye: a kind and a seed make the same question everywhere. */
public enum Drill implements Coded {
    COUNT("Count the wires of a cut coil"),
    SPAN("Read the span by slots"),
    PATTERN("Name the pattern of a burnt stator"),
    TEST_VOLTAGE("Choose the test voltage"),
    PLATE("Find what the plate gets wrong");

    /** Seeds beside each other would begin alike. */
    private static final long MIX = 0x9E3779B97F4A7C15L;

    private static final int LEAST_WIRES = 12;
    private static final int MORE_WIRES = 40;
    private static final int TRIES = 60;
    private static final double APART = 0.085;
    private static final List<Double> VOLTAGES =
            List.of(230.0, 400.0, 690.0, 2300.0, 3300.0, 6600.0, 11_000.0, 13_800.0);

    private final String label;

    Drill(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }

    /**
     * A question.
     *
     * @param ask in words
     * @param dots wires of a cut coil, each a place in a square of side 1
     * @param groups groups of a burnt stator, clockwise
     * @param plate lines of a nameplate
     * @param choices answers to pick from; none where a whole number is typed
     */
    public record Question(
            String ask, List<Dot> dots, List<GroupState> groups, List<String> plate, List<Debriefing.Choice> choices) {}

    /** A wire in the cut. */
    public record Dot(double x, double y) {}

    /** What an answer comes to. */
    public record Told(boolean right, String said) {}

    private record Made(Question question, String right, String because) {}

    /** The question of a seed. */
    public Question question(long seed) {
        return made(seed).question();
    }

    /** What is said to an answer. */
    public Told answer(long seed, String answer) {
        Made made = made(seed);
        boolean right = made.right().equals(answer.strip());
        return new Told(right, (right ? "Right. " : "It is " + shown(made) + ". ") + made.because());
    }

    private static String shown(Made made) {
        return made.question().choices().stream()
                .filter(c -> c.code().equals(made.right()))
                .map(Debriefing.Choice::label)
                .findFirst()
                .orElse(made.right());
    }

    private Made made(long seed) {
        Random random = new Random(MIX * (seed + 1) + ordinal());
        return switch (this) {
            case COUNT -> count(random);
            case SPAN -> span(random);
            case PATTERN -> pattern(random, seed);
            case TEST_VOLTAGE -> voltage(random);
            case PLATE -> plate(random);
        };
    }

    private static Made count(Random random) {
        int wires = LEAST_WIRES + random.nextInt(MORE_WIRES);
        List<Dot> dots = new ArrayList<>();
        for (int i = 0; i < wires; i++) {
            Dot best = new Dot(random.nextDouble(), random.nextDouble());
            for (int t = 0; t < TRIES && nearest(dots, best) < APART; t++) {
                Dot other = new Dot(random.nextDouble(), random.nextDouble());
                best = nearest(dots, other) > nearest(dots, best) ? other : best;
            }
            dots.add(best);
        }
        return new Made(
                new Question(
                        "A coil is cut through. How many wires lie in the cut?", dots, List.of(), List.of(), List.of()),
                String.valueOf(dots.size()),
                "Mark each wire as you count it, and count a second time from the other side.");
    }

    private static double nearest(List<Dot> dots, Dot d) {
        return dots.stream()
                .mapToDouble(o -> Math.hypot(o.x() - d.x(), o.y() - d.y()))
                .min()
                .orElse(1);
    }

    private static Made span(Random random) {
        int slots = List.of(24, 36, 48, 54, 72).get(random.nextInt(5));
        int poles = List.of(2, 4, 6).get(random.nextInt(3));
        int span = Math.max(2, slots / poles - random.nextInt(3));
        int from = 1 + random.nextInt(slots);
        int to = (from - 1 + span) % slots + 1;
        return new Made(
                new Question(
                        "Stator of " + slots + " slots. One side of a coil lies in slot " + from
                                + ", the other in slot " + to + ", the short way round past slot " + slots
                                + " where it goes over it. What is its span in slots?",
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of()),
                String.valueOf(span),
                "Slots from one side to the other, the first not counted: slot 1 to slot " + (span + 1)
                        + " is a span of " + span + ".");
    }

    private static Made pattern(Random random, long seed) {
        PaintedStator.Pattern pattern =
                PaintedStator.Pattern.values()[random.nextInt(PaintedStator.Pattern.values().length)];
        boolean wye = random.nextBoolean();
        return new Made(
                new Question(
                        "Joined in " + (wye ? "wye" : "delta") + ", four poles. What does the heat say?",
                        List.of(),
                        PaintedStator.painted(pattern, wye ? Connection.WYE : Connection.DELTA, 4, List.of(), seed)
                                .groups(),
                        List.of(),
                        Arrays.stream(PaintedStator.Pattern.values())
                                .map(p -> new Debriefing.Choice(p.code(), p.label()))
                                .toList()),
                pattern.code(),
                pattern == PaintedStator.Pattern.LOST
                        ? "With a line missing two phases of a wye burn, or one phase of a delta."
                        : "Look which groups are alike: a whole phase is the supply, one place is a fault there.");
    }

    private static Made voltage(Random random) {
        double rated = VOLTAGES.get(random.nextInt(VOLTAGES.size()));
        TestVoltage right = TestVoltage.forRated(rated);
        List<Debriefing.Choice> choices = VOLTAGES.stream()
                .map(TestVoltage::forRated)
                .distinct()
                .map(v -> new Debriefing.Choice(range(v), range(v) + " V"))
                .toList();
        return new Made(
                new Question(
                        "Insulation of a winding for " + Figures.plain(rated)
                                + " V: with what direct voltage is it tested?",
                        List.of(),
                        List.of(),
                        List.of(),
                        choices),
                range(right),
                "By rated voltage, IEEE Std 43-2013, table 1. Ground it four times as long as it was on.");
    }

    private static String range(TestVoltage v) {
        return v.lowV() == v.highV()
                ? Figures.plain(v.lowV())
                : Figures.plain(v.lowV()) + " to " + Figures.plain(v.highV());
    }

    private static Made plate(Random random) {
        double kw = List.of(4.0, 7.5, 15.0, 30.0, 55.0).get(random.nextInt(5));
        int poles = List.of(2, 4, 6).get(random.nextInt(3));
        SimulatedMotor.Rating sound = new SimulatedMotor.Rating(3, 400, 1000 * kw, 50, poles, Connection.DELTA);
        List<String> fields = List.of("power", "current", "speed");
        String wrong = fields.get(random.nextInt(fields.size()));
        double power = wrong.equals("power") ? 10 * kw : kw;
        double current = wrong.equals("current") ? sound.currentA() / 3 : sound.currentA();
        double speed = wrong.equals("speed") ? 60.0 * 50 + 180 : PracticePlates.speed(sound);
        List<String> lines = List.of(
                Figures.plain(power) + " kW, " + poles + " poles",
                "400 V, 50 Hz, delta",
                Figures.significant(current, 3) + " A",
                Figures.plain(speed) + " r/min");
        List<Debriefing.Choice> choices = new ArrayList<>(
                fields.stream().map(f -> new Debriefing.Choice(f, "the " + f)).toList());
        Collections.sort(choices, (a, b) -> a.code().compareTo(b.code()));
        return new Made(
                new Question(
                        "One figure of this plate cannot be. Which?",
                        List.of(),
                        List.of(),
                        lines,
                        List.copyOf(choices)),
                wrong,
                "Power, voltage and current must agree: some " + Figures.significant(sound.currentA(), 2) + " A for "
                        + Figures.plain(kw) + " kW at 400 V; and no induction motor runs faster than its field.");
    }
}
