package app.brasskettle.core.connection;

import app.brasskettle.core.grouping.GroupRing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.complex.Complex;

/**
 * Figures of a connection, spun and fed.
 *
 * <p>A coil has its one side in slot k and its other in slot k + span, slots counted clockwise from 0 seen from the connection
 * end; a current from start to finish goes down in slot k and up in slot k + span. All coils have the same turns.
 */
final class ConnectionProof {

    private static final double NOTHING = 1e-9;

    private final GroupRing ring;
    private final ConnectionNetwork network;
    private final int spanSlots;
    private final int polePairs;
    /** e^(j·2π·k/slots) by k: thousands of waves are asked for, and a sine for each would cost more than all else. */
    private final double[] cos;

    private final double[] sin;
    private final Complex[] voltages;

    /**
     * Takes a network for a span and a number of poles.
     *
     * @param spanSlots coil pitch in slots
     * @param poles poles the connection is asked for
     */
    ConnectionProof(GroupRing ring, ConnectionNetwork network, int spanSlots, int poles) {
        this.ring = ring;
        this.network = network;
        this.spanSlots = spanSlots;
        this.polePairs = poles / 2;
        this.cos = new double[ring.slots()];
        this.sin = new double[ring.slots()];
        for (int k = 0; k < cos.length; k++) {
            cos[k] = Math.cos(2 * Math.PI * k / cos.length);
            sin[k] = Math.sin(2 * Math.PI * k / cos.length);
        }
        this.voltages = voltages();
    }

    /** Voltage of each live group from start to finish, for a field that turns clockwise. */
    private Complex[] voltages() {
        Complex[] sums = new Complex[network.liveGroups().size()];
        for (int k = 0; k < sums.length; k++) {
            int group = network.liveGroups().get(k);
            Complex sum = Complex.ZERO;
            for (int c = 0; c < ring.coils(group); c++) {
                int slot = ring.firstSlot(group) + c;
                sum = sum.add(turn(-polePairs, slot)).subtract(turn(-polePairs, slot + spanSlots));
            }
            sums[k] = sum;
        }
        return sums;
    }

    /** e^(j·pairs·2π·slot/slots). */
    private Complex turn(int pairs, int slot) {
        int step = Math.floorMod(pairs * slot, cos.length);
        return new Complex(cos[step], sin[step]);
    }

    ConnectionFigures figures() {
        if (!network.tied()) {
            return ConnectionFigures.none();
        }
        Complex[] fed = network.fedCurrents();
        double largest = largest(fed);
        double smallest = largest;
        for (Complex current : fed) {
            smallest = Math.min(smallest, current.norm());
        }
        Optional<Double> unbalance = largest > 0 ? Optional.of(100 * (largest - smallest) / largest) : Optional.empty();
        return figures(voltages, fed, unbalance, fieldPoles(slotCurrents(fed), fed));
    }

    private ConnectionFigures figures(
            Complex[] spun, Complex[] fed, Optional<Double> currentUnbalance, Optional<Integer> fieldPoles) {
        double strongest = largest(spun);
        Optional<Double> circulating = strongest > NOTHING
                ? Optional.of(100 * largest(network.spunCurrents(spun)) / strongest)
                : Optional.empty();
        Complex[] slots = slotCurrents(fed);
        double clockwise = wave(slots, polePairs);
        double back = wave(slots, -polePairs);
        double larger = Math.max(clockwise, back);
        boolean field = larger > NOTHING * sum(fed);
        double pitch = Math.abs(Math.sin(Math.PI * polePairs * spanSlots / ring.slots()));
        double most = sum(fed) * 2 * pitch;
        return new ConnectionFigures(
                Optional.of(pitch > NOTHING && most > 0 ? 100 * larger * polePairs / most : 0),
                circulating,
                voltageUnbalance(network.lineVoltages(spun), strongest),
                currentUnbalance,
                field ? Optional.of(100 * Math.min(clockwise, back) / larger) : Optional.empty(),
                fieldPoles,
                field
                        ? Optional.of(clockwise >= back ? Rotation.CLOCKWISE : Rotation.COUNTERCLOCKWISE)
                        : Optional.empty());
    }

    /**
     * Returns the groups, from 1, that one by one make an unsound connection sound when they are turned round.
     *
     * <p>Turning a group round changes the sign of its voltage and of its field, not the size of any current that is fed.
     */
    List<Integer> turnRound(double rightDistributionPercent) {
        List<Integer> found = new ArrayList<>();
        ConnectionFigures asFound = figures();
        if (!network.tied() || asFound.sound(rightDistributionPercent, 2 * polePairs)) {
            return found;
        }
        Complex[] fed = network.fedCurrents();
        for (int k = 0; k < fed.length; k++) {
            Complex[] spun = voltages.clone();
            Complex[] turned = fed.clone();
            spun[k] = spun[k].negate();
            turned[k] = turned[k].negate();
            if (figures(spun, turned, asFound.currentUnbalancePercent(), fieldPoles(slotCurrents(turned), turned))
                    .sound(rightDistributionPercent, 2 * polePairs)) {
                found.add(network.liveGroups().get(k) + 1);
            }
        }
        return found;
    }

    /** Returns the mean of the three line voltages, spun, for coils of one volt a side. */
    double lineVoltage() {
        double sum = 0;
        for (Complex v : network.lineVoltages(voltages)) {
            sum += v.norm();
        }
        return sum / 3;
    }

    private static Optional<Double> voltageUnbalance(Complex[] lines, double strongest) {
        double mean = (lines[0].norm() + lines[1].norm() + lines[2].norm()) / 3;
        if (mean <= NOTHING * strongest) {
            return Optional.empty();
        }
        double most = 0;
        for (Complex line : lines) {
            most = Math.max(most, Math.abs(line.norm() - mean));
        }
        return Optional.of(100 * most / mean);
    }

    /** Twice the pole pairs of the strongest wave either way, the fewest of equals. */
    private Optional<Integer> fieldPoles(Complex[] slots, Complex[] fed) {
        int strongest = 0;
        double most = NOTHING * sum(fed);
        for (int pairs = 1; pairs < slots.length; pairs++) {
            double wave = Math.max(wave(slots, pairs), wave(slots, -pairs));
            if (wave > most * (1 + NOTHING)) {
                strongest = pairs;
                most = wave;
            }
        }
        return strongest == 0 ? Optional.empty() : Optional.of(2 * strongest);
    }

    private Complex[] slotCurrents(Complex[] fed) {
        Complex[] slots = new Complex[ring.slots()];
        java.util.Arrays.fill(slots, Complex.ZERO);
        for (int k = 0; k < fed.length; k++) {
            int group = network.liveGroups().get(k);
            for (int c = 0; c < ring.coils(group); c++) {
                int down = (ring.firstSlot(group) + c) % slots.length;
                int up = (down + spanSlots) % slots.length;
                slots[down] = slots[down].add(fed[k]);
                slots[up] = slots[up].subtract(fed[k]);
            }
        }
        return slots;
    }

    /** Size of the wave of so many pole pairs, clockwise; counter-clockwise for a negative number. */
    private double wave(Complex[] slots, int pairs) {
        double real = 0;
        double imaginary = 0;
        int step = 0;
        int stride = Math.floorMod(pairs, slots.length);
        for (Complex slot : slots) {
            real += slot.getReal() * cos[step] - slot.getImaginary() * sin[step];
            imaginary += slot.getReal() * sin[step] + slot.getImaginary() * cos[step];
            step += stride;
            if (step >= slots.length) {
                step -= slots.length;
            }
        }
        return Math.hypot(real, imaginary) / Math.abs(pairs);
    }

    private static double largest(Complex[] of) {
        double most = 0;
        for (Complex c : of) {
            most = Math.max(most, c.norm());
        }
        return most;
    }

    /** Sum of the currents over the coils. */
    private double sum(Complex[] fed) {
        double sum = 0;
        for (int k = 0; k < fed.length; k++) {
            sum += fed[k].norm() * ring.coils(network.liveGroups().get(k));
        }
        return sum;
    }
}
