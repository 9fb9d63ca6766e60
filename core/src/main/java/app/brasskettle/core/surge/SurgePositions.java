package app.brasskettle.core.surge;

import app.brasskettle.core.surge.SurgeOutcome.Finding;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Surge with the rotor in, at several positions of the shaft (IEEE Std 522, rotor coupling; shop rule): the same lead alone over the limit
 * at each of four positions over a pole pitch is the winding, however small; an oddness that moves over four positions is the rotor; fewer
 * or closer positions decide nothing.
 */
public final class SurgePositions {

    private static final int ENOUGH = 4;
    private static final double TURN_DEGREES = 360;
    private static final double APART_DEGREES = 10;
    /** Four positions a quarter of a pole pitch apart span three quarters of it; a mark read by eye is within a twentieth. */
    private static final double SPAN_OF_PITCH = 0.7;
    /** Positions closer than this share of a pole pitch show the same side of the rotor. */
    private static final double SAME_OF_PITCH = 0.1;

    private SurgePositions() {}

    /**
     * A set of traces at one position.
     *
     * @param angleDegrees where the shaft stood; empty where nobody noted it
     * @param outcome what the traces say alone
     * @param set the traces
     */
    public record Position(Optional<Double> angleDegrees, SurgeOutcome outcome, SurgeSet set) {

        double angle() {
            return angleDegrees.orElseThrow();
        }

        boolean over() {
            return Limit.over(outcome.timesLimit(), 1);
        }
    }

    /**
     * Decides what the newest set says beside those taken before at other positions.
     *
     * @param positions sets of one winding in one state with the rotor in, newest last; never empty
     * @param poles poles of the winding; two where nobody knows, which asks for the widest spread
     * @param limits in percent
     */
    public static SurgeOutcome decide(List<Position> positions, int poles, SurgeLimits limits) {
        SurgeOutcome newest = positions.get(positions.size() - 1).outcome();
        boolean far = positions.stream().anyMatch(p -> p.outcome().unsettled());
        double pitch = TURN_DEGREES / poles;
        List<Position> apart = apart(positions, pitch);
        boolean over = far || apart.stream().anyMatch(Position::over);
        if (!over || apart.size() < 2 && (newest.unsettled() || !far)) {
            return newest;
        }
        boolean sameLead = apart.stream()
                .allMatch(p ->
                        p.over() && p.outcome().odd() == apart.get(0).outcome().odd());
        boolean enough = apart.size() >= ENOUGH && spread(apart) >= SPAN_OF_PITCH * pitch;
        if (!enough) {
            return far || sameLead ? waiting(newest, apart.size(), pitch) : atMostWatch(newest);
        }
        if (sameLead) {
            return sidesOfRotor(apart, pitch) >= ENOUGH
                    ? winding(newest, apart.size())
                    : waiting(newest, apart.size(), pitch);
        }
        return swapped(apart, limits) ? leadsSwapped(newest) : rotor(newest, apart.size());
    }

    private static SurgeOutcome winding(SurgeOutcome newest, int positions) {
        return newest.found(
                Finding.TURN_SHORT,
                new Judgement(
                        Verdict.STOP,
                        newest.suspect().orElse("One lead stands apart") + " at " + positions
                                + " positions of the shaft",
                        "An oddness that stays with the lead is the winding, not the rotor",
                        newest.judgement().source(),
                        "No power. Pull the rotor and find the shorted turns."));
    }

    private static SurgeOutcome rotor(SurgeOutcome newest, int positions) {
        return newest.found(
                Finding.DIFFERENT,
                new Judgement(
                        Verdict.WATCH,
                        "The odd trace moves at " + positions + " positions of the shaft: an uneven rotor",
                        newest.judgement().headline(),
                        newest.judgement().source(),
                        "Prove the rotor: bars, rings, air gap."));
    }

    private static SurgeOutcome leadsSwapped(SurgeOutcome newest) {
        return newest.found(
                Finding.UNSETTLED,
                new Judgement(
                        Verdict.UNPROVEN,
                        "Two positions show the same three traces with leads changed over",
                        "Leads that were connected otherwise look like an uneven rotor",
                        newest.judgement().source(),
                        "Trace the lead marks, then surge again at four positions, or with the rotor out."));
    }

    private static SurgeOutcome waiting(SurgeOutcome newest, int positions, double pitch) {
        return newest.found(
                Finding.UNSETTLED,
                new Judgement(
                        Verdict.UNPROVEN,
                        "Over the limit with the rotor in, and " + positions
                                + (positions == 1 ? " position is" : " positions are")
                                + " known; this one: " + newest.judgement().headline(),
                        "An uneven rotor can do it, and so can shorted turns: four positions over a pole pitch ("
                                + Math.round(pitch) + "°) tell them apart",
                        newest.judgement().source(),
                        "Surge at four positions " + Math.round(pitch / ENOUGH)
                                + "° apart, the angle noted, or with the rotor out."));
    }

    /** A position that reads good beside one that was over the limit is no better than the worse one. */
    private static SurgeOutcome atMostWatch(SurgeOutcome newest) {
        return newest.judgement().verdict() == Verdict.HOLDS
                ? newest.found(
                        Finding.ROTOR_OR_WINDING,
                        new Judgement(
                                Verdict.WATCH,
                                "Another position of the shaft was over the limit; this one: "
                                        + newest.judgement().headline(),
                                "The best position proves no winding",
                                newest.judgement().source(),
                                "Surge at four positions over a pole pitch, or with the rotor out."))
                : newest;
    }

    /** The newest set of each position that is known and apart from the others. */
    private static List<Position> apart(List<Position> positions, double pitch) {
        double least = Math.min(APART_DEGREES, SAME_OF_PITCH * pitch);
        List<Position> apart = new ArrayList<>();
        for (int i = positions.size() - 1; i >= 0; i--) {
            Position p = positions.get(i);
            if (p.angleDegrees().isPresent()
                    && apart.stream().noneMatch(a -> distance(a.angle(), p.angle(), TURN_DEGREES) < least)) {
                apart.add(p);
            }
        }
        return apart;
    }

    /** The turn less its largest gap without a position. */
    private static double spread(List<Position> positions) {
        double[] angles = angles(positions, TURN_DEGREES);
        double gap = TURN_DEGREES - angles[angles.length - 1] + angles[0];
        for (int i = 1; i < angles.length; i++) {
            gap = Math.max(gap, angles[i] - angles[i - 1]);
        }
        return TURN_DEGREES - gap;
    }

    /** How many sides of the rotor a phase saw: a pole pitch on, it sees the first one again. */
    private static int sidesOfRotor(List<Position> positions, double pitch) {
        List<Double> sides = new ArrayList<>();
        for (double angle : angles(positions, pitch)) {
            if (sides.stream().noneMatch(s -> distance(s, angle, pitch) < SAME_OF_PITCH * pitch)) {
                sides.add(angle);
            }
        }
        return sides.size();
    }

    private static double[] angles(List<Position> positions, double period) {
        return positions.stream()
                .mapToDouble(p -> ((p.angle() % period) + period) % period)
                .sorted()
                .toArray();
    }

    private static double distance(double a, double b, double period) {
        double d = Math.abs(a - b) % period;
        return Math.min(d, period - d);
    }

    /** Whether two positions whose odd leads differ show the same traces, joined to other leads. */
    private static boolean swapped(List<Position> apart, SurgeLimits limits) {
        List<Position> odd = apart.stream().filter(Position::over).toList();
        return odd.stream()
                .anyMatch(a -> odd.stream()
                        .filter(b -> b.outcome().odd() != a.outcome().odd())
                        .anyMatch(b -> alikeOtherwise(a.set(), b.set(), limits)));
    }

    private static boolean alikeOtherwise(SurgeSet a, SurgeSet b, SurgeLimits limits) {
        return b.leadsChangedOver().anyMatch(other -> {
            List<SurgeResult> each = List.copyOf(a.against(other, limits).values());
            return !each.isEmpty() && each.stream().allMatch(r -> r.verdict() == Verdict.HOLDS);
        });
    }
}
