package app.brasskettle.core.pricing;

import java.util.List;
import java.util.Optional;

/**
 * What the record of a job says to its price.
 *
 * @param ratedPowerW rated power
 * @param poles number of poles, read or 4 where nobody could
 * @param shaftHeightMm by its frame
 * @param efficiencyPercent by plate
 * @param copperKg copper of its winding, by the winding data
 * @param bearings designations by plate
 * @param bearingsAtFault whether findings or tests speak against its bearings
 * @param wornSeats seats found outside their limits
 * @param rush whether it is a rush job
 */
public record PricingFacts(
        double ratedPowerW,
        int poles,
        Optional<Double> shaftHeightMm,
        Optional<Double> efficiencyPercent,
        Optional<Double> copperKg,
        List<String> bearings,
        boolean bearingsAtFault,
        int wornSeats,
        boolean rush) {

    public PricingFacts {
        bearings = List.copyOf(bearings);
    }

    /** Facts of a motor of which only its rating is known. */
    public static PricingFacts rating(double ratedPowerW, int poles) {
        return new PricingFacts(
                ratedPowerW, poles, Optional.empty(), Optional.empty(), Optional.empty(), List.of(), false, 0, false);
    }
}
