package app.brasskettle.core.redesign;

import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.worksheet.Problems;

/**
 * What the turns of a winding follow from.
 *
 * @param ratedVoltageV line voltage
 * @param frequencyHz supply frequency
 * @param connection wye or delta
 * @param parallelCircuits circuits side by side in a phase
 * @param windingFactor pitch × distribution, above 0 to 1
 */
public record WindingBasis(
        double ratedVoltageV,
        double frequencyHz,
        WindingConnection connection,
        int parallelCircuits,
        double windingFactor) {

    public WindingBasis {
        Problems problems = new Problems();
        check(ratedVoltageV, frequencyHz, connection, parallelCircuits, windingFactor, problems);
        problems.throwIfAny();
    }

    static void check(
            double ratedVoltageV,
            double frequencyHz,
            WindingConnection connection,
            int parallelCircuits,
            double windingFactor,
            Problems problems) {
        problems.positive("ratedVoltageV", ratedVoltageV, "V");
        problems.positive("frequencyHz", frequencyHz, "Hz");
        problems.present("connection", connection);
        problems.whole("parallelCircuits", parallelCircuits, 1, Integer.MAX_VALUE, "");
        problems.aboveTo("windingFactor", windingFactor, 0, 1, "");
    }

    /** Volts of a phase for one hertz, one circuit and a factor of one, to which turns are proportional. */
    double turnsMeasure() {
        double phase = connection.phaseV(ratedVoltageV);
        return phase / frequencyHz / windingFactor * parallelCircuits;
    }
}
