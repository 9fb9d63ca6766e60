package app.brasskettle.core.redesign;

import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.winding.WindingResult;
import app.brasskettle.core.worksheet.InvalidInputException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A number of circuits and a span whose turns come nearer to a whole number.
 *
 * @param parallelCircuits circuits side by side in a phase
 * @param spanSlots coil pitch in slots
 * @param turnsPerCoil whole turns
 * @param fluxChangePercent what their rounding does to the flux
 */
public record NearerTurns(int parallelCircuits, int spanSlots, int turnsPerCoil, double fluxChangePercent) {

    private static final int SHOWN = 3;
    private static final double LEAST_OF_PITCH = 0.66;

    /** Lists the best few that move the flux less than {@code whole} does, circuits changed before span. */
    static List<NearerTurns> than(WholeTurns whole, WindingData old, WindingResult result, RedesignSheet sheet) {
        List<NearerTurns> found = new ArrayList<>();
        int most = GroupRing.mostCircuits(old.slots(), old.poles());
        int fullPitch = old.slots() / old.poles();
        for (int circuits = 1; circuits <= most; circuits++) {
            for (int span = (int) Math.ceil(LEAST_OF_PITCH * fullPitch); span <= fullPitch; span++) {
                with(sheet, circuits, span, old, result)
                        .filter(n -> Math.abs(n.fluxChangePercent()) < Math.abs(whole.fluxChangePercent()))
                        .ifPresent(found::add);
            }
        }
        return found.stream()
                .sorted(Comparator.comparingDouble(n -> Math.abs(n.fluxChangePercent())))
                .limit(SHOWN)
                .toList();
    }

    private static Optional<NearerTurns> with(
            RedesignSheet s, int circuits, int span, WindingData old, WindingResult result) {
        RedesignSheet other = new RedesignSheet(
                s.ratedVoltageV(),
                s.frequencyHz(),
                s.connection(),
                Optional.of(circuits),
                Optional.of(span),
                s.maxInHand(),
                s.tolerancePercent(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        try {
            WholeTurns turns = NewWinding.of(old, result, other).turns();
            return Optional.of(new NearerTurns(circuits, span, (int) turns.turns(), turns.fluxChangePercent()));
        } catch (InvalidInputException cannotBe) {
            // Not every number of circuits divides this winding.
            return Optional.empty();
        }
    }
}
