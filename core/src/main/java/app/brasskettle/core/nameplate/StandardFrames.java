package app.brasskettle.core.nameplate;

import app.brasskettle.core.worksheet.ShippedTable;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** Powers that a standard assigns to shaft heights (EN 50347, read from {@code frames.csv}), and the steps they come in. */
final class StandardFrames {

    /** Preferred powers in watts (IEC 60072-1). */
    private static final double[] STEPS_W = {
        60, 90, 120, 180, 250, 370, 550, 750, 1100, 1500, 2200, 3000, 4000, 5500, 7500, 11_000, 15_000, 18_500, 22_000,
        30_000, 37_000, 45_000, 55_000, 75_000, 90_000, 110_000, 132_000, 160_000, 200_000, 250_000, 315_000, 400_000
    };

    private static final double WITHIN_MM = 1;
    private static final List<Frame> FRAMES = read();

    private StandardFrames() {}

    private record Frame(double heightMm, int poles, double powerW) {}

    /**
     * Powers made in frames of this height, a step wider at both ends since makers stretch them; empty for a height that no
     * standard frame has.
     */
    static Optional<Band> powerOf(double heightMm, OptionalInt poles) {
        List<Frame> fit = FRAMES.stream()
                .filter(f -> Math.abs(f.heightMm() - heightMm) <= WITHIN_MM)
                .filter(f -> poles.isEmpty() || f.poles() == poles.getAsInt())
                .toList();
        if (fit.isEmpty()) {
            return Optional.empty();
        }
        double low = fit.stream().mapToDouble(Frame::powerW).min().orElseThrow();
        double high = fit.stream().mapToDouble(Frame::powerW).max().orElseThrow();
        return Optional.of(new Band(step(low, -1), step(high, 1)));
    }

    /** Whether a motor of that shaft height is built to the standard. */
    static boolean has(double heightMm) {
        return FRAMES.stream().anyMatch(f -> Math.abs(f.heightMm() - heightMm) <= WITHIN_MM);
    }

    /** The preferred power nearest by ratio to the middle of {@code band}; the middle itself when none lies inside. */
    static double preferred(Band band) {
        double best = band.middle();
        double off = Double.POSITIVE_INFINITY;
        for (double step : STEPS_W) {
            double away = Math.abs(Math.log(step / band.middle()));
            if (band.holds(step) && away < off) {
                best = step;
                off = away;
            }
        }
        return best;
    }

    private static double step(double powerW, int by) {
        for (int i = 0; i < STEPS_W.length; i++) {
            if (STEPS_W[i] >= powerW) {
                return STEPS_W[Math.max(0, Math.min(STEPS_W.length - 1, i + by))];
            }
        }
        return powerW;
    }

    private static List<Frame> read() {
        return ShippedTable.rows(StandardFrames.class, "frames.csv").stream()
                .map(row -> new Frame(
                        Double.parseDouble(row.get("heightMm")),
                        Integer.parseInt(row.get("poles")),
                        1000 * Double.parseDouble(row.get("ratedPowerKw"))))
                .toList();
    }
}
