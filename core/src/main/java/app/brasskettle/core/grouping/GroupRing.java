package app.brasskettle.core.grouping;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * Groups of coils around the bore of a three-phase, two-layer lap winding, and the voltage each leg collects from them.
 *
 * <p>Group g (from 0) belongs to leg g mod 3, and the groups alternate in direction. Coil k lies in slot k and in slot k + span;
 * its voltage has the angle of slot k.
 */
public final class GroupRing {

    private static final double EQUAL = 1e-6;
    private static final double ANGLE_DEGREES = 1e-6;

    private final int slots;
    private final int poles;
    private final List<Integer> groups;
    private final int[] first;

    /**
     * Lays groups around a stator.
     *
     * @param slots number of slots, which the groups add up to
     * @param poles poles of the grouping, a third as many as groups
     * @param groups coils of each group, from 0
     */
    public GroupRing(int slots, int poles, List<Integer> groups) {
        this.slots = slots;
        this.poles = poles;
        this.groups = List.copyOf(groups);
        this.first = new int[groups.size()];
        for (int g = 1; g < first.length; g++) {
            first[g] = first[g - 1] + groups.get(g - 1);
        }
    }

    /** Lays the groups that were counted, or else groups as even as the slots allow. */
    public static GroupRing of(int slots, int poles, Optional<List<Integer>> counted) {
        return new GroupRing(slots, poles, counted.orElseGet(() -> even(slots, poles)));
    }

    /** Returns groups as even as the slots allow: group g has ⌊(g+1)q⌋ − ⌊gq⌋ coils, q = slots/(3·poles). */
    public static List<Integer> even(int slots, int poles) {
        int count = 3 * poles;
        List<Integer> groups = new ArrayList<>(count);
        for (int g = 0; g < count; g++) {
            groups.add((int) ((long) (g + 1) * slots / count - (long) g * slots / count));
        }
        return Collections.unmodifiableList(groups);
    }

    /** Returns the most circuits a phase can have: poles/d, where slots/(3·poles) = n/d in lowest terms. */
    public static int mostCircuits(int slots, int poles) {
        int groups = 3 * poles;
        int d = groups
                / BigInteger.valueOf(slots).gcd(BigInteger.valueOf(groups)).intValue();
        return Math.max(1, poles / d);
    }

    public int slots() {
        return slots;
    }

    public int poles() {
        return poles;
    }

    /** Returns the coils of each group. */
    public List<Integer> groups() {
        return groups;
    }

    /** Returns the coils of group {@code group}, which is counted from 0. */
    public int coils(int group) {
        return groups.get(group);
    }

    /** Returns the slot of the first coil of group {@code group}, both from 0; that of the next coil for a group without. */
    public int firstSlot(int group) {
        return first[group];
    }

    /** Tells whether the legs have equal coils and equal voltages, 120° apart in either sense. */
    public boolean balanced() {
        int coils = coilsOfLeg(0);
        if (coils == 0 || coilsOfLeg(1) != coils || coilsOfLeg(2) != coils) {
            return false;
        }
        double a = size(0);
        if (a < EQUAL || Math.abs(size(1) - a) > EQUAL * a || Math.abs(size(2) - a) > EQUAL * a) {
            return false;
        }
        double ab = turned(0, 1);
        double bc = turned(1, 2);
        return (near(ab, 120) && near(bc, 120)) || (near(ab, 240) && near(bc, 240));
    }

    /** Returns the distribution factor: length of a leg's vector sum over its number of coils. */
    public double distributionFactor() {
        return size(0) / coilsOfLeg(0);
    }

    /**
     * Returns the pitch factor of a coil: sin(90°·span/full pitch), below zero for harmonics that come out reversed.
     *
     * @param spanSlots coil pitch in slots
     * @param poles poles of the field; of a harmonic its order times as many
     * @param slots slots of the stator
     */
    public static double pitchFactor(int spanSlots, int poles, int slots) {
        return Math.sin(Math.PI / 2 * spanSlots * poles / slots);
    }

    /**
     * Returns the distribution factor of a harmonic of the field.
     *
     * @param order odd: 5, 7
     */
    public double harmonicDistribution(int order) {
        return legVoltage(0, order * poles, true).size() / coilsOfLeg(0);
    }

    /**
     * Returns the distribution factor at another number of poles, the groups connected as they collect most: alternating in
     * direction, or all one way (consequent poles).
     *
     * @param fieldPoles poles of the field, even
     * @return the factor of the first leg; 0 when it has no coils
     */
    public double bestDistribution(int fieldPoles) {
        int coils = coilsOfLeg(0);
        return coils == 0
                ? 0
                : Math.max(
                                legVoltage(0, fieldPoles, true).size(),
                                legVoltage(0, fieldPoles, false).size())
                        / coils;
    }

    /** Tells whether the third leg follows the first by 120° in the sense of rising slots, as it usually does. */
    public boolean usualSense() {
        return near(turned(0, 2), 120);
    }

    /**
     * Sums the unit vectors of a leg's coils.
     *
     * @param leg 0 to 2
     * @param fieldPoles poles of the field, even
     * @param alternating whether every second group of the ring is turned round
     */
    PhaseVector legVoltage(int leg, int fieldPoles, boolean alternating) {
        double real = 0;
        double imaginary = 0;
        for (int g = leg; g < groups.size(); g += 3) {
            double sign = alternating && g % 2 != 0 ? -1 : 1;
            for (int c = 0; c < groups.get(g); c++) {
                double angle = Math.PI * fieldPoles * (first[g] + c) / slots;
                real += sign * Math.cos(angle);
                imaginary += sign * Math.sin(angle);
            }
        }
        return new PhaseVector(real, imaginary);
    }

    private int coilsOfLeg(int leg) {
        int coils = 0;
        for (int g = leg; g < groups.size(); g += 3) {
            coils += groups.get(g);
        }
        return coils;
    }

    private double size(int leg) {
        return legVoltage(leg, poles, true).size();
    }

    private double turned(int from, int to) {
        double degrees = legVoltage(to, poles, true).degrees()
                - legVoltage(from, poles, true).degrees();
        return ((degrees % 360) + 360) % 360;
    }

    private static boolean near(double degrees, double wanted) {
        return Math.abs(degrees - wanted) <= ANGLE_DEGREES;
    }
}
