package app.brasskettle.core.connection;

import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.grouping.GroupingCheck;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * What a connection diagram is wanted for: a three-phase, two-layer lap winding.
 *
 * @param slots number of slots, a multiple of three; for two speeds of 3·poles
 * @param poles poles; for two speeds the smaller number, those of the high speed
 * @param spanSlots coil pitch in slots
 * @param parallelCircuits circuits of the series connection
 * @param scheme leads and what is made of them
 * @param connection wye or delta, where it is made inside
 * @param groupPattern coils of each group, where they are the shop's own
 */
public record DiagramQuestion(
        int slots,
        int poles,
        int spanSlots,
        int parallelCircuits,
        ConnectionScheme scheme,
        Optional<WindingConnection> connection,
        Optional<List<Integer>> groupPattern) {

    private static final int MAX_TWO_SPEED_POLES = 60;
    private static final double LEAST_PITCH_FACTOR = 0.3;

    public DiagramQuestion {
        connection = Problems.orEmpty(connection);
        groupPattern = Problems.orEmpty(groupPattern).map(Problems::copy);
        Problems problems = new Problems();
        boolean ring = GroupingCheck.check(slots, poles, spanSlots, groupPattern, problems);
        if (ring) {
            GroupingCheck.circuits(slots, poles, parallelCircuits, problems);
        } else {
            problems.whole("parallelCircuits", parallelCircuits, 1, Integer.MAX_VALUE, "");
        }
        if (problems.present("scheme", scheme)) {
            connectionInside(scheme, connection, problems);
            if (ring && scheme.twoSpeed()) {
                twoSpeeds(slots, poles, spanSlots, parallelCircuits, groupPattern, problems);
            }
            if (ring && scheme.runsPerCircuit() > 1 && problems.clear("parallelCircuits")) {
                twiceAsMany(slots, poles, parallelCircuits, scheme, problems);
            }
        }
        if (problems.clear("slots", "poles", "spanSlots", "parallelCircuits", "groupPattern", "scheme")) {
            balance(GroupRing.of(slots, poles, groupPattern), scheme, parallelCircuits, groupPattern, problems);
        }
        problems.throwIfAny();
    }

    private static void connectionInside(
            ConnectionScheme scheme, Optional<WindingConnection> connection, Problems problems) {
        if (scheme.connectedInside() && connection.isEmpty()) {
            problems.add(
                    "connection",
                    Problem.Code.MISSING,
                    "connection is missing; " + scheme.label() + " is wye or delta inside");
        }
        if (!scheme.connectedInside() && connection.isPresent()) {
            problems.add(
                    "connection",
                    Problem.Code.CONTRADICTION,
                    "connection is " + connection.get().label() + "; with " + scheme.label()
                            + " it is made outside, or follows from the scheme");
        }
    }

    private static void twiceAsMany(
            int slots, int poles, int parallelCircuits, ConnectionScheme scheme, Problems problems) {
        int most = GroupRing.mostCircuits(slots, poles);
        if (most % (2 * parallelCircuits) != 0) {
            problems.add(
                    "parallelCircuits",
                    Problem.Code.CONTRADICTION,
                    "parallelCircuits is " + parallelCircuits + "; " + scheme.label() + " has " + 2 * parallelCircuits
                            + " circuits at the low voltage, and " + slots + " slots on " + poles
                            + " poles allow divisors of " + most);
        }
    }

    private static void twoSpeeds(
            int slots,
            int poles,
            int spanSlots,
            int parallelCircuits,
            Optional<List<Integer>> groupPattern,
            Problems problems) {
        if (slots % (3 * poles) != 0) {
            problems.add(
                    "slots",
                    Problem.Code.CONTRADICTION,
                    "slots is " + slots + "; two speeds need groups alike, a multiple of " + 3 * poles + " slots");
        }
        if (poles > MAX_TWO_SPEED_POLES) {
            problems.add(
                    "poles",
                    Problem.Code.RANGE,
                    "poles is " + poles + "; two speeds have at most " + MAX_TWO_SPEED_POLES + " at the high one");
        }
        if (groupPattern.isPresent()) {
            problems.add(
                    "groupPattern",
                    Problem.Code.CONTRADICTION,
                    "groupPattern is given; two speeds need groups alike and take none");
        }
        if (problems.clear("parallelCircuits") && poles / 2 % parallelCircuits != 0) {
            problems.add(
                    "parallelCircuits",
                    Problem.Code.CONTRADICTION,
                    "parallelCircuits is " + parallelCircuits + "; for two speeds it must divide " + poles / 2);
        }
        if (problems.clear("spanSlots")) {
            for (int speed = 1; speed <= 2; speed++) {
                double factor = Math.abs(GroupRing.pitchFactor(spanSlots, speed * poles, slots));
                if (factor < LEAST_PITCH_FACTOR) {
                    problems.add(
                            "spanSlots",
                            Problem.Code.CONTRADICTION,
                            "spanSlots is " + spanSlots + "; its pitch factor at " + speed * poles + " poles is "
                                    + Math.round(1000 * factor) / 1000.0 + ", and under " + LEAST_PITCH_FACTOR
                                    + " it makes no motor");
                    break;
                }
            }
        }
    }

    private static void balance(
            GroupRing ring,
            ConnectionScheme scheme,
            int parallelCircuits,
            Optional<List<Integer>> groupPattern,
            Problems problems) {
        if (!ring.balanced()) {
            String field = groupPattern.isPresent() ? "groupPattern" : "slots";
            problems.add(
                    field,
                    Problem.Code.CONTRADICTION,
                    field + " gives phases that are not equal and 120° apart: " + ring.slots() + " slots on "
                            + ring.poles() + " poles in groups of " + ring.groups());
            return;
        }
        if (!scheme.twoSpeed() && !new Legs(ring, parallelCircuits * scheme.runsPerCircuit()).alike()) {
            problems.add(
                    "parallelCircuits",
                    Problem.Code.CONTRADICTION,
                    "parallelCircuits is " + parallelCircuits
                            + "; in this grouping the circuits would have unlike voltages");
        }
    }
}
