package app.brasskettle.core.design;

import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.nameplate.CoreOutput;
import app.brasskettle.core.winding.Strand;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.wire.WireGrade;
import app.brasskettle.core.wire.WireSize;
import app.brasskettle.core.wire.WireTable;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

/** Windings of motors that never were, sound by usual design: for demonstration and measurement, and said to be made up. */
public final class MadeUpWindings {

    private static final double[] KILOWATTS = {
        0.75, 1.1, 1.5, 2.2, 3, 4, 5.5, 7.5, 11, 15, 18.5, 22, 30, 37, 45, 55, 75, 90, 110, 132, 160, 200
    };
    private static final int[] POLES = {2, 4, 4, 4, 6, 8};
    private static final int[] COILS_OF_A_GROUP = {2, 3, 4, 5};
    private static final double SLOT_PITCH_M = 0.013;
    private static final int MOST_IN_HAND = 8;
    private static final double THICKEST_MM = 1.4;
    private static final double ROUNDING = 0.05;

    private MadeUpWindings() {}

    /**
     * A motor that never was.
     *
     * @param ratedPowerW its power
     * @param winding its winding
     */
    public record MadeUp(double ratedPowerW, WindingData winding) {}

    /** Makes up {@code count} of them, the same ones for the same {@code seed}. */
    public static List<MadeUp> of(int count, long seed) {
        Random random = new Random(seed);
        List<MadeUp> all = new ArrayList<>(count);
        while (all.size() < count) {
            one(random).ifPresent(all::add);
        }
        return List.copyOf(all);
    }

    private static Optional<MadeUp> one(Random random) {
        double kw = KILOWATTS[random.nextInt(KILOWATTS.length)];
        int poles = POLES[random.nextInt(POLES.length)];
        double hertz = random.nextInt(4) == 0 ? 60 : 50;
        double volts = hertz == 60
                ? List.of(460.0, 480.0, 575.0).get(random.nextInt(3))
                : List.of(400.0, 400.0, 380.0, 690.0).get(random.nextInt(4));
        double amperes =
                1000 * kw / (Math.sqrt(3) * volts * DesignRules.efficiency(kw) * DesignRules.powerFactor(kw, poles));
        double slender = 0.8 + 0.6 * random.nextDouble();
        double bore =
                round(CoreOutput.boreFor(1000 * kw, slender, hertz, poles) * (0.96 + 0.08 * random.nextDouble()), 1e3);
        double length = round(slender * Math.PI * bore / poles, 1e3);
        int slots = slots(bore, poles);
        int span = (int) Math.round(slots / poles * (slots / poles > 3 ? 0.83 : 1));
        GroupRing ring = GroupRing.of(slots, poles, Optional.empty());
        double factor = ring.distributionFactor() * GroupRing.pitchFactor(span, poles, slots);
        double flux = DesignRules.GAP_T * (0.94 + 0.12 * random.nextDouble()) * 2 * bore * length / poles;
        WindingConnection connection = kw < 4 ? WindingConnection.WYE : WindingConnection.DELTA;
        double phaseV = connection.phaseV(volts);
        double phaseA = connection.phaseA(amperes);
        double series = phaseV / (4.44 * hertz * flux * factor);
        return IntStream.rangeClosed(1, GroupRing.mostCircuits(slots, poles))
                .filter(c -> poles % c == 0)
                .boxed()
                .flatMap(c -> turns(series * 3 * c / slots).stream()
                        .flatMap(t -> wires(phaseA / c / (4.3 + 1.4 * random.nextDouble())).stream()
                                .map(w -> new WindingData(
                                        slots,
                                        poles,
                                        t,
                                        span,
                                        c,
                                        connection,
                                        w,
                                        Optional.empty(),
                                        round(2 * length + 2.3 * Math.PI * bore / slots * span * 1.2 + 0.05, 1e3),
                                        bore,
                                        length,
                                        DesignRules.STACKING,
                                        round(tooth(bore, slots, flux, poles, length), 1e4),
                                        round(flux / (2 * DesignRules.CORE_T * length * DesignRules.STACKING), 1e4),
                                        Math.ceil(fill(w, t)),
                                        volts,
                                        hertz,
                                        round(amperes, amperes < 20 ? 10 : 1)))))
                .findFirst()
                .map(w -> new MadeUp(1000 * kw, w));
    }

    /** Slots that suit a bore: the coils of a group whose slot pitch comes nearest to a usual one. */
    private static int slots(double bore, int poles) {
        int best = 0;
        double off = Double.POSITIVE_INFINITY;
        for (int coils : COILS_OF_A_GROUP) {
            int slots = 3 * poles * coils;
            double pitch = Math.abs(Math.log(Math.PI * bore / slots / SLOT_PITCH_M));
            if (slots <= 96 && pitch < off) {
                best = slots;
                off = pitch;
            }
        }
        return best;
    }

    private static Optional<Integer> turns(double exact) {
        int whole = (int) Math.round(exact);
        return whole >= 4 && whole <= 120 && Math.abs(exact / whole - 1) <= ROUNDING
                ? Optional.of(whole)
                : Optional.empty();
    }

    /** Wires of one size, as few as keep it thin enough to wind. */
    private static Optional<List<Strand>> wires(double areaMm2) {
        for (int count = 1; count <= MOST_IN_HAND; count++) {
            double each = Math.sqrt(4 * areaMm2 / count / Math.PI);
            Optional<WireSize> size = WireTable.metric().stream()
                    .filter(s -> s.bareDiameterMm() <= THICKEST_MM)
                    .filter(s -> Math.abs(s.bareDiameterMm() / each - 1) < 0.04)
                    .findFirst();
            if (size.isPresent()) {
                double bare = size.get().bareDiameterMm();
                return Optional.of(List.of(
                        new Strand(count, bare, round(WireTable.overallMm(bare, WireGrade.GRADE_2), 1e3))));
            }
        }
        return Optional.empty();
    }

    private static double tooth(double bore, int slots, double flux, int poles, double length) {
        double gap = flux * poles / (2 * bore * length);
        return gap * Math.PI * bore / (slots * DesignRules.TOOTH_T * DesignRules.STACKING);
    }

    private static double fill(List<Strand> wires, int turns) {
        double square = wires.stream()
                .mapToDouble(s -> s.count() * s.insulatedDiameterMm() * s.insulatedDiameterMm())
                .sum();
        return 2 * turns * square / DesignRules.FILL;
    }

    /** Rounds to a decimal: the tenth, the thousandth. */
    private static double round(double value, double parts) {
        return Math.round(value * parts) / parts;
    }
}
