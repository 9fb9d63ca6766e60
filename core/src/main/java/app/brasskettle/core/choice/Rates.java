package app.brasskettle.core.choice;

import app.brasskettle.core.worksheet.Problems;

/**
 * A shop's rates, in its own money.
 *
 * @param hour an hour of a technician's work
 * @param copperPerKg winding wire by the kilogram
 * @param energyPricePerKwh what customers usually pay for energy
 * @param discountRatePercent what money costs a year
 */
public record Rates(double hour, double copperPerKg, double energyPricePerKwh, double discountRatePercent) {

    private static final double DEAREST = 1e6;

    public Rates {
        Problems problems = new Problems();
        problems.aboveTo("hour", hour, 0, DEAREST, "");
        problems.aboveTo("copperPerKg", copperPerKg, 0, DEAREST, "");
        problems.aboveTo("energyPricePerKwh", energyPricePerKwh, 0, DEAREST, "");
        problems.aboveTo("discountRatePercent", discountRatePercent, 0, 100, "%");
        problems.throwIfAny();
    }

    /** The rates a shop starts with. */
    public static Rates usual() {
        return new Rates(62, 14.5, 0.16, 6);
    }
}
