package app.brasskettle.server.bench;

import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.insulation.InsulationTest;
import app.brasskettle.core.jobs.TesterProof;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.resistance.ResistanceTest;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.worksheet.InvalidInputException;
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
 * @param fit the parts of its current
 * @param resistance of a resistance test
 */
record TestLook(
        Map<String, String> shown,
        List<Problem> problems,
        Optional<Judgement> proof,
        Optional<InsulationResult> insulation,
        Optional<JobView.Fit> fit,
        Optional<ResistanceResult> resistance) {

    static TestLook of(TestKind kind, Map<String, Object> whole) {
        try {
            TypedInput.Read<? extends Record> read = TypedInput.read(kind.type(), whole);
            Record input = read.input();
            return new TestLook(
                    read.shown(),
                    List.of(),
                    input instanceof TesterProof p ? Optional.of(p.judge()) : Optional.empty(),
                    input instanceof InsulationTest t
                            ? Optional.of(WorksheetCatalogue.INSULATION.work().apply(t))
                            : Optional.empty(),
                    input instanceof InsulationTest t ? JobView.Fit.of(t) : Optional.empty(),
                    input instanceof ResistanceTest t
                            ? Optional.of(WorksheetCatalogue.RESISTANCE.work().apply(t))
                            : Optional.empty());
        } catch (InvalidInputException refused) {
            return refused(refused.problems());
        }
    }

    static TestLook refused(List<Problem> problems) {
        return new TestLook(Map.of(), problems, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }
}
