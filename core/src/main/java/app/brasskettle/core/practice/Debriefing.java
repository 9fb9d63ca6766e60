package app.brasskettle.core.practice;

import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.instruments.WindersMistake;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What an exercise came to.
 *
 * @param right whether the answer is what was hidden
 * @param answer what was said, in words
 * @param truth what it was, in words
 * @param lesson what is to be learnt
 * @param minutes what it took
 * @param shortestMinutes the shortest way of a hand that knows what is hidden and keeps to the gates
 * @param shortestWay that way
 * @param cost time, material and outage
 * @param unsafe attempts that a gate held, in their order
 * @param wasted acts that brought nothing
 * @param points points out of 100, part by part, each with its reason
 * @param replay act by act
 */
public record Debriefing(
        boolean right,
        String answer,
        String truth,
        String lesson,
        int minutes,
        int shortestMinutes,
        List<String> shortestWay,
        double cost,
        List<PracticeBench.Happened> unsafe,
        List<String> wasted,
        List<Points> points,
        List<PracticeBench.Happened> replay) {

    /**
     * Points of one part.
     *
     * @param part what they are for
     * @param got how many
     * @param of of how many
     * @param because why
     */
    public record Points(String part, int got, int of, String because) {}

    /** Something that can be answered. */
    public record Choice(String code, String label) {}

    private static final int FOR_CAUSE = 40;
    private static final int FOR_SAFETY = 30;
    private static final int FOR_TIME = 20;
    private static final int FOR_LOOKS = 10;
    private static final int EACH_UNSAFE = 15;
    /** From here on what was found shows it; an answer that is right below is a guess. */
    private static final double SHOWN = 0.5;

    private static final int EACH_WASTED = 4;

    /** All points. */
    public int total() {
        return points.stream().mapToInt(Points::got).sum();
    }

    /** What can be answered in an exercise. */
    public static List<Choice> choices(Exercise exercise) {
        if (exercise.topic().bare()) {
            return Arrays.stream(WindersMistake.values())
                    .map(m -> new Choice(m.code(), m.label()))
                    .toList();
        }
        if (exercise.topic() == Exercise.Topic.DECISION) {
            return Arrays.stream(OptionKind.values())
                    .map(k -> new Choice(k.code(), k.label()))
                    .toList();
        }
        return Arrays.stream(Explanation.values())
                .map(e -> new Choice(e.code(), e.label()))
                .toList();
    }

    /**
     * Reads what was done and answered.
     *
     * @throws IllegalArgumentException for an answer that is none of {@link #choices}
     */
    public static Debriefing of(Exercise exercise, long seed, List<PracticeAct> acts, String answer) {
        PracticeBench bench = PracticeBench.after(exercise, seed, acts);
        List<String> truths = exercise.topic() == Exercise.Topic.DECISION ? bench.advised() : exercise.answers();
        boolean right = truths.contains(answer);
        ShortestWay way = ShortestWay.of(exercise, seed);
        List<PracticeBench.Happened> unsafe =
                bench.log().stream().filter(h -> h.unsafe().isPresent()).toList();
        List<String> wasted = wasted(bench.log(), exercise);
        return new Debriefing(
                right,
                label(exercise, answer),
                label(exercise, truths.get(0)),
                exercise.lesson(),
                bench.minutes(),
                way.minutes(),
                way.acts().stream().map(PracticeAct::words).toList(),
                bench.cost(),
                unsafe,
                wasted,
                List.of(
                        cause(right, exercise, truths, bench),
                        safety(unsafe),
                        time(right, bench.minutes(), way.minutes()),
                        looks(wasted)),
                bench.log());
    }

    private static String label(Exercise exercise, String code) {
        return choices(exercise).stream()
                .filter(c -> c.code().equals(code))
                .map(Choice::label)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(code + " is no answer here"));
    }

    private static Points cause(boolean right, Exercise exercise, List<String> truths, PracticeBench bench) {
        if (exercise.topic().bare() || exercise.topic() == Exercise.Topic.DECISION) {
            return new Points(
                    "Answer",
                    right ? FOR_CAUSE : 0,
                    FOR_CAUSE,
                    right ? "That is it" : "It was: " + label(exercise, truths.get(0)));
        }
        double believed = truths.stream().mapToDouble(bench::probability).sum();
        String shown = "by what you had found it was " + Math.round(100 * believed) + " % likely";
        boolean shownByFinds = believed >= SHOWN;
        int got = !right ? 0 : shownByFinds ? FOR_CAUSE : FOR_CAUSE / 2;
        String said = !right
                ? "It was: " + label(exercise, truths.get(0)) + "; "
                : shownByFinds ? "Found; " : "Right, and no more than a guess: ";
        return new Points("Cause", got, FOR_CAUSE, said + shown);
    }

    private static Points safety(List<PracticeBench.Happened> unsafe) {
        int got = Math.max(0, FOR_SAFETY - EACH_UNSAFE * unsafe.size());
        return new Points(
                "Safety",
                got,
                FOR_SAFETY,
                unsafe.isEmpty()
                        ? "No gate had to hold you"
                        : unsafe.size() + (unsafe.size() == 1 ? " attempt was" : " attempts were") + " held, "
                                + EACH_UNSAFE + " points each");
    }

    private static Points time(boolean right, int minutes, int shortest) {
        if (!right) {
            return new Points("Time", 0, FOR_TIME, "Time counts once the answer is right");
        }
        double share = Math.min(1, shortest / (double) Math.max(1, minutes));
        return new Points(
                "Time",
                (int) Math.round(FOR_TIME * share),
                FOR_TIME,
                minutes + " min; the shortest safe way that shows it takes " + shortest + " min");
    }

    private static Points looks(List<String> wasted) {
        return new Points(
                "Looks and tests",
                Math.max(0, FOR_LOOKS - EACH_WASTED * wasted.size()),
                FOR_LOOKS,
                wasted.isEmpty() ? "Each brought something" : "Brought nothing: " + String.join("; ", wasted));
    }

    /** Looks and tests that brought nothing new; what the safe order asks for is not among them. */
    private static List<String> wasted(List<PracticeBench.Happened> log, Exercise exercise) {
        if (exercise.topic().bare() || exercise.topic() == Exercise.Topic.DECISION) {
            return repeated(log);
        }
        List<String> wasted = new ArrayList<>();
        Set<PracticeAct> before = new HashSet<>();
        for (PracticeBench.Happened h : log) {
            boolean again = !before.add(h.act()) && h.unsafe().isEmpty();
            boolean nothing = h.act().kind() != PracticeAct.Kind.STEP
                    && h.act() != PracticeAct.ASK
                    && h.act() != PracticeAct.LOOK_OVER
                    && h.learnt().isEmpty();
            if (h.unsafe().isEmpty() && (again && h.act() != PracticeAct.DISCHARGE || nothing)) {
                wasted.add(h.act().words());
            }
        }
        return List.copyOf(wasted);
    }

    private static List<String> repeated(List<PracticeBench.Happened> log) {
        Set<PracticeAct> before = new HashSet<>();
        return log.stream()
                .filter(h -> !before.add(h.act()))
                .map(h -> h.act().words())
                .toList();
    }

    /** The code of an answer that is right. */
    static String rightAnswer(Exercise exercise, long seed) {
        return exercise.topic() == Exercise.Topic.DECISION
                ? PracticeBench.after(exercise, seed, List.of()).advised().get(0)
                : exercise.answers().get(0);
    }

    /** Whether an answer is one of {@link #choices}. */
    public static boolean isChoice(Exercise exercise, String answer) {
        return choices(exercise).stream().anyMatch(c -> c.code().equals(answer));
    }
}
