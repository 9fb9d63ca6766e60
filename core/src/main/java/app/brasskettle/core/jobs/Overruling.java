package app.brasskettle.core.jobs;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;

/**
 * A lead hand's verdict over that of the limits, in writing. It belongs to one test as taken: a repeated test is judged anew.
 *
 * @param step step of the job where the test is taken
 * @param testAt when that test was taken, seconds of the epoch
 * @param verdict the lead hand's word
 * @param by who
 * @param why the reason
 */
public record Overruling(String step, double testAt, Verdict verdict, String by, String why) {

    private static final double SAME_S = 0.001;

    static boolean sameTest(String step, double at, String otherStep, double otherAt) {
        return step.equals(otherStep) && Math.abs(at - otherAt) < SAME_S;
    }

    /** {@code own} as it stands after the last overruling of that test; both words are told. */
    static Judgement said(List<Overruling> all, String step, double at, Judgement own) {
        return all.stream()
                .filter(o -> sameTest(o.step(), o.testAt(), step, at))
                .reduce((earlier, later) -> later)
                .map(o -> new Judgement(
                        o.verdict(),
                        own.headline(),
                        own.verdict().spoken() + " by its limits; overruled by " + o.by() + ": " + o.why()
                                + (own.because().isEmpty() ? "" : ". " + own.because()),
                        own.source(),
                        own.next()))
                .orElse(own);
    }

    /**
     * The judgement a gate goes by: an overruling may shut a gate and never opens one, which has its own way of being argued.
     */
    static Judgement forGate(List<Overruling> all, String step, double at, Judgement own) {
        Judgement said = said(all, step, at, own);
        return Verdict.worst(List.of(said.verdict(), own.verdict())) == own.verdict() ? own : said;
    }
}
