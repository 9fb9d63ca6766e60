package app.brasskettle.core.testrecord;

/**
 * A lead hand's word that a test was misread, with what was wrong: the repeat then takes its place.
 *
 * @param step step of the job where the test is taken
 * @param testAt when the misread one was taken, seconds of the epoch
 * @param by who
 * @param why what was wrong
 */
public record Misread(String step, double testAt, String by, String why) {

    /** Tells whether it was written about that test. */
    public boolean about(RecordedTest test) {
        return new TestMoment(step, testAt).is(test);
    }
}
