package app.brasskettle.core.balance;

import app.brasskettle.core.worksheet.Problems;
import java.util.List;

/**
 * Inductances of the three phases at several shaft positions.
 *
 * @param positions one set for each position
 */
public record BalanceReadings(List<Position> positions) {

    /**
     * One shaft position.
     *
     * @param angleDegrees where the shaft stands
     * @param inductanceMh inductance of each phase
     */
    public record Position(double angleDegrees, Phases inductanceMh) {

        public Position {
            Problems problems = new Problems();
            problems.number("angleDegrees", angleDegrees, "°");
            problems.present("inductanceMh", inductanceMh);
            problems.throwIfAny();
        }
    }

    /** Inductance of phases A, B and C, in mH. */
    public record Phases(double a, double b, double c) {

        public Phases {
            Problems problems = new Problems();
            problems.positive("a", a, "mH");
            problems.positive("b", b, "mH");
            problems.positive("c", c, "mH");
            problems.throwIfAny();
        }

        double[] all() {
            return new double[] {a, b, c};
        }
    }

    private static final int MOST = 10_000;

    public BalanceReadings {
        positions = Problems.copy(positions);
        Problems problems = new Problems();
        problems.size("positions", positions, 1, MOST);
        problems.throwIfAny();
    }
}
