package app.brasskettle.core.fits;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Phrase;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** A way to bring a worn part back into its limits. */
public interface Repair extends Coded {

    /** What it needs. */
    String needs();

    /** What the repair chosen needs, or what there is to choose from, as a next step. */
    static String next(Optional<? extends Repair> chosen, List<? extends Repair> open) {
        return chosen.map(r -> Phrase.capital(r.label()) + ": " + Phrase.lower(r.needs()))
                .orElseGet(() ->
                        "Choose a remedy: " + open.stream().map(Repair::label).collect(Collectors.joining(", ")) + ".");
    }
}
