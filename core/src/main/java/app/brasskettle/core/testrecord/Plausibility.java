package app.brasskettle.core.testrecord;

import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.RatingBlock;
import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.resistance.ResistanceResult;
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

    /** Finds what no such motor can read; empty where the figures may be true. */
    static Optional<Caveat> of(RecordedTest test, Object result, Optional<Plate> plate) {
        if (result instanceof ResistanceResult r) {
            return r.meanOhm().flatMap(mean -> plate.flatMap(p -> resistance(mean, p, test.speed())));
        }
        if (result instanceof InsulationResult r) {
            return r.polarizationIndex()
                    .filter(i -> i < 1)
                    .map(i -> new Caveat(
                            Caveat.Kind.RESISTANCE_FALLS,
                            "Resistance falls while the voltage stands (polarization index " + Figures.significant(i, 2)
                                    + "): something heats or tracks, or a lead slips",
                            CHECK));
        }
        return Optional.empty();
    }

    private static Optional<Caveat> resistance(double mean, Plate plate, int speed) {
        Optional<RatingBlock> second = plate.secondSpeed().filter(b -> speed == 2);
        Optional<Double> voltage = second.map(RatingBlock::ratedVoltageV).or(plate::ratedVoltageV);
        Optional<Double> current = second.map(RatingBlock::ratedCurrentA).or(plate::ratedCurrentA);
        return voltage.flatMap(u -> current.map(i -> u / (Math.sqrt(3) * i)))
                .filter(z -> mean < LOW_SHARE * z || mean > HIGH_SHARE * z)
                .map(z -> caveat("No motor of this plate reads " + Figures.show(mean, Dimension.RESISTANCE)
                        + ": between "
                        + Figures.show(LOW_SHARE * z, Dimension.RESISTANCE) + " and "
                        + Figures.show(HIGH_SHARE * z, Dimension.RESISTANCE) + " can be (0.2 to 80 % of U/(√3·I))"));
    }

    private static Caveat caveat(String sentence) {
        return new Caveat(Caveat.Kind.IMPLAUSIBLE, sentence, CHECK);
    }
}
