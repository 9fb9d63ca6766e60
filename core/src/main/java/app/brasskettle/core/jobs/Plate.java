package app.brasskettle.core.jobs;

import app.brasskettle.core.insulation.InsulationClass;
import app.brasskettle.core.insulation.WindingKind;
import app.brasskettle.core.nameplate.CodeLetter;
import app.brasskettle.core.nameplate.Nameplate;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * The nameplate of a job's motor: the rating the nameplate worksheet reads, and what later tests need to know of it.
 *
 * @param phases 1 or 3
 * @param frequencyHz supply frequency
 * @param ratedPowerW power at the shaft
 * @param ratedVoltageV line voltage
 * @param ratedCurrentA line current
 * @param ratedSpeedRpm speed at rated load
 * @param codeLetter locked-rotor letter
 * @param connection how the phases are joined
 * @param windingKind make of the winding
 * @param insulationClass thermal class
 * @param madeBefore1970 true for windings made before about 1970
 * @param hazardousArea true when the plate carries an explosion-protection marking
 * @param maker maker's name
 * @param serial serial number
 * @param enclosure degree of protection or cooling, as written
 */
public record Plate(
        int phases,
        double frequencyHz,
        double ratedPowerW,
        double ratedVoltageV,
        double ratedCurrentA,
        double ratedSpeedRpm,
        Optional<CodeLetter> codeLetter,
        Connection connection,
        WindingKind windingKind,
        InsulationClass insulationClass,
        boolean madeBefore1970,
        boolean hazardousArea,
        Optional<String> maker,
        Optional<String> serial,
        Optional<String> enclosure) {

    public Plate {
        codeLetter = Problems.orEmpty(codeLetter);
        maker = Problems.orEmpty(maker);
        serial = Problems.orEmpty(serial);
        enclosure = Problems.orEmpty(enclosure);
        Problems problems = new Problems();
        try {
            new Nameplate(phases, frequencyHz, ratedPowerW, ratedVoltageV, ratedCurrentA, ratedSpeedRpm, codeLetter);
        } catch (InvalidInputException refused) {
            refused.problems().forEach(p -> problems.add(p.field(), p.code(), p.message()));
        }
        problems.present("connection", connection);
        problems.present("windingKind", windingKind);
        problems.present("insulationClass", insulationClass);
        problems.throwIfAny();
    }

    /** The rating alone, as the nameplate worksheet takes it. */
    public Nameplate rating() {
        return new Nameplate(phases, frequencyHz, ratedPowerW, ratedVoltageV, ratedCurrentA, ratedSpeedRpm, codeLetter);
    }
}
