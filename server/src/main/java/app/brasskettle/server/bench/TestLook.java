package app.brasskettle.server.bench;

import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.insulation.InsulationTest;
import app.brasskettle.core.jobs.TesterProof;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.resistance.ResistanceTest;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.jobs.JobView;
import app.brasskettle.server.jobs.TestKind;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the core says to readings while they are being typed.
 *
 * @param shown by field, the figure in words
 * @param problems what is wrong
 * @param proof of the tester
 * @param insulation of an insulation test
 * @param deciding its judgement by the school this shop follows
 * @param other its judgement by the other
 * @param fit the parts of its current
 * @param resistance of a resistance test
 * @param output of a further test, as its worksheet answers
 */
record TestLook(
        Map<String, String> shown,
        List<Problem> problems,
        Optional<Judgement> proof,
        Optional<InsulationResult> insulation,
        Optional<Judgement> deciding,
        Optional<Judgement> other,
        Optional<JobView.Fit> fit,
        Optional<ResistanceResult> resistance,
        Optional<Object> output) {

    static TestLook of(TestKind kind, Map<String, Object> whole, ShopRules rules) {
        TypedInput.Attempt<? extends Record> attempt = TypedInput.attempt(kind.type(), whole);
        Optional<? extends Record> input = attempt.input();
        Optional<InsulationResult> insulation = as(input, InsulationTest.class).map(rules::insulation);
        return new TestLook(
                attempt.shown(),
                attempt.problems(),
                as(input, TesterProof.class).map(TesterProof::judge),
                insulation,
                insulation.map(rules::deciding),
                insulation.map(rules::other),
                as(input, InsulationTest.class).flatMap(JobView.Fit::of),
                as(input, ResistanceTest.class).map(rules::resistance),
                input.filter(i -> kind.bySheet()).map(i -> kind.judge(i, rules)));
    }

    private static <T extends Record> Optional<T> as(Optional<? extends Record> input, Class<T> type) {
        return input.filter(type::isInstance).map(type::cast);
    }

    static TestLook refused(List<Problem> problems) {
        return new TestLook(
                Map.of(),
                problems,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }
}
