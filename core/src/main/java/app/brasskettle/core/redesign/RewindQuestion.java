package app.brasskettle.core.redesign;

import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;

/**
 * A winding that came out, what the new one is wanted for, and the wire there is.
 *
 * @param from the winding that came out
 * @param to what the new one is wanted for
 * @param stock wire sizes there are, 1 to 200, each named once
 * @param maxInHand most wires side by side in a turn, 1 to 12
 * @param tolerancePercent how far the copper of a turn may be off, either way
 */
public record RewindQuestion(
        OldWinding from, WindingBasis to, List<StockWire> stock, int maxInHand, double tolerancePercent) {

    private static final int MAX_STOCK = 200;
    private static final int MAX_IN_HAND = 12;

    /**
     * A winding that came out.
     *
     * @param ratedVoltageV see {@link WindingBasis}
     * @param frequencyHz see {@link WindingBasis}
     * @param connection see {@link WindingBasis}
     * @param parallelCircuits see {@link WindingBasis}
     * @param windingFactor see {@link WindingBasis}
     * @param turnsPerCoil turns of a coil, to 10,000
     * @param conductorAreaMm2 copper of one turn, all wires in hand
     */
    public record OldWinding(
            double ratedVoltageV,
            double frequencyHz,
            WindingConnection connection,
            int parallelCircuits,
            double windingFactor,
            int turnsPerCoil,
            double conductorAreaMm2) {

        private static final int MAX_TURNS = 10_000;

        public OldWinding {
            Problems problems = new Problems();
            WindingBasis.check(ratedVoltageV, frequencyHz, connection, parallelCircuits, windingFactor, problems);
            problems.whole("turnsPerCoil", turnsPerCoil, 1, MAX_TURNS, "turns");
            problems.positive("conductorAreaMm2", conductorAreaMm2, "mm²");
            problems.throwIfAny();
        }

        WindingBasis basis() {
            return new WindingBasis(ratedVoltageV, frequencyHz, connection, parallelCircuits, windingFactor);
        }
    }

    /**
     * A wire on the rack.
     *
     * @param name its name, one for each wire
     * @param bareDiameterMm copper, without enamel
     */
    public record StockWire(String name, double bareDiameterMm) {

        public StockWire {
            Problems problems = new Problems();
            problems.name("name", name);
            problems.positive("bareDiameterMm", bareDiameterMm, "mm");
            problems.throwIfAny();
        }

        double areaMm2() {
            return Math.PI * bareDiameterMm * bareDiameterMm / 4;
        }
    }

    public RewindQuestion {
        stock = Problems.copy(stock);
        Problems problems = new Problems();
        problems.present("from", from);
        problems.present("to", to);
        if (problems.size("stock", stock, 1, MAX_STOCK)) {
            problems.distinct(stock.stream().map(StockWire::name).toList(), i -> "stock[" + i + "].name");
        }
        problems.whole("maxInHand", maxInHand, 1, MAX_IN_HAND, "wires");
        problems.notNegative("tolerancePercent", tolerancePercent, "%");
        problems.throwIfAny();
    }
}
