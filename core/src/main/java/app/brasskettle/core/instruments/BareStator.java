package app.brasskettle.core.instruments;

import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.turningfield.FieldReading;
import app.brasskettle.core.winding.WindingData;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.hipparchus.complex.Complex;
import org.hipparchus.complex.ComplexField;
import org.hipparchus.linear.Array2DRowFieldMatrix;
import org.hipparchus.linear.ArrayFieldVector;
import org.hipparchus.linear.FieldLUDecomposition;

/**
 * A bare stator with a new winding, as wound: a model of what low voltage on three lines makes of it.
 *
 * <p>Every coil has resistance, leakage and a field in the open bore; groups are coupled by the waves of their fields. What is not
 * modelled: the iron's own loss, unlike wire, turns counted wrong, supply that is not even. A stand-in for practice and for counting
 * what the proof finds; no reading of it says anything about a real stator.
 *
 * @param ring groups of coils
 * @param spanSlots span of the design
 * @param diagram joints of the design
 * @param connection which of its connections is fed
 * @param mistake what the winder did wrong; empty for a sound winding
 * @param seed which group, joint or phase it is, and the noise of the instruments
 */
public record BareStator(
        GroupRing ring,
        int spanSlots,
        ConnectionDiagram diagram,
        ConnectionDiagram.Connection connection,
        Optional<WindersMistake> mistake,
        long seed) {

    /** Impedances of a coil against the part of its field that crosses the bore. */
    private static final double RESISTANCE = 0.5;

    private static final double LEAKAGE = 1.0;
    private static final double FIELD = 1.0;
    /** Admittance that keeps what hangs in the air at some potential. */
    private static final double STRAY = 1e-9;

    private static final double METER_NOISE = 0.005;
    private static final double PULL_NOISE = 0.05;
    private static final double WARM_NOISE_K = 0.5;
    private static final double USUAL_RISE_K = 8;
    private static final double MODEL_SPREAD = 0.04;
    private static final int PLACES = 4;

    /** A coil or several of one group, with the nodes at its ends. */
    private record Branch(int group, List<Integer> slots, int from, int to) {}

    /** The stator of a winding in one of its connections. */
    public static BareStator of(
            WindingData data,
            ConnectionDiagram diagram,
            ConnectionDiagram.Connection connection,
            Optional<WindersMistake> mistake,
            long seed) {
        GroupRing ring = GroupRing.of(data.slots(), data.poles(), data.groupPattern());
        return new BareStator(ring, data.spanSlots(), diagram, connection, mistake, seed);
    }

    /** What low voltage shows of it, against the sound winding of the same design. */
    public FieldReading read(double appliedV, double soundA) {
        Random noise = new Random(seed * 31 + 7);
        Solved sound = new BareStator(ring, spanSlots, diagram, connection, Optional.empty(), seed).solve();
        Solved here = solve();
        double spread = 1 + MODEL_SPREAD * (2 * noise.nextDouble() - 1);
        List<Double> lines = new ArrayList<>();
        double scale = soundA / sound.meanLine();
        for (Complex line : here.lines()) {
            lines.add(scale * spread * line.norm() * (1 + METER_NOISE * noise.nextGaussian()));
        }
        List<FieldReading.Place> places = new ArrayList<>();
        double all = 0;
        for (int k = 0; k < ring.slots(); k++) {
            all += sound.pull(2 * Math.PI * k / ring.slots(), polePairs(), spanSlots);
        }
        double right = all / ring.slots();
        for (int k = 0; k < PLACES; k++) {
            double pull = here.pull(2 * Math.PI * k / PLACES, polePairs(), spanNow()) / right;
            places.add(new FieldReading.Place(turned(pull + PULL_NOISE * noise.nextGaussian())));
        }
        List<Double> rises = new ArrayList<>();
        double usual = sound.meanCoilLoss();
        for (int g = 0; g < ring.groups().size(); g++) {
            rises.add(USUAL_RISE_K * here.hottest(g) / usual + WARM_NOISE_K * noise.nextGaussian());
        }
        return new FieldReading(
                appliedV,
                lines,
                Optional.of(soundA),
                places,
                Optional.of(rises),
                Optional.of(List.of(spanNow(), spanNow(), spanNow())),
                Optional.of(spanSlots));
    }

    private static FieldReading.Turned turned(double pull) {
        if (pull >= 0.5) {
            return FieldReading.Turned.AS_THE_LINES;
        }
        if (pull >= 0.15) {
            return FieldReading.Turned.WEAKLY;
        }
        return pull > -0.15 ? FieldReading.Turned.NOT_AT_ALL : FieldReading.Turned.BACKWARD;
    }

    private int polePairs() {
        return connection.poles() / 2;
    }

    private int spanNow() {
        return spanSlots + (is(WindersMistake.SPAN_OFF_BY_ONE) ? 1 : 0);
    }

    private boolean is(WindersMistake what) {
        return mistake.filter(m -> m == what).isPresent();
    }

    private Solved solve() {
        WoundJoints joints = WoundJoints.of(ring, diagram, connection, mistake, new Random(seed));
        List<Branch> branches = new ArrayList<>();
        int nodes = joints.nodes();
        for (int g = 0; g < ring.groups().size(); g++) {
            List<Integer> slots = new ArrayList<>();
            for (int c = 0; c < ring.coils(g); c++) {
                slots.add(ring.firstSlot(g) + c);
            }
            if (is(WindersMistake.COIL_SHORTED) && g == joints.group() && slots.size() > 1) {
                branches.add(new Branch(g, List.of(slots.remove(0)), nodes, nodes));
                nodes++;
            }
            if (!slots.isEmpty()) {
                branches.add(new Branch(g, slots, joints.from(g), joints.to(g)));
            }
        }
        return currents(branches, nodes, joints.lineNodes());
    }

    /** Potentials of three lines are given; every other node sums its currents to nothing. */
    private Solved currents(List<Branch> branches, int nodes, int[] lineNodes) {
        int n = branches.size() + nodes;
        Complex[][] m = new Complex[n][n];
        Complex[] right = new Complex[n];
        for (int i = 0; i < n; i++) {
            right[i] = Complex.ZERO;
            for (int j = 0; j < n; j++) {
                m[i][j] = Complex.ZERO;
            }
        }
        for (int i = 0; i < branches.size(); i++) {
            Branch b = branches.get(i);
            for (int j = 0; j < branches.size(); j++) {
                m[i][j] = new Complex(
                        0, FIELD * coupling(b.slots(), branches.get(j).slots()));
            }
            m[i][i] = m[i][i].add(
                    new Complex(RESISTANCE, LEAKAGE).multiply(b.slots().size()));
            m[i][branches.size() + b.from()] = m[i][branches.size() + b.from()].subtract(Complex.ONE);
            m[i][branches.size() + b.to()] = m[i][branches.size() + b.to()].add(Complex.ONE);
        }
        for (int k = 0; k < nodes; k++) {
            int row = branches.size() + k;
            m[row][row] = new Complex(STRAY, 0);
            for (int i = 0; i < branches.size(); i++) {
                Branch b = branches.get(i);
                if (b.from() != b.to()) {
                    m[row][i] = b.from() == k ? Complex.ONE : b.to() == k ? Complex.ONE.negate() : Complex.ZERO;
                }
            }
        }
        for (int line = 0; line < lineNodes.length; line++) {
            int row = branches.size() + lineNodes[line];
            for (int j = 0; j < n; j++) {
                m[row][j] = Complex.ZERO;
            }
            m[row][row] = Complex.ONE;
            double angle = -2 * Math.PI * line / 3;
            right[row] = new Complex(Math.cos(angle), Math.sin(angle));
        }
        Complex[] solved = new FieldLUDecomposition<>(new Array2DRowFieldMatrix<>(ComplexField.getInstance(), m, false))
                .getSolver()
                .solve(new ArrayFieldVector<>(right, false))
                .toArray();
        return new Solved(branches, List.of(solved).subList(0, branches.size()), lineNodes, ring.slots());
    }

    /** How the fields of two groups cross in the bore: the product of their waves, each by the square of its pole pairs. */
    private double coupling(List<Integer> one, List<Integer> other) {
        double sum = 0;
        for (int pairs = 1; pairs <= ring.slots() / 2; pairs++) {
            Complex a = wave(one, pairs);
            Complex b = wave(other, pairs);
            sum += (a.getReal() * b.getReal() + a.getImaginary() * b.getImaginary()) / ((double) pairs * pairs);
        }
        return sum;
    }

    private Complex wave(List<Integer> slots, int pairs) {
        double real = 0;
        double imaginary = 0;
        for (int slot : slots) {
            for (int side = 0; side < 2; side++) {
                double angle = 2 * Math.PI * pairs * (slot + side * spanNow()) / ring.slots();
                double sign = side == 0 ? 1 : -1;
                real += sign * Math.cos(angle);
                imaginary += sign * Math.sin(angle);
            }
        }
        return new Complex(real, imaginary);
    }

    /** Currents of the branches, and what they make. */
    private record Solved(List<Branch> branches, List<Complex> currents, int[] lineNodes, int slots) {

        Complex[] lines() {
            Complex[] lines = new Complex[lineNodes.length];
            for (int line = 0; line < lines.length; line++) {
                Complex sum = Complex.ZERO;
                for (int i = 0; i < branches.size(); i++) {
                    Branch b = branches.get(i);
                    if (b.from() != b.to()) {
                        sum = b.from() == lineNodes[line] ? sum.add(currents.get(i)) : sum;
                        sum = b.to() == lineNodes[line] ? sum.subtract(currents.get(i)) : sum;
                    }
                }
                lines[line] = sum;
            }
            return lines;
        }

        double meanLine() {
            double sum = 0;
            for (Complex line : lines()) {
                sum += line.norm();
            }
            return sum / lineNodes.length;
        }

        double meanCoilLoss() {
            double sum = 0;
            for (Complex current : currents) {
                sum += current.norm() * current.norm();
            }
            return sum / currents.size();
        }

        /** The hottest coil of a group, its loss alone. */
        double hottest(int group) {
            double most = 0;
            for (int i = 0; i < branches.size(); i++) {
                if (branches.get(i).group() == group) {
                    double current = currents.get(i).norm();
                    most = Math.max(most, current * current);
                }
            }
            return most;
        }

        /**
         * Pull on a dummy rotor at an angle of the bore: how fast and strongly the field passes there, clockwise above zero. It feels no
         * wave much shorter than itself.
         */
        double pull(double angle, int polePairs, int span) {
            Complex field = Complex.ZERO;
            Complex slope = Complex.ZERO;
            for (int pairs = 1; pairs <= 3 * polePairs; pairs++) {
                for (int way = -1; way <= 1; way += 2) {
                    Complex wave = Complex.ZERO;
                    for (int i = 0; i < branches.size(); i++) {
                        for (int slot : branches.get(i).slots()) {
                            wave = wave.add(currents.get(i)
                                    .multiply(turn(way * pairs, slot).subtract(turn(way * pairs, slot + span))));
                        }
                    }
                    double feels = Math.exp(-Math.pow(pairs / (2.0 * polePairs), 2));
                    Complex term = wave.multiply(new Complex(0, -way * feels / pairs))
                            .multiply(new Complex(Math.cos(pairs * angle), -way * Math.sin(pairs * angle)));
                    field = field.add(term);
                    slope = slope.add(term.multiply(new Complex(0, -way * pairs)));
                }
            }
            return -field.conjugate().multiply(slope).getImaginary();
        }

        private Complex turn(int pairs, int slot) {
            double a = 2 * Math.PI * pairs * slot / slots;
            return new Complex(Math.cos(a), Math.sin(a));
        }
    }
}
