package app.brasskettle.core.connection;

import app.brasskettle.core.grouping.GroupRing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.hipparchus.complex.Complex;
import org.hipparchus.complex.ComplexUtils;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;

/**
 * The joints of a winding as a network: one branch per group with coils, its impedance the number of its coils.
 *
 * <p>The impedances are real, so one decomposition serves every voltage there can be: what each group's voltage drives through
 * every group, and what three lines at 120° drive. Neither depends on the span of the coils.
 */
final class ConnectionNetwork {

    private static final Complex[] FED = {
        Complex.ONE, ComplexUtils.polar2Complex(1, -2 * Math.PI / 3), ComplexUtils.polar2Complex(1, 2 * Math.PI / 3)
    };

    private final GroupRing ring;
    /** Groups with coils, from 0. */
    private final List<Integer> live = new ArrayList<>();

    private final int[] from;
    private final int[] to;
    private final int[] lineNodes = new int[3];
    private final int nodeCount;
    private final boolean tied;
    private final double[][] driven;
    private final double[][] lineDriven;
    private final Complex[] fedCurrents;

    /**
     * Solves the network.
     *
     * @param joints terminals that are joined, every end of a group in exactly one
     * @param outside what is done with the leads; its leads stand in the joints, its lines are not joined with one another
     */
    ConnectionNetwork(GroupRing ring, List<List<String>> joints, OutsideConnection outside) {
        this.ring = ring;
        Nodes nodes = new Nodes(joints);
        outside.joined().forEach(nodes::join);
        outside.lines().all().forEach(nodes::join);
        Map<String, Integer> index = new HashMap<>();
        for (int g = 0; g < ring.groups().size(); g++) {
            if (ring.coils(g) > 0) {
                live.add(g);
            }
        }
        from = new int[live.size()];
        to = new int[live.size()];
        for (int k = 0; k < live.size(); k++) {
            from[k] = number(index, nodes.of(Terminals.start(live.get(k))));
            to[k] = number(index, nodes.of(Terminals.finish(live.get(k))));
        }
        for (int line = 0; line < 3; line++) {
            lineNodes[line] =
                    number(index, nodes.of(outside.lines().all().get(line).get(0)));
        }
        nodeCount = index.size();
        int[] islands = islands();
        tied = islands[lineNodes[0]] == islands[lineNodes[1]] && islands[lineNodes[1]] == islands[lineNodes[2]];
        if (!tied) {
            driven = new double[0][0];
            lineDriven = new double[0][0];
            fedCurrents = new Complex[0];
            return;
        }
        driven = new double[live.size()][live.size()];
        lineDriven = new double[3][live.size()];
        spin(islands);
        fedCurrents = feed(islands);
    }

    private static int number(Map<String, Integer> index, String node) {
        return index.computeIfAbsent(node, n -> index.size());
    }

    /** Number of the island of each node; windings tie the nodes of one island together. */
    private int[] islands() {
        int[] island = new int[nodeCount];
        for (int n = 0; n < nodeCount; n++) {
            island[n] = n;
        }
        for (boolean changed = true; changed; ) {
            changed = false;
            for (int k = 0; k < from.length; k++) {
                int least = Math.min(island[from[k]], island[to[k]]);
                changed |= island[from[k]] != island[to[k]];
                island[from[k]] = least;
                island[to[k]] = least;
            }
        }
        return island;
    }

    /** Admittances of the nodes, those of {@code fixed} replaced by their potential. */
    private RealMatrix admittances(Set<Integer> fixed) {
        double[][] a = new double[nodeCount][nodeCount];
        for (int k = 0; k < from.length; k++) {
            double y = 1.0 / ring.coils(live.get(k));
            a[from[k]][from[k]] += y;
            a[to[k]][to[k]] += y;
            a[from[k]][to[k]] -= y;
            a[to[k]][from[k]] -= y;
        }
        for (int n : fixed) {
            a[n] = new double[nodeCount];
            a[n][n] = 1;
        }
        return new Array2DRowRealMatrix(a, false);
    }

    /** One node of each island at zero, so that floating parts have a potential too. */
    private Set<Integer> grounds(int[] islands, Set<Integer> held) {
        Set<Integer> reached = new HashSet<>();
        held.forEach(n -> reached.add(islands[n]));
        Set<Integer> grounded = new HashSet<>(held);
        for (int n = 0; n < nodeCount; n++) {
            if (reached.add(islands[n])) {
                grounded.add(n);
            }
        }
        return grounded;
    }

    /** What one volt in each group drives, nothing fed. */
    private void spin(int[] islands) {
        Set<Integer> fixed = grounds(islands, Set.of());
        double[][] b = new double[nodeCount][live.size()];
        for (int k = 0; k < live.size(); k++) {
            double y = 1.0 / ring.coils(live.get(k));
            b[from[k]][k] -= y;
            b[to[k]][k] += y;
        }
        for (int n : fixed) {
            b[n] = new double[live.size()];
        }
        RealMatrix v = new LUDecomposition(admittances(fixed)).getSolver().solve(new Array2DRowRealMatrix(b, false));
        for (int k = 0; k < live.size(); k++) {
            for (int source = 0; source < live.size(); source++) {
                double own = k == source ? 1 : 0;
                driven[k][source] =
                        (v.getEntry(from[k], source) - v.getEntry(to[k], source) + own) / ring.coils(live.get(k));
            }
        }
        for (int line = 0; line < 3; line++) {
            lineDriven[line] = v.getRow(lineNodes[line]);
        }
    }

    /** What three lines at 120° drive, no voltage in the groups. */
    private Complex[] feed(int[] islands) {
        Set<Integer> lines = Set.of(lineNodes[0], lineNodes[1], lineNodes[2]);
        double[][] b = new double[nodeCount][2];
        for (int line = 0; line < 3; line++) {
            b[lineNodes[line]][0] = FED[line].getReal();
            b[lineNodes[line]][1] = FED[line].getImaginary();
        }
        RealMatrix v = new LUDecomposition(admittances(grounds(islands, lines)))
                .getSolver()
                .solve(new Array2DRowRealMatrix(b, false));
        Complex[] currents = new Complex[live.size()];
        for (int k = 0; k < currents.length; k++) {
            currents[k] = new Complex(
                            v.getEntry(from[k], 0) - v.getEntry(to[k], 0),
                            v.getEntry(from[k], 1) - v.getEntry(to[k], 1))
                    .divide(ring.coils(live.get(k)));
        }
        return currents;
    }

    /** Tells whether windings tie the three lines together; nothing else can be asked when they do not. */
    boolean tied() {
        return tied;
    }

    /** Returns the groups with coils, from 0. */
    List<Integer> liveGroups() {
        return live;
    }

    /** Returns the currents from start to finish of the live groups, spun with {@code voltages} in them. */
    Complex[] spunCurrents(Complex[] voltages) {
        Complex[] currents = new Complex[live.size()];
        for (int k = 0; k < currents.length; k++) {
            currents[k] = sum(driven[k], voltages);
        }
        return currents;
    }

    /** Returns the voltages a to b, b to c and c to a, spun. */
    Complex[] lineVoltages(Complex[] voltages) {
        Complex a = sum(lineDriven[0], voltages);
        Complex b = sum(lineDriven[1], voltages);
        Complex c = sum(lineDriven[2], voltages);
        return new Complex[] {a.subtract(b), b.subtract(c), c.subtract(a)};
    }

    /** Returns the currents from start to finish of the live groups, fed with 1, e^(−j120°), e^(j120°) at lines a, b, c. */
    Complex[] fedCurrents() {
        return fedCurrents.clone();
    }

    private static Complex sum(double[] weights, Complex[] of) {
        double real = 0;
        double imaginary = 0;
        for (int k = 0; k < weights.length; k++) {
            real += weights[k] * of[k].getReal();
            imaginary += weights[k] * of[k].getImaginary();
        }
        return new Complex(real, imaginary);
    }
}
