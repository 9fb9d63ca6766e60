package app.brasskettle.core.jobs;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;

/**
 * A test read by an instrument whose calibration had run out: whatever it said, it proves nothing.
 *
 * @param step step of the job where the test is taken
 * @param testAt when it was taken, seconds of the epoch
 * @param instrument the instrument, as people call it
 * @param since when its calibration ran out, as a date
 */
public record Overdue(String step, double testAt, String instrument, String since) {

    /** {@code own} as far as the instrument can be believed. */
    static Judgement believed(List<Overdue> all, String step, double at, Judgement own) {
        return all.stream()
                .filter(o -> Overruling.sameTest(o.step(), o.testAt(), step, at))
                .findFirst()
                .map(o -> new Judgement(
                        Verdict.UNPROVEN,
                        "Calibration of " + o.instrument() + " ran out " + o.since() + "; it read " + own.headline(),
                        own.because(),
                        own.source(),
                        "Read it again with a calibrated instrument."))
                .orElse(own);
    }
}
