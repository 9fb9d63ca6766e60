package app.brasskettle.core.verdict;

import java.util.List;
import java.util.Optional;

/**
 * A verdict with everything it rests on.
 *
 * @param verdict the word
 * @param headline one sentence with the figure judged and the limit
 * @param because rule and figures behind it
 * @param source standard and clause, or the shop's rule
 * @param next what to do now
 */
public record Judgement(Verdict verdict, String headline, String because, String source, String next) {

    /** The first of those with the worst verdict; empty when there are none. */
    public static Optional<Judgement> worst(List<Judgement> all) {
        Verdict worst = Verdict.worst(all.stream().map(Judgement::verdict).toList());
        return all.stream().filter(j -> j.verdict() == worst).findFirst();
    }
}
