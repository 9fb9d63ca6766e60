package app.brasskettle.core.resistance;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** Phase resistances solved from terminal resistances. */
final class PhaseOhms {

    private static final double RELATIVE = 1e-9;

    private PhaseOhms() {}

    static Optional<Map<String, Double>> solve(Connection connection, double ab, double bc, double ca) {
        return switch (connection) {
            case WYE -> wye(ab, bc, ca);
            case DELTA -> delta(ab, bc, ca);
            case UNKNOWN -> Optional.empty();
        };
    }

    private static Optional<Map<String, Double>> wye(double ab, double bc, double ca) {
        return closed(
                Math.max(ab, Math.max(bc, ca)),
                new String[] {"a", "b", "c"},
                (ab + ca - bc) / 2,
                (ab + bc - ca) / 2,
                (bc + ca - ab) / 2);
    }

    private static Optional<Map<String, Double>> delta(double ab, double bc, double ca) {
        double half = (ab + bc + ca) / 2;
        for (double reading : new double[] {ab, bc, ca}) {
            if (half - reading <= RELATIVE * reading) {
                return Optional.empty();
            }
        }
        return closed(
                Math.max(ab, Math.max(bc, ca)),
                new String[] {"ab", "bc", "ca"},
                ab - half + bc * ca / (half - ab),
                bc - half + ca * ab / (half - bc),
                ca - half + ab * bc / (half - ca));
    }

    private static Optional<Map<String, Double>> closed(double largest, String[] names, double... ohms) {
        Map<String, Double> phases = new LinkedHashMap<>();
        for (int i = 0; i < names.length; i++) {
            if (ohms[i] <= RELATIVE * largest) {
                return Optional.empty();
            }
            phases.put(names[i], ohms[i]);
        }
        return Optional.of(phases);
    }
}
