package app.brasskettle.core.rewind;

import app.brasskettle.core.worksheet.Asked;
import app.brasskettle.core.worksheet.Problems;
import java.util.LinkedHashMap;
import java.util.Map;
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

    /**
     * What a sheet takes off the rack beyond what it took before, in kg by lot; below zero where something goes back.
     *
     * @param before the sheet as it stands; empty for the first time
     */
    public static Map<String, Double> offTheRack(Optional<CoilsWound> before, CoilsWound after) {
        Map<String, Double> off = new LinkedHashMap<>();
        before.ifPresent(b -> b.lot().ifPresent(l -> off.merge(l, -b.wireKg().orElse(0.0), Double::sum)));
        after.lot().ifPresent(l -> off.merge(l, after.wireKg().orElse(0.0), Double::sum));
        off.values().removeIf(kg -> kg == 0);
        return off;
    }
}
