package app.brasskettle.core.prove;

import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.winding.WindingData;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the data of a winding predict of it.
 *
 * @param terminalOhmAt25C resistance between two terminals at 25 °C, by the speed as the plate counts them
 */
public record Predicted(Map<Integer, Double> terminalOhmAt25C) {

    public Predicted {
        terminalOhmAt25C = Map.copyOf(terminalOhmAt25C);
    }

    /** A winding nobody knows the data of. */
    public static Predicted nothing() {
        return new Predicted(Map.of());
    }

    /**
     * Predicts a winding at each of its speeds.
     *
     * @param data its data, counted as it is connected at one of them
     * @param ohm terminal resistance of that connection
     * @param diagram every way its leads are connected, where that is known
     * @param polesBySpeed poles of the first and second speed, as the plate has them
     */
    public static Predicted of(
            WindingData data, double ohm, Optional<ConnectionDiagram> diagram, List<Integer> polesBySpeed) {
        Map<Integer, Double> by = new HashMap<>();
        for (int i = 0; i < polesBySpeed.size(); i++) {
            int poles = polesBySpeed.get(i);
            Optional<Double> own = polesBySpeed.size() == 1
                    ? Optional.of(ohm)
                    : diagram.flatMap(d -> d.forPoles(poles, data.connection()))
                            .map(c -> ohm
                                    * factor(c.connection(), c.parallelCircuits())
                                    / factor(data.connection(), data.parallelCircuits()));
            int speed = i + 1;
            own.ifPresent(o -> by.put(speed, o));
        }
        return new Predicted(by);
    }

    /** Terminal resistance of equal coils against that of one circuit in one phase: circuits in series and side by side alike. */
    private static double factor(WindingConnection connection, int circuits) {
        return (connection == WindingConnection.WYE ? 2 : 2.0 / 3) / ((double) circuits * circuits);
    }
}
