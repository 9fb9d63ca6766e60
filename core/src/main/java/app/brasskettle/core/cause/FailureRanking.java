package app.brasskettle.core.cause;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;

/**
 * Explanations of a failure, weighed.
 *
 * @param ranking all explanations, most probable first; probabilities sum to 1
 * @param nextLooks codes of the looks that would separate the leading explanations most per minute, best first
 * @param looks the same looks in words
 * @param facts what the coil map says
 * @param judgement whether the evidence decides
 */
public record FailureRanking(
        List<Ranked> ranking, List<String> nextLooks, List<Look> looks, List<Fact> facts, Judgement judgement) {

    /**
     * One explanation with its sum.
     *
     * @param explanation its code
     * @param label its name in running text
     * @param probability share of belief, 0 to 1
     * @param priorDecibans what it starts with, before any evidence
     * @param sumDecibans prior and evidence together
     */
    public record Ranked(
            String explanation,
            String label,
            double probability,
            double priorDecibans,
            double sumDecibans,
            List<Piece> forPieces,
            List<Piece> against) {}

    /**
     * What one piece of evidence adds.
     *
     * @param code the piece
     * @param words the piece in running text
     * @param decibans ten times the common logarithm of its likelihood ratio
     * @param reason why it weighs so
     */
    public record Piece(String code, String words, double decibans, String reason) {}

    /**
     * A look worth taking.
     *
     * @param code the piece of evidence it may bring
     * @param ask what to do
     * @param minutes how long it takes
     * @param bitsPerMinute expected drop of uncertainty for each minute spent
     * @param separates the two leading explanations it tells apart best
     */
    public record Look(String code, String ask, double minutes, double bitsPerMinute, String separates) {}

    /**
     * Says in its own word how decided a ranking is; the four verdicts are for what is measured.
     *
     * @param verdict of its judgement
     */
    public static String term(Verdict verdict) {
        return switch (verdict) {
            case HOLDS -> "Likely";
            case WATCH, STOP -> "Undecided";
            case UNPROVEN -> "Not known yet";
        };
    }

    /** A fact read from the coil map, in words, and whether somebody struck it. */
    public record Fact(String code, String sentence, boolean struck) {}
}
