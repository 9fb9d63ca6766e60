package app.brasskettle.server.bench;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.charts.InsulationCurve;
import app.brasskettle.core.charts.TestLines;
import app.brasskettle.core.insulation.InsulationReadings;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.MotorTimeline;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.testrecord.RecordedTest;
import app.brasskettle.core.testrecord.TestJudge;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.jobview.JobView;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the core says to readings while they are being typed.
 *
 * @param shown by field, the figure in words
 * @param problems what is wrong
 * @param judgement the shop's judgement of the readings, with what casts doubt on it already
 * @param other the other school's, where there is one
 * @param proof of the tester
 * @param insulation of an insulation test
 * @param fit the parts of its current
 * @param curve what its chart draws
 * @param resistance of a resistance test
 * @param output of a further test, as its worksheet answers
 * @param lines what the chart of a further test draws
 * @param gapsMm gaps of an air-gap test, for its ring
 */
record TestPreview(
        Map<String, String> shown,
        List<Problem> problems,
        Optional<Judgement> judgement,
        Optional<Judgement> other,
        Optional<Judgement> proof,
        Optional<InsulationResult> insulation,
        Optional<JobView.Fit> fit,
        Optional<InsulationCurve> curve,
        Optional<ResistanceResult> resistance,
        Optional<Object> output,
        Optional<TestLines> lines,
        List<Double> gapsMm) {

    /** The look at readings as they would stand if they were recorded now. */
    static TestPreview of(
            TestKind kind, int speed, Map<String, Object> whole, Optional<Double> appliedV, JobRecord job, double now) {
        TypedInput.Attempt<? extends Record> attempt = TypedInput.attempt(kind.inputType(), whole);
        Optional<? extends Record> input = attempt.input();
        Optional<JudgedTest> judged = input.map(i -> judged(kind, speed, i, appliedV, job, now));
        Optional<InsulationResult> insulation = judged.flatMap(t -> t.result(InsulationResult.class));
        return new TestPreview(
                attempt.shown(),
                attempt.problems(),
                judged.map(JudgedTest::effective),
                judged.flatMap(JudgedTest::other),
                judged.filter(t -> kind == WindingTests.TESTER_PROOF).map(JudgedTest::own),
                insulation,
                as(input, InsulationReadings.class).flatMap(t -> JobView.Fit.of(t, appliedV)),
                as(input, InsulationReadings.class)
                        .flatMap(t -> insulation.map(r -> InsulationCurve.of(t, r, appliedV))),
                judged.flatMap(t -> t.result(ResistanceResult.class)),
                judged.filter(t -> kind.bySheet()).map(JudgedTest::result),
                judged.flatMap(t -> TestLines.of(t.test().input(), t.result())),
                input.map(TestLines::gapsMm).orElse(List.of()));
    }

    private static JudgedTest judged(
            TestKind kind, int speed, Record input, Optional<Double> appliedV, JobRecord job, double now) {
        RecordedTest test = new RecordedTest(
                kind,
                speed,
                input,
                Optional.empty(),
                now,
                "",
                appliedV,
                Optional.empty(),
                Origin.HERE,
                "",
                Optional.empty());
        List<RecordedTest> all = new ArrayList<>(job.timeline().tests());
        all.add(test);
        return TestJudge.judge(
                        job.rules(),
                        job.plate(),
                        new MotorTimeline(
                                all,
                                job.timeline().works(),
                                job.timeline().overrulings(),
                                job.timeline().misreads(),
                                job.timeline().wet()),
                        job.demonstration())
                .all()
                .stream()
                .filter(t -> t.test() == test)
                .findFirst()
                .orElseThrow();
    }

    private static <T extends Record> Optional<T> as(Optional<? extends Record> input, Class<T> type) {
        return input.filter(type::isInstance).map(type::cast);
    }

    static TestPreview refused(List<Problem> problems) {
        return new TestPreview(
                Map.of(),
                problems,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of());
    }
}
