package app.brasskettle.core.prove;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.Optional;

/**
 * One test in the table of proof.
 *
 * @param test its name, with the speed where there are two
 * @param step where it is taken
 * @param figure what is compared; empty where the test has no one figure
 * @param received what it read as received
 * @param bare what it read before varnish
 * @param now what it reads now
 * @param predicted what the winding predicts
 * @param judgement what stands of it now, its limit in the reasons
 * @param worse said where it is worse than as received
 * @param required whether the proof asks for it
 * @param simulated whether the reading of now came from a simulated instrument
 */
public record ProofRow(
        String test,
        String step,
        String figure,
        Optional<String> received,
        Optional<String> bare,
        Optional<String> now,
        Optional<String> predicted,
        Judgement judgement,
        Optional<String> worse,
        boolean required,
        boolean simulated) {

    /** The word that stands. */
    public Verdict verdict() {
        return judgement.verdict();
    }
}
