package app.brasskettle.core.verdict;

/**
 * A verdict with everything it rests on.
 *
 * @param verdict the word
 * @param headline one sentence with the figure judged and the limit
 * @param because rule and figures behind it
 * @param source standard and clause, or the shop's rule
 * @param next what to do now
 */
public record Judgement(Verdict verdict, String headline, String because, String source, String next) {}
