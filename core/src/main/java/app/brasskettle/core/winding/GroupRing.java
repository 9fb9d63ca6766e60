package app.brasskettle.core.winding;

import java.util.ArrayList;
import java.util.List;

/**
 * Groups of coils around the bore and the voltage each phase collects from them.
 *
 * <p>Group g (from 0) belongs to phase g mod 3 and alternates in direction. Coil vectors are unit vectors a slot pitch
 * apart in electrical angle.
 */
final class GroupRing {

    private static final double EQUAL = 1e-6;
    private static final double ANGLE_DEGREES = 1e-6;

    private final List<Integer> groups;
    private final int[] coils = new int[3];
    private final double[] real = new double[3];
    private final double[] imaginary = new double[3];

    GroupRing(int slots, int poles, List<Integer> groups) {
        this.groups = List.copyOf(groups);
        int slot = 0;
        for (int g = 0; g < groups.size(); g++) {
            int phase = g % 3;
            double sign = g % 2 == 0 ? 1 : -1;
            for (int c = 0; c < groups.get(g); c++, slot++) {
                double angle = Math.PI * poles * slot / slots;
                real[phase] += sign * Math.cos(angle);
                imaginary[phase] += sign * Math.sin(angle);
                coils[phase]++;
            }
        }
    }

    /** As even as the slots allow: group g has ⌊(g+1)q⌋ − ⌊gq⌋ coils, q = slots/(3·poles). */
    static List<Integer> even(int slots, int poles) {
        int count = 3 * poles;
        List<Integer> groups = new ArrayList<>(count);
        for (int g = 0; g < count; g++) {
            groups.add((int) ((long) (g + 1) * slots / count - (long) g * slots / count));
        }
        return groups;
    }

    List<Integer> groups() {
        return groups;
    }

    /** Equal coils, equal voltage vectors, 120° apart in either sense. */
    boolean balanced() {
        if (coils[0] == 0 || coils[0] != coils[1] || coils[1] != coils[2]) {
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

    /** Distribution factor: length of the phase's vector sum over its number of coils. */
    double distributionFactor() {
        return size(0) / coils[0];
    }

    private double size(int phase) {
        return Math.hypot(real[phase], imaginary[phase]);
    }

    private double turned(int from, int to) {
        double degrees = Math.toDegrees(Math.atan2(imaginary[to], real[to]) - Math.atan2(imaginary[from], real[from]));
        return ((degrees % 360) + 360) % 360;
    }

    private static boolean near(double degrees, double wanted) {
        return Math.abs(degrees - wanted) <= ANGLE_DEGREES;
    }
}
