package app.brasskettle.core.resistance;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * An open circuit that three readings show although no pair reads open.
 *
 * <p>A delta with one phase open reads R, R and 2R. One of p parallel circuits open raises its phase to p/(p − 1) of the others:
 * 2 of two circuits, 1.5 of three, 1.33 of four. Unlike turns or a poor joint fall there only by chance, so that the pattern is
 * taken for an open circuit until it is disproved (shop rule).
 */
final class OpenCircuit {

    /** How closely the two sound readings must agree, and the pattern be met. */
    private static final double ALIKE = 0.05;

    private static final double NEAR = 0.03;
    private static final int MAX_CIRCUITS = 4;

    private OpenCircuit() {}

    /** Names the open circuit in a sentence; empty where the readings show none. */
    static Optional<String> of(
            Connection connection, double ab, double bc, double ca, Optional<Map<String, Double>> phases) {
        Optional<String> delta = connection == Connection.WYE
                ? Optional.empty()
                : odd(Map.of("ab", ab, "bc", bc, "ca", ca))
                        .filter(o -> near(o.times(), 2, ALIKE))
                        .map(o -> "Phase between " + o.name().charAt(0) + " and "
                                + o.name().charAt(1) + " is open inside the delta: it reads twice the other two");
        return delta.or(() -> phases.flatMap(OpenCircuit::odd).flatMap(OpenCircuit::parallel));
    }

    private static Optional<String> parallel(Odd odd) {
        for (int circuits = 2; circuits <= MAX_CIRCUITS; circuits++) {
            if (near(odd.times(), circuits / (circuits - 1.0), NEAR)) {
                return Optional.of("One of " + circuits + " parallel circuits of phase "
                        + odd.name().toUpperCase(Locale.ROOT) + " is open, if it has so many");
            }
        }
        return Optional.empty();
    }

    private static boolean near(double value, double target, double share) {
        return Math.abs(value / target - 1) <= share;
    }

    /** The largest of three figures, and how many times the other two, where these agree. */
    private record Odd(String name, double times) {}

    private static Optional<Odd> odd(Map<String, Double> three) {
        Map.Entry<String, Double> largest =
                three.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow();
        double[] others = three.entrySet().stream()
                .filter(e -> !e.getKey().equals(largest.getKey()))
                .mapToDouble(Map.Entry::getValue)
                .toArray();
        boolean agree = Math.abs(others[0] - others[1]) <= ALIKE * Math.max(others[0], others[1]);
        return agree
                ? Optional.of(new Odd(
                        largest.getKey().toUpperCase(Locale.ROOT), 2 * largest.getValue() / (others[0] + others[1])))
                : Optional.empty();
    }
}
