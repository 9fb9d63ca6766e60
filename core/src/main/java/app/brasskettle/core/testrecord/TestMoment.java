package app.brasskettle.core.testrecord;

/**
 * A test as later words point at it: where it is taken, and when it was.
 *
 * @param step step of the job
 * @param at seconds of the epoch
 */
record TestMoment(String step, double at) {

    private static final double SAME_S = 0.001;

    boolean is(RecordedTest test) {
        return is(test.step(), test.at());
    }

    boolean is(String otherStep, double otherAt) {
        return step.equals(otherStep) && Math.abs(at - otherAt) < SAME_S;
    }
}
