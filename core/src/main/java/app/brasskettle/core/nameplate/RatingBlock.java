package app.brasskettle.core.nameplate;

import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * A further rating on the same plate: the other speed, the other voltage, the other frequency.
 *
 * @param frequencyHz supply frequency
 * @param ratedPowerW power at the shaft
 * @param ratedVoltageV line voltage
 * @param ratedCurrentA line current
 * @param ratedSpeedRpm speed at rated load
 * @param connection how the phases are joined for it
 */
public record RatingBlock(
        double frequencyHz,
        double ratedPowerW,
        double ratedVoltageV,
        double ratedCurrentA,
        double ratedSpeedRpm,
        Connection connection) {

    public RatingBlock {
        Problems problems = new Problems();
        try {
            new Nameplate(3, frequencyHz, ratedPowerW, ratedVoltageV, ratedCurrentA, ratedSpeedRpm, Optional.empty());
        } catch (InvalidInputException refused) {
            refused.problems().forEach(p -> problems.add(p.field(), p.code(), p.message()));
        }
        problems.present("connection", connection);
        problems.throwIfAny();
    }

    /** Poles of the winding at this rating. */
    public int poles() {
        return NameplateWorksheet.create().work().apply(rating(3)).poles();
    }

    Nameplate rating(int phases) {
        return new Nameplate(
                phases, frequencyHz, ratedPowerW, ratedVoltageV, ratedCurrentA, ratedSpeedRpm, Optional.empty());
    }
}
