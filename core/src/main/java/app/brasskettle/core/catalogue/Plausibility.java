package app.brasskettle.core.catalogue;

import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.RatingBlock;
import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.surge.SurgeOutcome;
import app.brasskettle.core.testkind.Doubt;
import java.util.Optional;

/** Readings that no such motor gives: leads, units or instrument are wrong before the motor is. */
final class Plausibility {

    /**
     * Bounds of a terminal resistance as a share of U/(√3·I). Stators of 0.1 kW to 1 MW lie between 0.5 and 35 % (series data of
     * IEC 60034-1 motors); the bounds leave as much again either way (shop rule).
     */
    private static final double LOW_SHARE = 0.002;

    private static final double HIGH_SHARE = 0.8;
    private static final String CHECK = "Check leads, units and instrument, then measure again.";

    private Plausibility() {}

    static Optional<Doubt> insulation(InsulationResult r, Optional<Plate> plate, int speed) {
        return r.polarizationIndex()
                .filter(i -> i < 1)
                .map(i -> new Doubt(
                        true,
                        "Resistance falls while the voltage stands (polarization index " + Figures.significant(i, 2)
                                + "): something heats or tracks, or a lead slips",
                        CHECK));
    }

    /** Three leads that agree to the last sample are one trace sent three times. */
    static Optional<Doubt> surge(SurgeOutcome r, Optional<Plate> plate, int speed) {
        boolean one = r.pairs().size() > 1 && r.pairs().values().stream().allMatch(p -> p.differencePercent() == 0);
        return one
                ? Optional.of(new Doubt(
                        false,
                        "All three traces are the same to the last sample: one trace stands for three leads",
                        "Surge each lead, and send each its own trace."))
                : Optional.empty();
    }

    static Optional<Doubt> resistance(ResistanceResult r, Optional<Plate> plate, int speed) {
        return r.meanOhm().flatMap(mean -> plate.flatMap(p -> resistance(mean, p, speed)));
    }

    private static Optional<Doubt> resistance(double mean, Plate plate, int speed) {
        Optional<RatingBlock> second = plate.secondSpeed().filter(b -> speed == 2);
        Optional<Double> voltage = second.map(RatingBlock::ratedVoltageV).or(plate::ratedVoltageV);
        Optional<Double> current = second.map(RatingBlock::ratedCurrentA).or(plate::ratedCurrentA);
        return voltage.flatMap(u -> current.map(i -> u / (Math.sqrt(3) * i)))
                .filter(z -> mean < LOW_SHARE * z || mean > HIGH_SHARE * z)
                .map(z -> new Doubt(
                        false,
                        "No motor of this plate reads " + Figures.show(mean, Dimension.RESISTANCE)
                                + ": between "
                                + Figures.show(LOW_SHARE * z, Dimension.RESISTANCE) + " and "
                                + Figures.show(HIGH_SHARE * z, Dimension.RESISTANCE)
                                + " can be (0.2 to 80 % of U/(√3·I))",
                        CHECK));
    }
}
