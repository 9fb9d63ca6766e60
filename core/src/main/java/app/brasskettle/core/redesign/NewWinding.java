package app.brasskettle.core.redesign;

import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.winding.Strand;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.winding.WindingResult;
import java.util.List;

/**
 * The winding that came out with what the new one is wanted for put in place: turns, and everything that follows from them
 * but the wire.
 *
 * @param old the winding that came out
 * @param pitchFactorOld its pitch factor
 * @param wanted voltage, frequency, connection, circuits and span of the new one, its turns not yet
 * @param pitchFactorNew the pitch factor of the new span
 */
record NewWinding(WindingData old, double pitchFactorOld, WindingData wanted, double pitchFactorNew) {

    /**
     * Puts what is wanted in place of what there was.
     *
     * @throws app.brasskettle.core.worksheet.InvalidInputException when no such winding can be
     */
    static NewWinding of(WindingData old, WindingResult result, RedesignSheet sheet) {
        int span = sheet.spanSlots().orElse(old.spanSlots());
        int circuits = sheet.parallelCircuits().orElse(old.parallelCircuits());
        WindingConnection connection = sheet.connection().orElse(old.connection());
        WindingData wanted = new WindingData(
                old.slots(),
                old.poles(),
                old.turnsPerCoil(),
                span,
                circuits,
                connection,
                old.strands(),
                old.groupPattern(),
                meanTurn(old, span),
                old.boreDiameterM(),
                old.coreLengthM(),
                old.stackingFactor(),
                old.toothWidthM(),
                old.backIronDepthM(),
                old.slotAreaMm2(),
                sheet.ratedVoltageV().orElse(old.ratedVoltageV()),
                sheet.frequencyHz().orElse(old.frequencyHz()),
                old.ratedCurrentA());
        double pitch = GroupRing.pitchFactor(span, old.poles(), old.slots());
        return new NewWinding(old, result.pitchFactor(), wanted, pitch);
    }

    /** The part of a turn outside the iron grows with the span: an estimate, until a coil of the new span is made. */
    private static double meanTurn(WindingData old, int span) {
        double outside = Math.max(0, old.meanTurnLengthM() - 2 * old.coreLengthM());
        return old.meanTurnLengthM() + outside * ((double) span / old.spanSlots() - 1);
    }

    /** The grouping stays, so the distribution factor of both is the same and leaves the ratio. */
    WholeTurns turns() {
        WindingBasis from = basis(old, pitchFactorOld);
        WindingBasis to = basis(wanted, pitchFactorNew);
        return WholeTurns.of(old.turnsPerCoil() * to.turnsMeasure() / from.turnsMeasure());
    }

    private static WindingBasis basis(WindingData d, double factor) {
        return new WindingBasis(d.ratedVoltageV(), d.frequencyHz(), d.connection(), d.parallelCircuits(), factor);
    }

    /** Returns the line current that gives the torque of before: turns × winding factor × current of a circuit kept. */
    double currentA(int turns) {
        double phase = DesignedWinding.phaseCurrent(old)
                * (old.turnsPerCoil() * pitchFactorOld * wanted.parallelCircuits())
                / (turns * pitchFactorNew * old.parallelCircuits());
        return wanted.connection().lineA(phase);
    }

    /** Returns the winding with its turns and its wire. */
    WindingData with(int turns, List<Strand> strands) {
        return new WindingData(
                wanted.slots(),
                wanted.poles(),
                turns,
                wanted.spanSlots(),
                wanted.parallelCircuits(),
                wanted.connection(),
                strands,
                wanted.groupPattern(),
                wanted.meanTurnLengthM(),
                wanted.boreDiameterM(),
                wanted.coreLengthM(),
                wanted.stackingFactor(),
                wanted.toothWidthM(),
                wanted.backIronDepthM(),
                wanted.slotAreaMm2(),
                wanted.ratedVoltageV(),
                wanted.frequencyHz(),
                currentA(turns));
    }
}
