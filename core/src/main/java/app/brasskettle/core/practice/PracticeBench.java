package app.brasskettle.core.practice;

import app.brasskettle.core.cause.FailureRanking;
import app.brasskettle.core.jobs.JobAssessment;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * An exercise as somebody works on it: acts in their order, each with what it took and what it showed. The same acts on the same
 * seed show the same.
 */
public final class PracticeBench {

    /** What standing at it costs an hour, in the shop’s money. */
    public static final double MONEY_PER_HOUR = 48;

    private static final int REFUSED_MINUTES = 2;
    private static final int CALL_EVERY_MINUTES = 60;
    private static final double MINUTE_S = 60;
    private static final int BELIEFS = 3;

    /**
     * What happened.
     *
     * @param act what somebody did
     * @param atMinute when it began
     * @param minutes what it took
     * @param money what it cost beside the time
     * @param said what it showed, in sentences
     * @param unsafe why it was refused, and what would have happened; empty where it was done
     * @param learnt pieces of evidence it brought, in words
     * @param before what could be believed before it, likeliest first
     * @param better what the best look would have been
     */
    public record Happened(
            PracticeAct act,
            int atMinute,
            int minutes,
            int money,
            List<String> said,
            Optional<Unsafe> unsafe,
            List<String> learnt,
            List<Belief> before,
            String better) {}

    /** An act that a gate held: what it lacked, and what would have happened without the gate. */
    public record Unsafe(String because, String consequence) {}

    /** An explanation and how likely it is by what is known. */
    public record Belief(String code, String label, double probability) {}

    private final Exercise exercise;
    private final PracticeMotor motor;
    private final PracticeActs acts;
    private final List<Happened> log = new ArrayList<>();
    private int minute;
    private int money;

    private PracticeBench(Exercise exercise, long seed) {
        this.exercise = exercise;
        this.motor = new PracticeMotor(exercise, seed);
        this.acts = new PracticeActs(exercise, motor, seed, false);
    }

    /** The bench after some acts. */
    public static PracticeBench after(Exercise exercise, long seed, List<PracticeAct> acts) {
        PracticeBench bench = new PracticeBench(exercise, seed);
        acts.forEach(bench::act);
        return bench;
    }

    private double now() {
        return minute * MINUTE_S;
    }

    private void act(PracticeAct act) {
        if (!act.fits(exercise)) {
            throw new IllegalArgumentException(act.code() + " is not there in " + exercise.id());
        }
        JobAssessment before = motor.read(now(), false);
        Optional<Unsafe> unsafe = acts.unsafe(act, now());
        if (unsafe.isPresent()) {
            keep(act, REFUSED_MINUTES, 0, List.of("Held: " + unsafe.get().because()), unsafe, List.of(), before);
            return;
        }
        int began = minute;
        minute += act.minutes();
        List<String> said = new ArrayList<>(acts.done(act, began * MINUTE_S, now()));
        JobAssessment after = motor.read(now(), false);
        List<String> learnt = fresh(before, after);
        learnt.stream().filter(l -> act.kind() == PracticeAct.Kind.LOOK).forEach(l -> said.add(sentence(l)));
        if (said.isEmpty()) {
            said.add("Nothing that stands out");
        }
        minute = began;
        keep(act, act.minutes(), act.money(), said, Optional.empty(), learnt, before);
    }

    private static String sentence(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private void keep(
            PracticeAct act,
            int took,
            int cost,
            List<String> said,
            Optional<Unsafe> unsafe,
            List<String> learnt,
            JobAssessment before) {
        log.add(new Happened(
                act, minute, took, cost, List.copyOf(said), unsafe, learnt, beliefs(before.ranking()), better(before)));
        minute += took;
        money += cost;
    }

    private static List<String> fresh(JobAssessment before, JobAssessment after) {
        Set<String> known = new HashSet<>();
        before.evidence().forEach(p -> known.add(p.code()));
        before.ranking().facts().forEach(f -> known.add(f.code()));
        List<String> fresh = new ArrayList<>();
        after.evidence().stream().filter(p -> !known.contains(p.code())).forEach(p -> fresh.add(p.words()));
        after.ranking().facts().stream().filter(f -> !known.contains(f.code())).forEach(f -> fresh.add(f.sentence()));
        return List.copyOf(fresh);
    }

    private static List<Belief> beliefs(FailureRanking ranking) {
        return ranking.ranking().stream()
                .limit(BELIEFS)
                .map(r -> new Belief(r.explanation(), r.label(), r.probability()))
                .toList();
    }

    /** What the cause room would look at next, and what the bench asks for. */
    private String better(JobAssessment reading) {
        if (exercise.topic().bare() || exercise.topic() == Exercise.Topic.DECISION) {
            return "";
        }
        String next = reading.next().sentence();
        return reading.ranking().looks().stream()
                .findFirst()
                .map(l -> l.ask() + " Bench: " + next + ".")
                .orElse("Bench: " + next + ".");
    }

    /** Everything that happened, in its order. */
    public List<Happened> log() {
        return List.copyOf(log);
    }

    /** Minutes gone. */
    public int minutes() {
        return minute;
    }

    /** What it has cost: time, material, and the outage of the customer. */
    public double cost() {
        return money + minute / MINUTE_S * (MONEY_PER_HOUR + exercise.outageCostPerHour());
    }

    /** Calls of the customer so far, one each hour, in a sentence each. */
    public List<String> calls() {
        List<String> calls = new ArrayList<>();
        for (int n = 1; n * CALL_EVERY_MINUTES <= minute; n++) {
            String lost = exercise.outageCostPerHour() > 0
                    ? " We have lost " + Math.round(n * exercise.outageCostPerHour()) + " by now."
                    : "";
            calls.add(
                    "Call " + n + ", minute " + n * CALL_EVERY_MINUTES + ": what is it, and when do I get it?" + lost);
        }
        return calls;
    }

    /** What can be believed by what is known. */
    public List<Belief> beliefs() {
        return beliefs(motor.read(now(), false).ranking());
    }

    double probability(String explanation) {
        return motor.read(now(), false).ranking().ranking().stream()
                .filter(r -> r.explanation().equals(explanation))
                .mapToDouble(FailureRanking.Ranked::probability)
                .findFirst()
                .orElse(0);
    }

    /** What the advice of the figures is, for a decision. */
    List<String> advised() {
        return acts.advised();
    }
}
