package app.brasskettle.core.rewind;

import app.brasskettle.core.worksheet.Asked;
import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * Coils on their way from the reel to the stator.
 *
 * @param coils how many are wound
 * @param wireKg wire taken from the rack
 * @param lot mark of the reel's lot
 */
public record CoilsWound(
        @Asked("coils wound so far") int coils,
        @Asked("wire off the rack") Optional<Double> wireKg,
        @Asked("lot of the reel") Optional<String> lot) {

    private static final int MOST_COILS = 720;
    private static final double MOST_KG = 10_000;

    public CoilsWound {
        wireKg = Problems.orEmpty(wireKg);
        lot = Problems.orEmpty(lot).filter(s -> !s.isBlank());
        Problems problems = new Problems();
        problems.whole("coils", coils, 0, MOST_COILS, "coils");
        wireKg.ifPresent(k -> problems.aboveTo("wireKg", k, 0, MOST_KG, "kg"));
        problems.throwIfAny();
    }
}
