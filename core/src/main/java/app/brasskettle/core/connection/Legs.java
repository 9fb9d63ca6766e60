package app.brasskettle.core.connection;

import app.brasskettle.core.grouping.GroupRing;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.complex.Complex;
import org.hipparchus.complex.ComplexUtils;

/**
 * The three legs of a winding, each in runs of groups that follow one another in series.
 *
 * <p>Leg f has the groups f, f + 3, f + 6 … of the ring. A group is entered at its start where the ring numbers it even, from 0, and
 * at its finish where odd.
 */
final class Legs {

    private static final double EQUAL = 1e-6;

    private final GroupRing ring;
    private final List<List<List<Integer>>> runs = new ArrayList<>();

    /**
     * Cuts each leg into runs of consecutive groups.
     *
     * @param count number of runs of each leg, a divisor of the poles
     */
    Legs(GroupRing ring, int count) {
        this.ring = ring;
        for (int leg = 0; leg < 3; leg++) {
            List<Integer> groups = new ArrayList<>();
            for (int g = leg; g < ring.groups().size(); g += 3) {
                groups.add(g);
            }
            runs.add(cut(groups, count));
        }
    }

    private Legs(GroupRing ring, List<List<List<Integer>>> runs) {
        this.ring = ring;
        this.runs.addAll(runs);
    }

    /**
     * Cuts each leg by the parity of its groups over the whole ring, and each half into runs: first those of the even groups.
     *
     * @param count number of runs of each half
     */
    static Legs byParity(GroupRing ring, int count) {
        List<List<List<Integer>>> legs = new ArrayList<>();
        for (int leg = 0; leg < 3; leg++) {
            List<List<Integer>> runs = new ArrayList<>();
            for (int parity = 0; parity < 2; parity++) {
                List<Integer> half = new ArrayList<>();
                for (int g = leg; g < ring.groups().size(); g += 3) {
                    if (g % 2 == parity) {
                        half.add(g);
                    }
                }
                runs.addAll(cut(half, count));
            }
            legs.add(runs);
        }
        return new Legs(ring, legs);
    }

    private static List<List<Integer>> cut(List<Integer> groups, int count) {
        int length = groups.size() / count;
        List<List<Integer>> runs = new ArrayList<>();
        for (int r = 0; r < count; r++) {
            runs.add(List.copyOf(groups.subList(r * length, (r + 1) * length)));
        }
        return runs;
    }

    /** Returns runs {@code from} to {@code to}, exclusive, of a leg. */
    List<List<Integer>> runs(int leg, int from, int to) {
        return runs.get(leg).subList(from, to);
    }

    /** Tells whether the runs of each leg have the same coils and the same voltage, so that they may lie in parallel. */
    boolean alike() {
        for (List<List<Integer>> leg : runs) {
            Complex first = voltage(leg.get(0));
            int coils = coils(leg.get(0));
            for (List<Integer> run : leg) {
                if (coils(run) != coils || voltage(run).subtract(first).norm() > EQUAL * Math.max(1, first.norm())) {
                    return false;
                }
            }
        }
        return true;
    }

    private int coils(List<Integer> run) {
        return run.stream().mapToInt(ring::coils).sum();
    }

    private Complex voltage(List<Integer> run) {
        Complex sum = Complex.ZERO;
        for (int g : run) {
            for (int c = 0; c < ring.coils(g); c++) {
                double angle = Math.PI * ring.poles() * (ring.firstSlot(g) + c) / ring.slots();
                sum = sum.add(ComplexUtils.polar2Complex(1, angle + (g % 2 == 0 ? 0 : Math.PI)));
            }
        }
        return sum;
    }
}
