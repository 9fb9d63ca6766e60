package app.brasskettle.core.fits;

import app.brasskettle.core.worksheet.Phrase;
import app.brasskettle.core.worksheet.Word;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** A way to bring a worn part back into its limits. */
public interface Repair extends Word {

    /** What it needs. */
    String needs();

    /** What the repair chosen needs, or what there is to choose from, as a next step. */
    static String next(Optional<? extends Repair> chosen, List<? extends Repair> open) {
        return chosen.map(r -> Phrase.capital(spoken(r)) + ": " + Phrase.lower(r.needs()))
                .orElseGet(() -> "Choose a remedy: "
                        + open.stream().map(Repair::spoken).collect(Collectors.joining(", ")) + ".");
    }

    private static String spoken(Repair repair) {
        return repair.word().replace('-', ' ');
    }
}
