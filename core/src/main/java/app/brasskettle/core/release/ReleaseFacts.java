package app.brasskettle.core.release;

import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.prove.ProofTable;
import app.brasskettle.core.signature.SecondLook;
import java.util.List;
import java.util.Optional;

/**
 * What the release asks of the record.
 *
 * @param chosen which way the customer chose; empty for a motor that goes back as it was tested
 * @param proof the table of proof
 * @param open what is not finished, or was read from the simulated oven
 * @param partsOff logged parts that are neither back nor left out for a reason
 * @param leftOut parts that stay out, with the reason
 * @param cameWithout what came without it, as the arrival says
 * @param people how many people sign
 * @param look who may sign as the second
 * @param relays settings for the customer's overload relay, a speed each
 * @param grease grams for each bearing, where its designation is known
 * @param warrantyMonths how long the shop stands by its work
 */
public record ReleaseFacts(
        Optional<OptionKind> chosen,
        ProofTable proof,
        List<ReleaseAssessment.Hold> open,
        int partsOff,
        List<String> leftOut,
        Optional<String> cameWithout,
        int people,
        SecondLook look,
        List<RelaySetting> relays,
        Optional<String> grease,
        double warrantyMonths) {

    boolean replaced() {
        return chosen.filter(k -> k == OptionKind.REPLACE).isPresent();
    }
}
