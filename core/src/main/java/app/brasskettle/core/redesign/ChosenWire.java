package app.brasskettle.core.redesign;

import app.brasskettle.core.winding.Strand;
import app.brasskettle.core.worksheet.Problems;

/**
 * Wire of one size that a new winding is made of.
 *
 * @param name size as the rack calls it
 * @param count wires in hand of this size
 * @param bareDiameterMm copper
 * @param insulatedDiameterMm with enamel
 */
public record ChosenWire(String name, int count, double bareDiameterMm, double insulatedDiameterMm) {

    public ChosenWire {
        Problems problems = new Problems();
        problems.name("name", name);
        problems.whole("count", count, 1, RedesignSheet.MAX_IN_HAND, "wires");
        problems.throwIfAny();
        new Strand(count, bareDiameterMm, insulatedDiameterMm);
    }

    Strand strand() {
        return new Strand(count, bareDiameterMm, insulatedDiameterMm);
    }
}
