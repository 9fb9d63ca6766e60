package app.brasskettle.server.cause;

import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.cause.FailureRanking;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.Word;
import java.util.Map;

/** Conclusions as they are kept: what a person says, beside what the product thought at that moment. */
public final class Conclusions {

    private Conclusions() {}

    /**
     * The record of a conclusion.
     *
     * @param ranking explanations as weighed now
     * @param explanation what is concluded
     * @param reason why; needed where the evidence leads elsewhere
     * @throws app.brasskettle.core.worksheet.InvalidInputException when the explanation is unknown or the reason missing
     */
    public static Map<String, Object> detail(FailureRanking ranking, String explanation, String reason) {
        FailureRanking.Ranked leader = ranking.ranking().get(0);
        String why = reason == null ? "" : reason.strip();
        Problems problems = new Problems();
        if (Word.parse(Explanation.class, explanation).isEmpty()) {
            problems.add("explanation", Problem.Code.WORD, "explanation must be one of the list");
        } else if (!leader.explanation().equals(explanation) && why.isEmpty()) {
            problems.add(
                    "reason",
                    Problem.Code.MISSING,
                    "The evidence leads to " + leader.spoken()
                            + ". Say why you conclude otherwise; both stay on record");
        }
        problems.throwIfAny();
        FailureRanking.Ranked own = ranking.ranking().stream()
                .filter(r -> r.explanation().equals(explanation))
                .findFirst()
                .orElseThrow();
        return Map.of(
                "explanation", own.explanation(),
                "spoken", own.spoken(),
                "reason", why,
                "probability", own.probability(),
                "leader", leader.spoken(),
                "probabilities",
                        ranking.ranking().stream()
                                .map(r -> Map.of("explanation", r.explanation(), "probability", r.probability()))
                                .toList());
    }
}
