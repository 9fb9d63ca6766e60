package app.brasskettle.core.windingtake;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * Section of a semi-closed slot, from its lip to its bottom. Anything may be missing; what is there can be.
 *
 * @param openingWidthM width of the opening at the bore
 * @param slotDepthM from below the lip to the deepest point
 * @param topWidthM width below the lip
 * @param bottomWidthM width at the bottom; of a round bottom its diameter
 * @param bottom flat or round
 */
public record SlotShape(
        Optional<Double> openingWidthM,
        Optional<Double> slotDepthM,
        Optional<Double> topWidthM,
        Optional<Double> bottomWidthM,
        Optional<SlotBottom> bottom) {

    /** Form of the bottom of a slot. */
    public enum SlotBottom implements Coded {
        FLAT,
        ROUND
    }

    /** Checks what is there. */
    public SlotShape {
        Problems problems = new Problems();
        positive("openingWidthM", openingWidthM, problems);
        positive("slotDepthM", slotDepthM, problems);
        positive("topWidthM", topWidthM, problems);
        positive("bottomWidthM", bottomWidthM, problems);
        if (problems.clear("openingWidthM", "topWidthM")
                && openingWidthM.isPresent()
                && topWidthM.filter(t -> t < openingWidthM.get()).isPresent()) {
            problems.add(
                    "openingWidthM",
                    Problem.Code.CONTRADICTION,
                    "openingWidthM is wider than the slot below it; measure the opening at the bore");
        }
        if (problems.clear("slotDepthM", "bottomWidthM")
                && bottom.filter(b -> b == SlotBottom.ROUND).isPresent()
                && slotDepthM.isPresent()
                && bottomWidthM.filter(w -> w / 2 >= slotDepthM.get()).isPresent()) {
            problems.add(
                    "bottomWidthM",
                    Problem.Code.CONTRADICTION,
                    "bottomWidthM makes a round bottom deeper than the slot; its diameter is at most twice slotDepthM");
        }
        problems.throwIfAny();
    }

    private static void positive(String field, Optional<Double> value, Problems problems) {
        value.ifPresent(v -> problems.positive(field, v, "m"));
    }

    /** Returns the area below the lip, mm²: a trapezium, and half a circle where the bottom is round. */
    public Optional<Double> areaMm2() {
        if (slotDepthM.isEmpty() || topWidthM.isEmpty() || bottomWidthM.isEmpty() || bottom.isEmpty()) {
            return Optional.empty();
        }
        double round = roundM();
        double sides = (slotDepthM.get() - round) * (topWidthM.get() + bottomWidthM.get()) / 2;
        return Optional.of(1e6 * (sides + Math.PI * round * round / 2));
    }

    /** Returns the length of insulation around the slot from lip to lip, m. */
    public Optional<Double> linerM() {
        return areaMm2().map(a -> {
            double round = roundM();
            double side = Math.hypot(slotDepthM.get() - round, (topWidthM.get() - bottomWidthM.get()) / 2);
            return 2 * side + (round > 0 ? Math.PI * round : bottomWidthM.get());
        });
    }

    private double roundM() {
        return bottom.filter(b -> b == SlotBottom.ROUND).isPresent() ? bottomWidthM.orElseThrow() / 2 : 0;
    }
}
