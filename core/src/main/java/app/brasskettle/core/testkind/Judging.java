package app.brasskettle.core.testkind;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import java.util.Optional;

/**
 * What the shop's rules say of readings alone, before anything that became of the test.
 *
 * @param result the computed result
 * @param own the judgement that decides in this shop
 * @param other the other school's, where there is one
 */
public record Judging(Object result, Judgement own, Optional<Judgement> other) {

    /** A result with one judgement and no second school. */
    public static Judging of(Judged result) {
        return new Judging(result, result.judgement(), Optional.empty());
    }
}
