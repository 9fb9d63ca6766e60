package app.brasskettle.core.turningfield;

import app.brasskettle.core.worksheet.Asked;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * A bare stator on three phases at low voltage, before varnish.
 *
 * @param appliedVoltageV line voltage applied
 * @param lineCurrentsA current of each line
 * @param predictedCurrentA current of a line that the winding predicts at that voltage, where somebody computed it
 * @param places how a dummy rotor turned at each place of the bore, clockwise from the top; four or more
 * @param groupRisesK how much warmer each group got in some minutes, by number; empty while nobody felt them
 * @param countedSpansSlots the span counted on coils here and there, in slots
 * @param spanSlots the span the design asks for
 */
public record FieldReading(
        @Asked("voltage between lines") double appliedVoltageV,
        @Asked("current of each line") List<Double> lineCurrentsA,
        @Asked("current predicted") Optional<Double> predictedCurrentA,
        @Asked("dummy rotor by place") List<Place> places,
        @Asked("warmer, group by group") Optional<List<Double>> groupRisesK,
        @Asked("spans counted") Optional<List<Integer>> countedSpansSlots,
        Optional<Integer> spanSlots) {

    /** How a dummy rotor turns, against the way that the lines ask. */
    public enum Turned implements Coded {
        AS_THE_LINES,
        WEAKLY,
        NOT_AT_ALL,
        BACKWARD
    }

    /**
     * A place of the bore.
     *
     * @param turned how a dummy rotor turns there
     */
    public record Place(Turned turned) {

        public Place {
            Problems problems = new Problems();
            problems.present("turned", turned);
            problems.throwIfAny();
        }
    }

    private static final int FEWEST_PLACES = 4;
    private static final int MOST_PLACES = 120;
    private static final int MOST_GROUPS = 360;
    private static final int MOST_SPAN = 720;
    private static final double MOST_VOLTS = 1000;
    private static final double MOST_AMPERE = 100_000;

    public FieldReading {
        lineCurrentsA = Problems.copy(lineCurrentsA);
        predictedCurrentA = Problems.orEmpty(predictedCurrentA);
        places = Problems.copy(places);
        groupRisesK = Problems.orEmpty(groupRisesK).map(Problems::copy).filter(r -> !r.isEmpty());
        countedSpansSlots =
                Problems.orEmpty(countedSpansSlots).map(Problems::copy).filter(r -> !r.isEmpty());
        spanSlots = Problems.orEmpty(spanSlots);
        Problems problems = new Problems();
        problems.aboveTo("appliedVoltageV", appliedVoltageV, 0, MOST_VOLTS, "V");
        if (problems.size("lineCurrentsA", lineCurrentsA, 3, 3)) {
            for (int i = 0; i < 3; i++) {
                problems.notNegative("lineCurrentsA[" + i + "]", lineCurrentsA.get(i), "A");
            }
        }
        predictedCurrentA.ifPresent(a -> problems.aboveTo("predictedCurrentA", a, 0, MOST_AMPERE, "A"));
        problems.size("places", places, FEWEST_PLACES, MOST_PLACES);
        groupRisesK.ifPresent(rises -> {
            if (problems.size("groupRisesK", rises, 3, MOST_GROUPS)) {
                for (int i = 0; i < rises.size(); i++) {
                    problems.number("groupRisesK[" + i + "]", rises.get(i), "K");
                }
            }
        });
        countedSpansSlots.ifPresent(spans -> {
            if (problems.size("countedSpansSlots", spans, 1, MOST_SPAN)) {
                for (int i = 0; i < spans.size(); i++) {
                    problems.whole("countedSpansSlots[" + i + "]", spans.get(i), 1, MOST_SPAN, "slots");
                }
            }
        });
        spanSlots.ifPresent(s -> problems.whole("spanSlots", s, 1, MOST_SPAN, "slots"));
        problems.throwIfAny();
    }
}
