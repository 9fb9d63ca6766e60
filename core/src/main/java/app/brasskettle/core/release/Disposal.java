package app.brasskettle.core.release;

import app.brasskettle.core.worksheet.Asked;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * What happens to a motor that is replaced.
 *
 * @param fate where it goes
 * @param agreedWith who of the customer agreed
 * @param sparesKept parts kept from it
 */
public record Disposal(
        @Asked("what happens to it") Fate fate,
        @Asked("agreed with") String agreedWith,
        @Asked("spares kept") Optional<String> sparesKept) {

    /** Where an old motor goes. */
    public enum Fate implements Coded {
        BACK_TO_CUSTOMER,
        SCRAPPED_HERE,
        KEPT_FOR_PARTS
    }

    public Disposal {
        sparesKept = Problems.orEmpty(sparesKept).filter(s -> !s.isBlank());
        Problems problems = new Problems();
        problems.present("fate", fate);
        problems.name("agreedWith", agreedWith);
        problems.throwIfAny();
    }

    /** What happens, in a sentence. */
    public String told() {
        return "Old motor: " + fate.label().toLowerCase(java.util.Locale.ROOT) + ", agreed with " + agreedWith
                + sparesKept.map(s -> "; kept: " + s).orElse("");
    }
}
