package app.brasskettle.core.testrecord;

import app.brasskettle.core.verdict.Verdict;

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

    /** Tells whether it was written about the test taken at {@code otherStep} at {@code at}. */
    public boolean about(String otherStep, double at) {
        return new TestMoment(step, testAt).is(otherStep, at);
    }
}
