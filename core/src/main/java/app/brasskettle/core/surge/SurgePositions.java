package app.brasskettle.core.surge;

import app.brasskettle.core.surge.SurgeOutcome.Finding;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;

/**
 * Surge with the rotor in, at several positions of the shaft: the same phase odd at every position is the winding, an oddness that
 * moves is the rotor (IEEE Std 522, rotor coupling; shop rule).
 */
public final class SurgePositions {

    private static final double APART_DEGREES = 10;
    private static final double TURN_DEGREES = 360;

    private SurgePositions() {}

    /**
     * A set of traces at one position.
     *
     * @param angleDegrees where the shaft stood; empty where nobody noted it
     * @param outcome what the traces say alone
     */
    public record Position(Optional<Double> angleDegrees, SurgeOutcome outcome) {}

    /**
     * Decides what the newest set says beside those taken before at other positions.
     *
     * @param positions sets of one winding in one state with the rotor in, newest last; never empty
     */
    public static SurgeOutcome decide(List<Position> positions) {
        SurgeOutcome newest = positions.get(positions.size() - 1).outcome();
        boolean far = positions.stream().anyMatch(p -> p.outcome().unsettled());
        List<Position> apart = apart(positions);
        if (!far) {
            return newest;
        }
        if (apart.size() < 2) {
            return newest.unsettled() ? newest : newest.found(Finding.UNSETTLED, waiting(newest.judgement()));
        }
        boolean sameEverywhere = apart.stream()
                .allMatch(p -> p.outcome().timesLimit() > 1
                        && p.outcome().odd() == apart.get(0).outcome().odd());
        String positionsRead = " at " + apart.size() + " positions of the shaft";
        Judgement own = newest.judgement();
        return sameEverywhere
                ? newest.found(
                        Finding.TURN_SHORT,
                        new Judgement(
                                Verdict.STOP,
                                newest.suspect().orElse("One lead stands apart") + positionsRead,
                                "An oddness that stays with the lead is the winding, not the rotor",
                                own.source(),
                                "No power. Pull the rotor and find the shorted turns."))
                : newest.found(
                        Finding.DIFFERENT,
                        new Judgement(
                                Verdict.WATCH,
                                "The odd trace moves" + positionsRead + ": an uneven rotor",
                                own.headline(),
                                own.source(),
                                "Prove the rotor: bars, rings, air gap."));
    }

    private static Judgement waiting(Judgement own) {
        return new Judgement(
                Verdict.UNPROVEN,
                "An earlier position was far over the limit; this one: " + own.headline(),
                "Nobody noted where the shaft stood, so the two cannot be told apart",
                own.source(),
                "Surge again with the shaft angle noted, or with the rotor out.");
    }

    /** The newest set of each position that is known and apart from the others. */
    private static List<Position> apart(List<Position> positions) {
        List<Position> apart = new java.util.ArrayList<>();
        for (int i = positions.size() - 1; i >= 0; i--) {
            Position p = positions.get(i);
            if (p.angleDegrees().isPresent()
                    && apart.stream()
                            .noneMatch(a -> near(
                                    a.angleDegrees().orElseThrow(),
                                    p.angleDegrees().orElseThrow()))) {
                apart.add(p);
            }
        }
        return apart;
    }

    private static boolean near(double a, double b) {
        double d = Math.abs(a - b) % TURN_DEGREES;
        return Math.min(d, TURN_DEGREES - d) < APART_DEGREES;
    }
}
